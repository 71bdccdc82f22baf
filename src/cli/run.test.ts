import { describe, expect, it } from 'vitest';
import { vectors, vectorTexts } from '../../tests/support/vectors';
import { run } from './run';

interface ReadCase {
	args: string[];
	readings: object[];
	ambiguous: boolean;
}
interface BadCase {
	args: string[];
	error: string;
}
interface WayCase {
	args: string[];
	way: string;
	moves: object[];
	movements: number;
	mostLoose: number;
	result: object;
}

/** Cases that wait for the schools, media and ways that are not here yet, by their arguments. */
const LATER: Record<'good' | 'bad' | 'ways', string[]> = {
	good: [],
	bad: [],
	ways: [
		...['2/2 RC --medium machine: machine-tools', '1/1 LC --medium machine: machine-tools'],
		'1/1 RC --medium loom: loom-park'
	]
};

const reads = vectors('read.json') as { good: ReadCase[]; bad: BadCase[] };
const ways = vectors('ways.json') as { ways: WayCase[]; play: { args: string[]; frames: object[] }[] };
const words = (args: string[]) => args.filter((arg) => arg !== 'read').join(' ');
const value = (args: string[]) => {
	const answer = run(args);
	if (!answer.ok) throw new Error(answer.error.message);
	return answer.value as never;
};

/** Runs the cases that are within reach; one that waits must still fail, so that the list shrinks. */
function each<Case>(cases: Case[], name: (one: Case) => string, later: string[], check: (one: Case) => void) {
	const names = cases.map(name);
	it('waits only for cases that exist', () =>
		expect(later.filter((one) => !names.includes(one))).toEqual([]));
	for (const one of cases) {
		if (later.includes(name(one))) it.fails(`later: ${name(one)}`, () => check(one));
		else it(name(one), () => check(one));
	}
}

describe('the vectors', () => {
	it.each(['read.json', 'ways.json', 'rows.json'])('%s is the shared one', (name) => {
		const { ours, theirs } = vectorTexts(name);
		if (theirs !== null) expect(ours).toBe(theirs);
	});
});

describe('read', () => {
	each(
		reads.good,
		({ args }) => words(args),
		LATER.good,
		({ args, readings, ambiguous }) => {
			const answer: { ambiguous: boolean; readings: { crossing: object }[] } = value(args);
			expect(answer.ambiguous).toBe(ambiguous);
			expect(answer.readings.map(({ crossing }) => crossing)).toEqual(
				readings.map((reading) => ({ format: 'pond-loop/crossing@1', ...reading }))
			);
		}
	);
});

describe('read, of what it cannot take', () => {
	each(
		reads.bad,
		({ args }) => words(args),
		LATER.bad,
		({ args, error }) => expect(run(args)).toMatchObject({ ok: false, error: { code: error } })
	);
});

describe('ways', () => {
	each(
		ways.ways,
		({ args, way }) => `${args.join(' ')}: ${way}`,
		LATER.ways,
		({ args, way, ...wanted }) => {
			const answer: { ways: { id: string }[] } = value(['ways', ...args]);
			expect(answer.ways.find(({ id }) => id === way)).toMatchObject({ ...wanted, agrees: true });
		}
	);
});

describe('play', () => {
	each(
		ways.play,
		({ args }) => args.join(' '),
		[],
		({ args, frames }) => expect(value(['play', ...args])).toMatchObject({ frames, agrees: true })
	);

	it('plays a script given in JSON', () => {
		const moves = [
			{ do: 'slip', count: 1, from: 'left', to: 'cable1', hold: 'front' },
			{ do: 'work', from: 'left', stitches: ['k'] },
			{ do: 'work', from: 'cable1', stitches: ['k'] }
		];
		const script = JSON.stringify({ stitches: 2, moves });
		expect(value(['play', '1/1 LC', script])).toMatchObject({ agrees: true });
		expect(value(['play', '1/1 RC', script])).toMatchObject({ agrees: false, result: { over: [[1, 2]] } });
	});

	it('starts with the mounts it is given', () => {
		const { frames }: { frames: { mounts: string[] }[] } = value([
			'play',
			'1/1 RC',
			'cn-off',
			'--mounts',
			'left'
		]);
		expect(frames[0].mounts).toEqual(['left', 'left']);
	});
});

describe('what the command line cannot take', () => {
	it.each([
		[['marmalade']],
		[[]],
		[['read']],
		[['read', '2/2', 'RC']],
		[['read', '2/2 RC', '--colour', 'green']],
		[['read', '2/2 RC', '--width', 'four']],
		[['ways', '2/2 RC', '--level', 'expert']],
		[['play', '2/2 RC', 'by-magic']],
		[['play', '2/2 RC', '{"moves":']]
	])('%j is unreadable, with what to do', (args) => {
		const answer = run(args);
		expect(answer.ok ? null : answer.error.code).toBe('unreadable');
		expect(answer.ok ? '' : answer.error.message).toMatch(/\w{4}.+/);
	});
});
