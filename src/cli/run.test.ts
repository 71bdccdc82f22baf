import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layered } from '../core/crossing/crossing';
import { groups } from '../core/crossing/groups';
import { bedWaysOf } from '../core/ways/bed';
import { anyCrossing } from '../../tests/support/arbitrary';
import { vectors, vectorTexts } from '../../tests/support/vectors';
import { run } from './run';
import { unwrap } from '../core/result';

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

const reads = vectors('read.json') as { good: ReadCase[]; bad: BadCase[] };
const ways = vectors('ways.json') as { ways: WayCase[]; play: { args: string[]; frames: object[] }[] };
const words = (args: string[]) => args.filter((arg) => arg !== 'read').join(' ');
const value = (args: string[]) => {
	const answer = unwrap(run(args));
	return answer as never;
};

function each<Case>(cases: Case[], name: (one: Case) => string, check: (one: Case) => void) {
	for (const one of cases) it(name(one), () => check(one));
}

describe('the vectors', () => {
	it.each(['read.json', 'ways.json', 'rows.json', 'printed.json', 'claims.json'])(
		'%s is the shared one',
		(name) => {
			const { ours, theirs } = vectorTexts(name);
			if (theirs !== null) expect(ours).toBe(theirs);
		}
	);
});

describe('read', () => {
	each(
		reads.good,
		({ args }) => words(args),
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
		({ args, error }) => expect(run(args)).toMatchObject({ ok: false, error: { code: error } })
	);
});

describe('ways', () => {
	each(
		ways.ways,
		({ args, way }) => `${args.join(' ')}: ${way}`,
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

describe('name and say', () => {
	const json = JSON.stringify({
		stitches: 4,
		order: [3, 4, 1, 2],
		over: [
			[3, 1],
			[3, 2],
			[4, 1],
			[4, 2]
		],
		work: ['k', 'k', 'k', 'k']
	});

	it('answer with the name in a school, and the written definition', () => {
		expect(value(['name', json, '--school', 'hold'])).toEqual({ name: 'C4B', exact: true });
		expect(value(['say', 'C4B', '--terms', 'uk'])).toMatchObject({
			ambiguous: true,
			crossing: { order: [3, 4, 1, 2] },
			text: 'sl next 2 sts to cn and hold at back, k2, k2 from cn'
		});
	});

	it.each([
		[['name', json]],
		[['name', '2/2 RC', '--school', 'over']],
		[['name', json, '--school', 'pond']],
		[['say', '2/2 RC', '--hand', 'both']]
	])('%j is unreadable', (args) => expect(run(args)).toMatchObject({ error: { code: 'unreadable' } }));
});

describe('machine and loom', () => {
	it('play on a bed of their own', () => {
		const {
			frames,
			agrees
		}: { frames: { bed: unknown; tools: unknown; order: unknown }[]; agrees: boolean } = value([
			...['play', '1/1 RC', 'machine-tools', '--medium', 'machine']
		]);
		expect(agrees).toBe(true);
		expect(frames.map(({ bed }) => bed)).toEqual([
			[1, 2],
			[null, 2],
			[null, null],
			[2, null],
			[2, 1],
			[2, 1]
		]);
		expect(frames[2].tools).toEqual({ a: { stitches: [1], at: null }, b: { stitches: [2], at: null } });
	});

	it('make every cross of two or three groups, and none of four', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 2, max: 4 } }),
				fc.constantFrom('machine' as const, 'loom' as const),
				(crossing, medium) => {
					const plain = { ...crossing, work: crossing.work.map(() => 'k' as const) };
					const ways = bedWaysOf(plain, medium);
					const moving = groups(plain).filter(([first]) => plain.over.flat().includes(first));
					if (plain.over.length > 0) expect(ways.length).toBe(moving.length <= 3 ? 1 : 0);
					for (const way of ways) expect([way.agrees, way.result.over]).toEqual([true, plain.over]);
				}
			)
		);
	});

	it.each([
		[
			'an empty place',
			[
				{ do: 'lift', tool: 'a', from: [1] },
				{ do: 'lift', tool: 'b', from: [1] }
			],
			2
		],
		[
			'a tool that is full',
			[
				{ do: 'lift', tool: 'a', from: [1] },
				{ do: 'lift', tool: 'a', from: [2] }
			],
			2
		],
		[
			'a place that is taken',
			[
				{ do: 'lift', tool: 'a', from: [1] },
				{ do: 'hang', tool: 'a', on: [2] }
			],
			2
		],
		['what nobody lifted', [{ do: 'hang', tool: 'a', on: [2] }], 1],
		[
			'parking at a machine',
			[
				{ do: 'lift', tool: 'a', from: [1] },
				{ do: 'park', tool: 'a', at: 'inside' }
			],
			2
		],
		['leaving a stitch on its tool', [{ do: 'lift', tool: 'a', from: [1] }], 1]
	])('refuse %s with the number of the move', (_, moves, at) => {
		const script = JSON.stringify({ stitches: 2, moves });
		expect(run(['play', '1/1 RC', script, '--medium', 'machine'])).toMatchObject({
			error: { code: 'conflict', at }
		});
	});

	it('take no purl, and say so', () => {
		expect(run(['ways', '2/2 RPC', '--medium', 'loom'])).toMatchObject({ error: { code: 'conflict' } });
	});
});

describe('found ways', () => {
	const wide = JSON.stringify(layered([4, 1, 3, 2], [2, 0, 3, 1], () => 'k'));
	const idsOf = (...args: string[]) => {
		const answer = run(args);
		return answer.ok
			? (answer.value as { ways: { id: string }[] }).ways.map(({ id }) => id)
			: answer.error.code;
	};

	it('are given where no named way fits, whatever the needles, or when asked for', () => {
		expect(idsOf('ways', wide)).toEqual(['found-1', 'found-2', 'found-3']);
		expect(idsOf('ways', wide, '--needles', '0')).toEqual(['found-1']);
		expect(idsOf('ways', '5/5 RC', '--needles', '0')).toEqual(['found-1']);
		expect(idsOf('ways', '1/1 RC', '--needles', '0')).not.toContain('found-1');
		expect(idsOf('ways', '1/1 RC', '--needles', '0', '--search')).toContain('found-1');
	});

	it('can be played by their id, also in brioche and with layers', () => {
		for (const args of [
			[wide, 'found-2'],
			['2/2 RC', 'found-1'],
			['3/3 LC', 'found-1', '--medium', 'double-front']
		])
			expect(run(['play', ...args])).toMatchObject({ ok: true, value: { agrees: true } });
		expect(run(['play', wide, 'found-9'])).toMatchObject({ error: { code: 'unreadable' } });
	});
});

describe('other media', () => {
	it('are said in their own words by “say”', () => {
		const text = (...args: string[]) => {
			const answer = run(['say', ...args]);
			return answer.ok ? (answer.value as { text: string }).text : answer.error.code;
		};
		expect(text('2/2 RC', '--medium', 'double', '--terms', 'uk')).toMatch(/2 pairs .* at back/);
		expect(text('1 over 1 right over left', '--medium', 'loom', '--parked', 'inside')).toContain('inside');
		expect(text('2/2 RPC', '--medium', 'loom')).toBe('conflict');
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
