/** Paper that sheets are printed on, in millimetres, within the margins of `/print`. */
const PAPERS = {
	a4: { width: 210 - 2 * 15, height: 297 - 2 * 15 },
	letter: { width: 215.9 - 2 * 15.24, height: 279.4 - 2 * 15.24 }
} as const;

/** What is never torn apart by the end of a page. */
const WHOLE = 'header, h2, h3, figure, .steps li, tr, p, .room, section > ul > li, section > ol > li';

/** What stands on the sheet, from its top: in pixels, as it is laid out for paper. */
export interface Standing {
	readonly top: number;
	readonly bottom: number;
	/** it goes with what comes next */
	readonly leads: boolean;
	/** it begins a page */
	readonly own: boolean;
}

/**
 * How many pages hold what stands on a sheet, as browsers break it (CSS Fragmentation 3): what does not fit goes on the next
 * page whole, with the heading above it; what is longer than a page goes on over several.
 *
 * @param all in the order of the sheet
 * @param height of a page without its margins
 */
export function pagesFor(all: readonly Standing[], height: number): number {
	let [pages, from] = [1, 0];
	all.forEach(({ top, bottom, own }, i) => {
		if (own && top > from) [pages, from] = [pages + 1, top];
		if (bottom - from > height && top > from) {
			const head = all[i - 1];
			[pages, from] = [pages + 1, head?.leads && head.top > from ? head.top : top];
		}
		for (; bottom - from > height; from += height) pages++;
	});
	return pages;
}

/** How many pages a sheet takes that is shown on the page, once it is printed. */
export function pagesOf(article: HTMLElement, paper: keyof typeof PAPERS): number {
	const { width, height } = PAPERS[paper];
	const printed = article.cloneNode(true) as HTMLElement;
	printed.style.cssText = `position:absolute;visibility:hidden;left:-10000px;top:0;padding:0;margin:0;max-width:none;filter:none;width:${width}mm`;
	printed.setAttribute('aria-hidden', 'true');
	printed.inert = true;
	article.after(printed);
	const { top: start, width: pixels } = printed.getBoundingClientRect();
	const standing = [...printed.querySelectorAll(WHOLE)]
		.filter((one) => !one.parentElement!.closest(WHOLE))
		.map((one): Standing => {
			const { top, bottom } = one.getBoundingClientRect();
			return {
				...{ top: top - start, bottom: bottom - start, leads: /^H\d$/.test(one.tagName) },
				own: one.matches('section.own > :first-child')
			};
		});
	printed.remove();
	return pagesFor(standing, (height * pixels) / width);
}
