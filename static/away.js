// Lists the pages that this browser keeps, lessons on the teaching screen and swatches, by their titles.
document.getElementById('again').addEventListener('click', () => location.reload());
addEventListener('online', () => location.reload());

/** Each kind of page: its list, the line above it, and what that says where none is kept. */
const KINDS = [
	{
		path: /^\/lessons\/[0-9a-f-]{36}\/teach$/,
		list: document.getElementById('kept'),
		above: document.getElementById('stages'),
		none: 'Lessons that you open on the teaching screen in this browser. There are none yet.',
		unnamed: 'Untitled lesson'
	},
	{
		path: /^\/swatches\/[0-9a-f-]{36}$/,
		list: document.getElementById('kept-swatches'),
		above: document.getElementById('swatches'),
		none: 'Swatches that you open in this browser. There are none yet.',
		unnamed: 'Untitled swatch'
	}
];

for (const name of (await globalThis.caches?.keys()) ?? [])
	for (const request of await (await caches.open(name)).keys()) {
		const { pathname } = new URL(request.url);
		const kind = KINDS.find(({ path }) => path.test(pathname));
		if (!kind) continue;
		const page = await (await caches.match(request)).text();
		const title = new DOMParser().parseFromString(page, 'text/html').title.replace(/ ?· Pond Loop$/, '');
		const link = document.createElement('a');
		link.href = pathname;
		link.textContent = title || kind.unnamed;
		const entry = document.createElement('li');
		entry.append(link);
		kind.list.append(entry);
	}
for (const { list, above, none } of KINDS) if (list.childElementCount === 0) above.textContent = none;
