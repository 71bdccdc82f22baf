import type { Handout } from '$core/handout/schema';
import { PRINT_TONES } from '$lib/drawing/printTones';

/** The colours of a sheet of paper, on screen and in every kind of file. */
export const PAPER = {
	white: '#ffffff',
	ink: PRINT_TONES.ink,
	/** lines between rows of a table, and around the pictures of steps */
	hairline: '#c9d2ca',
	/** lines to write on */
	rule: '#9aa8a2'
} as const;

/** How large a sheet is printed: compact ones have small pictures too. */
export type Print = 'usual' | 'large' | 'compact';
export const printOf = ({ large, compact }: Pick<Handout, 'large' | 'compact'>): Print =>
	large ? 'large' : compact ? 'compact' : 'usual';

/** How wide a step is at least, where a sheet is read. */
const STEP_WIDTH: Readonly<Record<Print, string>> = { usual: '17rem', large: '24rem', compact: '9rem' };

/** What the fonts of a sheet are called where it is read: files bring their own, the app has its own already. */
export interface Families {
	readonly serif: string;
	readonly mono: string;
}

const FILE_FAMILIES: Families = {
	serif: 'Literata',
	mono: 'Atkinson Hyperlegible Mono'
};

/**
 * How the blocks of a sheet look, as the rules of a style sheet: one look for the page and for files. Plain rules, as
 * readers of books take them; nothing is presumed of the lists, headings and pictures of the page around them.
 */
export const blockRules = ({ serif, mono }: Families, print: Print): string => `
h1,h2,h3{font-family:'${serif}',serif;line-height:1.2;font-weight:600;break-after:avoid}
h1{font-size:2em;margin:0 0 .2em}h2{font-size:1.4em;margin:1.6em 0 .4em}h3{font-size:1.1em}
header{border-bottom:2px solid ${PAPER.ink};margin-bottom:1em;padding-bottom:.4em}
p{margin:.4em 0}ul,ol{padding-left:1.3em;list-style:disc}ol{list-style:decimal}
b,strong,.after{font-weight:600}
figure{margin:.8em 0;break-inside:avoid}figcaption{font-size:.92em}
.beside{display:flex;gap:1.2em;align-items:end}.beside svg{flex:0 1 17em;min-width:0}
svg,img{max-width:100%;height:auto;display:block}
.steps{list-style:none;padding:0;display:grid;grid-template-columns:repeat(auto-fill,minmax(min(${STEP_WIDTH[print]},100%),1fr));gap:1.1rem 1.3rem;counter-reset:step}
.steps li{counter-increment:step;break-inside:avoid}
.steps svg{width:100%;border:1px solid ${PAPER.hairline};border-radius:8px;box-sizing:border-box}
.steps p::before{content:counter(step);display:inline-block;min-width:1.5em;margin-right:.5em;border:2px solid ${PAPER.ink};border-radius:50%;text-align:center;font-weight:700}
.saying{font:italic 1.1em '${serif}',serif}
code{font-family:'${mono}',monospace}
table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.35em .7em .35em 0;border-bottom:1px solid ${PAPER.hairline}}tr{break-inside:avoid}
.tally i{display:inline-block;width:1.05em;height:1.05em;margin:.15em;border:1.5px solid ${PAPER.ink};border-radius:3px}
.tally i:nth-child(10n){margin-right:.9em}
section.own{break-before:page}
.room div{height:2.1em;border-bottom:1px solid ${PAPER.rule}}
`;

/** How a sheet looks as a file, in one style sheet without anything from elsewhere. */
export const styleOf = (handout: Handout): string => `
@page{size:${handout.paper === 'a4' ? 'A4' : 'letter'};margin:16mm}
body{margin:0 auto;max-width:46rem;padding:1rem;color:${PAPER.ink};background:${PAPER.white};font:${{ usual: '1.05rem', large: '1.5rem', compact: '.9rem' }[printOf(handout)]}/1.5 'Atkinson Hyperlegible Next',sans-serif}
${blockRules(FILE_FAMILIES, printOf(handout))}`;
