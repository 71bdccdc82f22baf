import { getDocument, GlobalWorkerOptions } from 'pdfjs-dist';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import { textOfPage } from '$core/formats/pageText';
import { fault, good, type Result } from '$core/result';

/** A page of a PDF as text; empty where it is only a picture. */
export interface PdfPage {
	readonly number: number;
	readonly text: string;
}

/** Most pages that are read, and the largest file, in bytes. */
const MOST_PAGES = 60;
const LARGEST = 30_000_000;

/** The text of a PDF, page by page, read in this browser. */
export async function pdfPages(file: File): Promise<Result<PdfPage[]>> {
	if (file.size > LARGEST)
		return fault('size', `“${file.name}” is larger than 30 MB. Bring in the pages that have the rows.`);
	GlobalWorkerOptions.workerSrc = workerUrl;
	const opening = getDocument({ data: new Uint8Array(await file.arrayBuffer()) });
	try {
		const pdf = await opening.promise;
		const pages: PdfPage[] = [];
		for (let number = 1; number <= Math.min(pdf.numPages, MOST_PAGES); number++) {
			const page = await pdf.getPage(number);
			const { items } = await page.getTextContent();
			const pieces = items.flatMap((item) =>
				'str' in item
					? [
							{
								text: item.str,
								x: item.transform[4],
								y: item.transform[5],
								width: item.width,
								height: item.height
							}
						]
					: []
			);
			pages.push({ number, text: textOfPage(pieces, page.getViewport({ scale: 1 }).width) });
		}
		return good(pages);
	} catch {
		return fault(
			'unreadable',
			`“${file.name}” cannot be opened: it is damaged, or locked by a password. Open it elsewhere, copy its rows and paste them.`
		);
	} finally {
		void opening.destroy();
	}
}
