// Lists the lessons that this browser keeps for the stage, by their titles.
document.getElementById('again').addEventListener('click', () => location.reload());
addEventListener('online', () => location.reload());

const list = document.getElementById('kept');
for (const name of (await globalThis.caches?.keys()) ?? [])
	for (const request of await (await caches.open(name)).keys()) {
		const { pathname } = new URL(request.url);
		if (!/^\/lessons\/[0-9a-f-]{36}\/stage$/.test(pathname)) continue;
		const page = await (await caches.match(request)).text();
		const title = new DOMParser().parseFromString(page, 'text/html').title.replace(/ ?· Pond Loop$/, '');
		const link = document.createElement('a');
		link.href = pathname;
		link.textContent = title || 'A lesson';
		const entry = document.createElement('li');
		entry.append(link);
		list.append(entry);
	}
if (list.childElementCount === 0)
	document.getElementById('stages').textContent =
		'Lessons that you open on the stage in this browser, from then on. None is kept yet.';
