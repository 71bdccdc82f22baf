import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { parseLesson } from '../formats/lesson';
import { play } from '../hands/play';
import { scriptSteps } from '../hands/steps';
import { draftLesson } from '../planning/draft';
import type { Lesson } from '../lesson/lesson';
import { handoutOf, partsHome } from './handout';
import { forSaid, type HandoutOptions } from './options';
import { handoutShape, type Block, type Handout, type Picture } from './schema';
import { unwrap } from '../result';

const demo = (() => {
	return unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
})();

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 (WS): k2, p4, k2.\nRow 3: p2, 2/2 RC, p2.\nRow 4: k2, p4, k2.\nRep rows 1-4 for pattern.';
const rope = (() => {
	const draft = unwrap(draftLesson({ swatch: ROPE, level: 'improver', minutes: 120 }));
	return draft.lesson;
})();

const blocks = ({ sections }: Handout): readonly Block[] => sections.flatMap((section) => section.blocks);
const pictures = (handout: Handout): Picture[] =>
	blocks(handout).flatMap((block) => {
		if (block.kind === 'figure') return block.pictures;
		if (block.kind === 'steps') return block.steps.map(({ picture }) => picture);
		return block.kind === 'picture-rows' ? block.rows.map(({ picture }) => picture) : [];
	});
const titles = (handout: Handout) => handout.sections.map(({ title }) => title);
const text = (handout: Handout) => JSON.stringify(handout);

const options: fc.Arbitrary<HandoutOptions> = fc.record(
	{
		paper: fc.constantFrom('a4', 'letter'),
		hand: fc.constantFrom('right', 'left'),
		keep: fc.constantFrom('words', 'fabric'),
		yarnHand: fc.constantFrom('right', 'left'),
		terms: fc.constantFrom('us', 'uk'),
		school: fc.constantFrom('over', 'hold', 'held', 'lean', 'words'),
		large: fc.boolean(),
		parts: fc.shuffledSubarray(demo.parts.map(({ id }) => id))
	},
	{ requiredKeys: [] }
);

