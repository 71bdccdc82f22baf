import { ExternalTokenizer } from '@lezer/lr';
import { unclosed } from './parser.terms';

const NEWLINE = 10;

/** Ends a bracket that nobody closed where its line ends, so that it swallows no other. */
export const closing = new ExternalTokenizer((input) => {
	if (input.next === NEWLINE || input.next < 0) input.acceptToken(unclosed);
});
