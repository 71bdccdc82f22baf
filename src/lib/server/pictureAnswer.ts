/** A picture as it is sent: what its id stands for never changes, so it is asked for once. */
export const pictureAnswer = ({ type, bytes }: { readonly type: string; readonly bytes: Buffer }): Response =>
	new Response(new Uint8Array(bytes), {
		headers: {
			'content-type': type,
			'cache-control': 'private, max-age=31536000, immutable',
			'content-security-policy': "default-src 'none'"
		}
	});
