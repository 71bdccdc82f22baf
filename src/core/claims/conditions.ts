import { flippedFacts, type Facts } from './facts';
import { judged } from './judge';
import { saidOf, type Pick, type Said } from './said';

/** The facts as they would be if something said of them held; `null` where that is not to be had. */
export function assuming(said: Said, denied: boolean, facts: Facts, before: Pick | null): Facts | null {
	const wanted = !denied;
	return [facts, flippedFacts(facts)].find((one) => judged(said, one, before) === wanted) ?? null;
}

const NEUTRAL =
	/\b(?:rows?|rounds?|ready|done|time|reach|start|begin|finish|sure|comfortable|want|like|prefer|stuck|tired|hurts?|look|see|count|come|cable row|cross row|hands?)\b/;
const WRONGLY = /\b(?:wrong|other|opposite) (?:side|way|place)\b/;

/** The facts under a condition. */
export function meeting(condition: string, facts: Facts, before: Pick | null): Facts | null {
	const unless = /^unless\b/.test(condition);
	const body = condition
		.replace(/^with (.*?) (FRONT|BACK|BEHIND)\b/, '$1 is held $2')
		.replace(
			/^had (?=you|we|it|they)|^(?:if|when|whenever|once|unless|should|in case|provided(?: that)?|as long as|suppose) ?/,
			''
		);
	const said = saidOf(/^held\b/.test(body) ? `@H is ${body}` : body);
	if (said && said.said.kind !== 'spacing' && said.said.kind !== 'same')
		return assuming(said.said, said.denied !== unless, facts, before);
	if (WRONGLY.test(body)) return unless ? facts : flippedFacts(facts);
	return /^(?:when|whenever|once)\b/.test(condition) || NEUTRAL.test(body) ? facts : null;
}
