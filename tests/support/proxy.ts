import { connect, createServer, type AddressInfo, type Socket } from 'node:net';

/** A road to a server that can fall silent, as a mobile network does: nothing comes through any more, and nobody is told. */
export class Proxy {
	#silent = false;
	readonly #sockets = new Set<Socket>();
	readonly #server = createServer((near) => {
		const far = connect(this.port, '127.0.0.1');
		this.#pass(near, far);
		this.#pass(far, near);
	});

	private constructor(private readonly port: number) {}

	static async to(port: number): Promise<Proxy> {
		const proxy = new Proxy(port);
		await new Promise<void>((resolve) => proxy.#server.listen(0, '127.0.0.1', resolve));
		return proxy;
	}

	get address(): string {
		return `http://127.0.0.1:${(this.#server.address() as AddressInfo).port}`;
	}

	/** From now on nothing comes through, in lines that are open and in new ones; or all of it does again. */
	silence(silent: boolean): void {
		this.#silent = silent;
		// A phone that finds its network again opens new lines.
		if (!silent) this.#drop();
	}

	async end(): Promise<void> {
		this.#drop();
		await new Promise((resolve) => this.#server.close(resolve));
	}

	#pass(from: Socket, to: Socket): void {
		this.#sockets.add(from);
		from.on('data', (chunk) => {
			if (!this.#silent) to.write(chunk);
		});
		from.on('error', () => to.destroy());
		from.on('close', () => {
			this.#sockets.delete(from);
			to.destroy();
		});
	}

	#drop(): void {
		for (const socket of this.#sockets) socket.destroy();
	}
}