describe('a handout', () => {
	it('is of its open shape, for every learner, with words for every picture', () => {
		fc.assert(
			fc.property(options, fc.constantFrom(demo, rope), (chosen, lesson) => {
				const handout = handoutOf(lesson, chosen);
				expect(handoutShape.safeParse(JSON.parse(JSON.stringify(handout))).success).toBe(true);
				for (const { alt } of pictures(handout)) expect(alt).not.toBe('');
				expect(new Set(handout.sections.map(({ id }) => id)).size).toBe(handout.sections.length);
			}),
			{ numRuns: 60 }
		);
	});

	it('has a picture for every step, and each is a moment of a script that makes the cross', () => {
		const handout = handoutOf(demo);
		const isFinishing = ({ picture }: { picture: Picture }) => picture.kind === 'finishing';
		const steps = blocks(handout).filter((block) => block.kind === 'steps');
		const made = steps.filter(({ steps: each }) => !each.every(isFinishing));
		expect(made).toHaveLength(3);
		for (const { steps: each } of made)
			each.forEach(({ picture }, i) => {
				if (picture.kind !== 'rail') throw new Error('no rail');
				expect(picture.step).toBe(i + 1);
				const played = unwrap(play(picture.crossing.stitches, scriptSteps(picture.moves)));
				expect(played.states).toHaveLength(each.length + 1);
				expect(played.made?.order).toEqual(picture.crossing.order);
			});
	});

	it('begins with what is needed and ends with key, slips, hands and room for notes', () => {
		expect(titles(handoutOf(demo))).toEqual([
			'What you need',
			'Numbered stitches: 3 4 1 2, leaning right',
			'Show 2/2 RC with a cable needle',
			'Knit it, three times',
			'Who lies in front?',
			'The same numbers, leaning left',
			'Show 2/2 LC with a cable needle',
			'Knit it, three times',
			'2/2 RC once more, without the needle',
			'Which way will it lean?',
			'To take home',
			'Rows: A strip to practise on',
			'Finishing',
			'Key',
			'If it looks like this',
			'Short words',
			'Until next time',
			'Your hands',
			'Room for notes',
			'Answers'
		]);
	});

	it('has its answers on a page of their own, behind all else', () => {
		const handout = handoutOf(demo);
		const last = handout.sections.at(-1)!;
		expect(last).toMatchObject({ id: 'answers', newPage: true });
		const question = demo.parts.find(({ kind }) => kind === 'check');
		if (question?.kind !== 'check') throw new Error('no question');
		expect(JSON.stringify(last)).toContain(question.answer.slice(0, 20));
		expect(JSON.stringify(handout.sections.slice(0, -1))).not.toContain('Answer:');
	});

	it('is short where it is compact: one sentence a step, no picture twice, nothing to write on', () => {
		const short = handoutOf(demo, { compact: true });
		expect(short.compact).toBe(true);
		expect(titles(short)).not.toContain('Room for notes');
		const pictures = blocks(short).flatMap((block) =>
			block.kind === 'figure' ? [JSON.stringify(block.pictures)] : []
		);
		expect(new Set(pictures).size).toBe(pictures.length);
		for (const block of blocks(short)) {
			expect(block.kind).not.toBe('room');
			if (block.kind === 'steps') expect(block.steps.every(({ detail }) => detail === '')).toBe(true);
		}
		// Large print and few pages go ill together: large wins.
		expect(handoutOf(demo, { compact: true, large: true })).toEqual(handoutOf(demo, { large: true }));
	});

	it('has the parts that were chosen, in their order', () => {
		const handout = handoutOf(demo, { parts: ['show-lc', 'see-rc', 'nothing'] });
		expect(titles(handout).slice(1, 3)).toEqual([
			'Show 2/2 LC with a cable needle',
			'Numbered stitches: 3 4 1 2, leaning right'
		]);
		expect(partsHome(demo, ['nothing'])).toEqual([]);
	});

	it('says in other names and words what the lesson says in its own', () => {
		const told = text(handoutOf(demo, { school: 'hold', terms: 'uk' }));
		expect(told).toContain('Show C4B with a cable needle');
		expect(told).toContain('hold them at the back');
		expect(told).not.toContain('hold them in back');
		// What other patterns call it is still there, the lesson's own name among them.
		expect(told).toContain('2/2 RC, C2B');
	});

	it('is another one for left hands: the same cloth by other holds, or the same words by mirrored cloth', () => {
		const hold = (chosen: HandoutOptions) => {
			const [first] = blocks(handoutOf(demo, chosen)).filter((block) => block.kind === 'steps');
			return first.steps[0].says;
		};
		expect(hold({})).toContain('in back');
		expect(hold({ hand: 'left', keep: 'fabric' })).toContain('in front');
		expect(hold({ hand: 'left', keep: 'words' })).toContain('in back');
		expect(forSaid({ hand: 'left', keep: 'words' })).toContain('leans the other way');
		expect(forSaid({ learner: 'Fern', large: true })).toBe('For Fern, large print');
		expect(forSaid({})).toBe('');
	});

	it('has the rows of a swatch once, as cloth, written, as pictures, with boxes to the wished length', () => {
		const handout = handoutOf(rope, { wishedMm: 100, rows: 28 });
		const section = handout.sections.filter(({ title }) => title.startsWith('Rows: '));
		expect(section).toHaveLength(1);
		expect(section[0].blocks.map(({ kind }) => kind)).toEqual(['figure', 'rows', 'picture-rows', 'tally']);
		const written = section[0].blocks[1];
		expect(written).toMatchObject({
			rows: [
				{ label: '', text: 'Cast on 8.' },
				{ label: 'Row 1, right side', text: 'p2, k4, p2' },
				{ label: 'Row 2, wrong side' },
				{ label: 'Row 3, right side', text: 'p2, 2/2 RC, p2' },
				{ label: 'Row 4, wrong side' },
				{ text: 'Go on with rows 1-4 to the wished length.' }
			]
		});
		// 28 rows are 10 cm, and a repeat has 4: seven boxes.
		expect(section[0].blocks[3]).toMatchObject({ boxes: 7, of: 'repeat' });
	});

	it('says how to finish what is knitted, once', () => {
		const unfinished = { ...rope, parts: rope.parts.filter(({ kind }) => kind !== 'finish') };
		expect(titles(handoutOf(unfinished)).filter((title) => title === 'Finishing')).toHaveLength(1);
		const told = {
			...rope,
			parts: [...rope.parts, { id: 'f', kind: 'finish' as const, title: 'At the end', minutes: 10 }]
		};
		expect(titles(handoutOf(told))).toContain('At the end');
		expect(titles(handoutOf(told))).not.toContain('Finishing');
		const talk = { ...demo, parts: demo.parts.filter(({ kind }) => kind !== 'practice'), swatches: [] };
		expect(titles(handoutOf(talk))).not.toContain('Finishing');
	});

	it('is made of any lesson, one without anything in it as well', () => {
		const bare: Lesson = {
			...demo,
			crossings: [],
			swatches: [],
			materials: [],
			parts: [],
			homework: undefined
		};
		expect(titles(handoutOf(bare))).toEqual(['Your hands', 'Room for notes']);
	});
});
