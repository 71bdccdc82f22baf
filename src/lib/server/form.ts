import { error } from '@sveltejs/kit';

/** The fields of a form that was sent, or the page that says that it was none. */
export async function formOf(request: Request): Promise<FormData> {
	try {
		return await request.formData();
	} catch {
		error(422, {
			code: 'unreadable',
			message: 'This is no form that can be read. Open the page and send it again.'
		});
	}
}
