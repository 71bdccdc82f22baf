import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Crossing } from '$core/crossing/crossing';
import { mirror, turnOver } from '$core/crossing/transform';
import { playBed } from '$core/hands/bed';
import { play } from '$core/hands/play';
import { startOf } from '$core/hands/state';
import { scriptSteps } from '$core/hands/steps';
import { bedWaysOf } from '$core/ways/bed';
import { waysOf } from '$core/ways/ways';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { bedGroundOf, bedLayoutOf } from './bed';
import { paintBed, toolSpan } from './paintBed';
import { crossPicture, paintCross, type CrossView } from './paintCross';
import { numberPlace, paintNumber, paintRail } from './paintRail';
import { paintParts } from './parts';
import { strand } from './paths';
import { circle, rectangle, rounded, TONES, type Pen, type Tone } from './pen';
import { SvgPen } from './pens';
import { PRINT_TONES } from './printTones';
import { groundOf, layoutOf, rolesOf } from './rail';
import { unwrap } from '$core/result';

const ROOM = { width: 944, height: 452, neighbours: 2 };

type Asked = {
	do: 'fill' | 'line' | 'hatch' | 'hatchLine' | 'text';
	what: string;
	tone?: Tone;
	width?: number;
};

/** What a painter asks of its pen, in order. */
function asked(paint: (pen: Pen) => void): Asked[] {
	const all: Asked[] = [];
	paint({
		fill: (what, tone) => void all.push({ do: 'fill', what, tone }),
		line: (what, tone, width) => void all.push({ do: 'line', what, tone, width }),
		hatch: (what) => void all.push({ do: 'hatch', what }),
		hatchLine: (what, width) => void all.push({ do: 'hatchLine', what, width }),
		text: (_x, _y, what, style) => void all.push({ do: 'text', what, tone: style?.tone })
	});
	return all;
}

function railOf(crossing: Crossing) {
	const ground = groundOf(crossing.stitches, ROOM);
	return waysOf(crossing).flatMap(({ moves }) => {
		const steps = scriptSteps(moves);
		const played = unwrap(play(crossing.stitches, steps));
		return played.states.map((state, i) => {
			const layout = layoutOf(state, ground, ROOM, 'right');
			const scene = {
				crossing,
				state,
				next: steps[i],
				layout,
				ground,
				width: ROOM.width,
				height: ROOM.height
			};
			return { scene, asked: asked((pen) => paintRail(pen, scene)) };
		});
	});
}

describe('the painted rail', () => {
	it('lays the strand of a stitch in front over that of every stitch it passes', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (crossing) => {
				for (const { scene, asked } of railOf(crossing)) {
					const { layout, ground } = scene;
					const at = (stitch: number) =>
						asked.findIndex(
							({ what }) =>
								what === strand(layout.loops[stitch], ground.columns[stitch], ground.clothTop, ground.scale)
						);
					for (const [front, behind] of crossing.over) expect(at(front)).toBeGreaterThan(at(behind));
				}
			}),
			{ numRuns: 6 }
		);
	});

	it('hatches what passes behind and nothing else, and gives no other thing the two colours', () => {
		fc.assert(
			fc.property(anyCrossing({ most: 8 }), (crossing) => {
				const state = startOf(crossing.stitches);
				const ground = groundOf(crossing.stitches, ROOM);
				const layout = layoutOf(state, ground, ROOM, 'left');
				const scene = { crossing, state, layout, ground, width: ROOM.width, height: ROOM.height };
				const all = asked((pen) => paintRail(pen, scene));
				const behind = rolesOf(crossing).filter((role) => role === 'behind' || role === 'both').length;
				// Two halves of a loop and a strand for each.
				expect(all.filter((one) => one.do === 'hatchLine')).toHaveLength(behind * 3);
				if (crossing.over.length === 0)
					expect(all.some(({ tone }) => tone?.startsWith('front') || tone?.startsWith('behind'))).toBe(false);
			}),
			{ numRuns: 60 }
		);
	});

	it('draws a cable needle between the two halves of what it holds', () => {
		const [crossing] = fc.sample(twoGroupCrossing, { numRuns: 1, seed: 4 });
		const held = railOf(crossing).filter(({ scene }) => Object.keys(scene.state.cables).length > 0);
		expect(held.length).toBeGreaterThan(0);
		for (const { asked } of held) {
			const steel = asked.findIndex(({ tone }) => tone === 'steel');
			expect(steel).toBeGreaterThan(0);
			expect(asked[steel + 1].tone).toBe('steel-edge');
		}
	});

	it('shows no long stitch where none was slipped, and a dotted line where one was', () => {
		const [{ scene }] = railOf(fc.sample(twoGroupCrossing, { numRuns: 1, seed: 9 })[0]);
		const usual = asked((pen) => paintRail(pen, scene)).length;
		expect(asked((pen) => paintRail(pen, { ...scene, long: [1, 2] }))).toHaveLength(usual + 2);
	});
});

