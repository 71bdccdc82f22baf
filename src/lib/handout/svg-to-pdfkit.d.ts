declare module 'svg-to-pdfkit' {
	/** Draws an SVG into a PDF document at a place of its page. */
	export default function svgToPdf(
		doc: PDFKit.PDFDocument,
		svg: string,
		x: number,
		y: number,
		options: {
			width: number;
			height: number;
			assumePt: boolean;
			fontCallback(family: string, bold: boolean, italic: boolean): string;
		}
	): void;
}
