import { readName } from '../../src/core/naming/read';
import { unwrap } from '../../src/core/result';

/** What a name is read as, or why it is not. */

export const crossingOf = (name: string) => unwrap(readName(name)).readings[0].crossing;

export const faultOf = (name: string, width?: number) => {
	const answer = readName(name, { width });
	return answer.ok ? null : answer.error;
};
