import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { workingOf } from '../fabric/fabric';
import { textOfUnits, unitsOf } from '../fabric/units';
import { unwrap } from '../result';
import { readPattern } from './pattern';
import {
	FACING_WORDS,
	OFFERED_WORDS,
	RUN_WORDS,
	runWord,
	SHORT_WAY,
	SINGLE_WORDS,
	singleWord
} from './vocabulary';
import { actionOf } from './word';

/** A row of these words, over as many stitches as they need, taken apart and written again. */
function writtenAgain(words: string, castOn: number): string {
	const { steps, fabric } = unwrap(
		workingOf(readPattern(`CO ${castOn}.\nRow 1 (RS): k to last 2 sts, pm, k2.\nRow 2: ${words}.`))
	);
	expect(fabric.problems).toEqual([]);
	return textOfUnits(unitsOf(steps[1]));
}

describe('words for runs', () => {
	const entry = fc.constantFrom(...RUN_WORDS);

	it('are read as they are written, in every spelling and number', () => {
		fc.assert(
			fc.property(entry, fc.integer({ min: 2, max: 60 }), ({ work, verbs, tails, run, one }, count) => {
				expect(actionOf(run(count))).toEqual({ do: 'work', word: work, reach: { count } });
				expect(actionOf(one)).toMatchObject({ do: 'work', word: work, reach: { count: 1 } });
				for (const verb of verbs)
					for (const tail of tails)
						expect(actionOf(`${verb} ${count} sts ${tail}`)).toEqual({
							do: 'work',
							word: work,
							reach: { count }
						});
			})
		);
	});

	it('come out of the cloth as they went in', () => {
		for (const { run } of RUN_WORDS) {
			expect(writtenAgain(`${run(3)}, pm, k5`, 8)).toContain(run(3));
			expect(writtenAgain(`${run(1)}, ${run(2)}, pm, k5`, 8)).toContain(run(3));
		}
	});

	it('turn over and back', () => {
		for (const { work, turned } of RUN_WORDS) expect(runWord(turned)?.turned).toBe(work);
	});

	it('do not say how many without a number', () => {
		expect([actionOf('knit sts'), actionOf('k stitches')]).toEqual([null, null]);
		expect(actionOf('knit st')).toMatchObject({ do: 'work', reach: { count: 1 } });
	});
});

describe('a word said in another way', () => {
	it.each([
		['sl 1 purlwise with yarn in front', 'sl1 wyif'],
		['slip the next 2 sts as if to purl', 'sl2'],
		['sl1p', 'sl1'],
		['s1', 'sl1'],
		['k the next 4 sts', 'k4'],
		['purl last 3 sts', 'p3'],
		['k into front and back of next st', 'kfb'],
		['kfb in next st', 'kfb'],
		['m1 purlwise', 'm1p'],
		['k until 2 sts rem', 'k to last 2 sts'],
		['k to within 2 sts of end', 'k to last 2 sts'],
		['knit the knit sts and purl the purl sts as they face you', 'as they face'],
		['cast off 2 sts', 'bo 2'],
		['w&t', 'turn']
	])('“%s” is “%s”', (spoken, plain) => expect(actionOf(spoken)).toEqual(actionOf(plain)));

	it('is slipped knitwise all the same, and stays as it is written', () => {
		expect(actionOf('sl 2 kwise')).toEqual({ do: 'work', word: 'sl', reach: { count: 2 }, own: true });
	});
});

describe('single words', () => {
	it('are read as themselves, in capitals as well', () => {
		for (const { word, does } of SINGLE_WORDS)
			expect([actionOf(word)?.do, actionOf(word.toUpperCase())?.do]).toEqual([does, does]);
	});

	it('turn into words there are, and those back into them', () => {
		for (const { word, turned } of SINGLE_WORDS) if (turned) expect(singleWord(turned)?.turned).toBe(word);
	});

	it('come out of the cloth as they went in', () => {
		for (const { word, does } of SINGLE_WORDS) {
			const behind = does === 'turn' ? '' : ', k to end';
			expect(writtenAgain(`k2, ${word}${behind}`, 8)).toContain(word);
		}
	});
});

describe('the vocabulary', () => {
	it('calls every word by a name of its own', () => {
		const names = [...RUN_WORDS, ...SINGLE_WORDS].map(({ aloud }) => aloud);
		const markers = SINGLE_WORDS.filter(({ does }) => does === 'marker').length;
		expect(new Set(names).size).toBeGreaterThanOrEqual(names.length - markers);
	});

	it('offers what can be read', () => {
		for (const word of OFFERED_WORDS.filter((one) => !/^rep/.test(one)))
			expect(actionOf(word.replace(/[()]/g, '')), word).not.toBeNull();
	});

	it('reads words that look at the cloth, to the end or so far', () => {
		for (const { word, also, how } of FACING_WORDS)
			for (const spelling of [word, ...also])
				for (const [rest, reach] of [
					['', { left: 0 }],
					[' 3', { count: 3 }],
					[' two sts', { count: 2 }],
					[' to last 2 sts', { left: 2 }]
				] as const)
					expect(actionOf(spelling + rest)).toEqual({ do: 'facing', how, reach });
	});

	it('knows a purl wrapped the short way', () => {
		expect(writtenAgain(`${SHORT_WAY}, k7`, 8)).toContain(SHORT_WAY);
	});

	it('has nothing for what a page may be named', () => {
		for (const strange of ['constructor', 'toString', '__proto__', 'k constructor', ''])
			expect(actionOf(strange)).toBeNull();
	});
});
