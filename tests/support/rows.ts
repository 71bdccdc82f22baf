import { run } from '../../src/cli/run';
import type { Fabric } from '../../src/core/fabric/fabric';
import { unwrap } from '../../src/core/result';

/** What the command line answers to rows. */

export const answer = (text: string, ...args: string[]): Fabric =>
	unwrap(run(['rows', ...args], text)) as Fabric;

export const codes = (text: string) => answer(text).problems.map(({ code }) => code);

export const lastRow = (text: string) => answer(text).rows.at(-1)!;