describe('the painted cross', () => {
	const view: fc.Arbitrary<CrossView> = fc.record({
		side: fc.constantFrom('right', 'wrong'),
		from: fc.constantFrom('right', 'left'),
		numbers: fc.boolean()
	});

	it('has two numbers for each stitch, inside the picture, and the same on both sides', () => {
		fc.assert(
			fc.property(anyCrossing(), view, (crossing, chosen) => {
				const { discs, width, height } = crossPicture(crossing, chosen);
				expect(discs).toHaveLength(chosen.numbers ? 2 * crossing.stitches : 0);
				for (const { x, y, r } of discs) {
					expect(Math.min(x, y, width - x, height - y)).toBeGreaterThanOrEqual(r);
				}
				expect([...new Set(discs.map(({ number }) => number))].sort((a, b) => a - b)).toEqual(
					chosen.numbers ? crossing.order.map((_, i) => i + 1) : []
				);
			})
		);
	});

	it('is the same picture for the wrong side as for the right side of what is turned over', () => {
		fc.assert(
			fc.property(anyCrossing(), (crossing) => {
				const paths = (of: Crossing, side: 'right' | 'wrong') =>
					asked((pen) => paintCross(pen, crossPicture(of, { side, from: 'right', numbers: false })))
						// The ground between is the other face on the other side.
						.filter(({ tone }) => tone !== 'ground-line');
				expect(paths(crossing, 'wrong')).toEqual(paths(turnOver(crossing), 'right'));
			})
		);
	});

	it('keeps its size in the mirror', () => {
		fc.assert(
			fc.property(anyCrossing(), view, (crossing, chosen) => {
				const [one, other] = [crossing, mirror(crossing)].map((each) => crossPicture(each, chosen));
				expect([other.width, other.height]).toEqual([one.width, one.height]);
			})
		);
	});
});

describe('the painted bed', () => {
	it('shows every loop on its needle or its tool, at every step, of machine and loom', () => {
		const [crossing] = fc.sample(twoGroupCrossing, { numRuns: 1, seed: 2 });
		for (const medium of ['machine', 'loom'] as const) {
			const [{ moves }] = bedWaysOf(crossing, medium);
			const frames = unwrap(playBed(crossing.stitches, moves, medium));
			const ground = bedGroundOf(crossing.stitches, medium, ROOM);
			for (const frame of frames) {
				const loops = bedLayoutOf(frame, ground);
				const scene = { crossing, frame, medium, ground, loops, width: ROOM.width, height: ROOM.height };
				const all = asked((pen) => paintBed(pen, scene));
				const bodies = all.filter(
					({ tone, width }) => tone?.endsWith('-soft') && width === 8.5 * ground.scale
				);
				expect(bodies.length).toBe(2 * crossing.stitches);
				for (const { stitches } of Object.values(frame.tools)) {
					const { from, to } = toolSpan(stitches, loops, ground.scale);
					for (const stitch of stitches) {
						expect(loops[stitch].x).toBeGreaterThan(from);
						expect(loops[stitch].x).toBeLessThan(to);
					}
				}
			}
		}
	});
});

describe('pens', () => {
	it('write the same in the page as alone: one path for each stroke, in its order', () => {
		fc.assert(
			fc.property(anyCrossing({ most: 6 }), (crossing) => {
				const paint = (pen: Pen) =>
					paintCross(pen, crossPicture(crossing, { side: 'right', from: 'right', numbers: true }));
				const parts = paintParts('h', paint);
				const all = asked(paint);
				expect(parts.map(({ d }) => d)).toEqual(all.map(({ what }) => what));
				for (const [i, { fill, stroke }] of parts.entries()) {
					const { tone } = all[i];
					expect(fill ?? stroke).toBe(tone ? `var(${TONES[tone]})` : 'url(#h)');
				}
			}),
			{ numRuns: 30 }
		);
	});

	it('leave no mark of ours open in a text, and name their own hatching', () => {
		const pen = new SvgPen(PRINT_TONES, 'own');
		pen.text(1, 2, '<b>&"');
		pen.turned({ x: 0, y: 0, mirrored: true }, () => pen.hatch('M0 0h4v4Z'));
		const svg = pen.svg(10, 20, 'a < b & "c"');
		expect(svg).toContain('&lt;b>&amp;&quot;');
		expect(svg).toContain('<title>a &lt; b &amp; &quot;c&quot;</title>');
		expect(svg).toContain('<pattern id="own"');
		expect(svg).toContain(
			'<g transform="translate(0 0) scale(-1 1)"><path d="M0 0h4v4Z" fill="url(#own)"/></g>'
		);
		expect(new SvgPen(PRINT_TONES).svg(1, 1, '')).not.toContain('<pattern');
	});

	it('number a stitch in a filled disc in front, in a broken ring behind', () => {
		const number = (role: 'front' | 'behind' | 'still') =>
			asked((pen) => paintNumber(pen, 5, 5, 4, role, 7, 10));
		expect(number('front').map(({ tone }) => tone)).toEqual(['front', 'band-mid', 'on-front']);
		expect(number('behind').map(({ tone }) => tone)).toEqual(['band-mid', 'behind', 'behind']);
		expect(number('still').at(-1)).toMatchObject({ what: '7', tone: 'ink' });
		expect(numberPlace({ x: 3, y: 0 }, 1, 15)).toMatchObject({ x: 3, r: 16 });
	});

	it('close what they fill', () => {
		for (const path of [circle(5, 5, 2), rectangle(0, 0, 4, 3), rounded(0, 0, 8, 6, 2)])
			expect(path).toMatch(/^M.*Z$/);
		expect(rounded(1, 2, 8, 6, 2)).toBe(
			'M3 2h4a2 2 0 0 1 2 2v2a2 2 0 0 1 -2 2h-4a2 2 0 0 1 -2 -2v-2a2 2 0 0 1 2 -2Z'
		);
	});
});
