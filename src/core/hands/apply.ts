import type { WorkWord } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import { isSlipped } from '../crossing/work';
import { yarnFor, type Move, type MoveOf } from './moves';
import { settle } from './settle';
import type { Cable, HandState, Held, Leg } from './state';

/** The state after a move, or a `conflict` in words that follow “Move 3: ”. */
export function apply(state: HandState, move: Move): Result<HandState> {
	if (state.reach && !['withdraw', 'pinch', 'yarn', 'hold'].includes(move.do))
		return fault('conflict', `the ${state.reach.needle} needle has reached in; withdraw the other one first`);
	switch (move.do) {
		case 'slip':
			return each(state, move.count, (now) => slip(now, move));
		case 'return':
			return giveBack(state, move);
		case 'hold':
			return hold(state, move);
		case 'work':
			return work(state, move);
		case 'drop':
			return drop(state, move);
		case 'let-go':
			return letGo(state, move);
		case 'reach':
			return reach(state, move);
		case 'withdraw':
			return withdraw(state, move);
		case 'catch':
			return catchLoose(state, move);
		case 'pinch':
			return good(state);
		case 'yarn':
			return good({ ...state, yarn: move.to });
	}
}

function each(
	state: HandState,
	count: number,
	once: (state: HandState) => Result<HandState>
): Result<HandState> {
	let now: Result<HandState> = good(state);
	for (let i = 0; i < count && now.ok; i++) now = once(now.value);
	return now;
}

function slip(state: HandState, move: MoveOf<'slip'>): Result<HandState> {
	const [stitch, ...rest] = state[move.from];
	if (stitch === undefined) return fault('conflict', `the ${move.from} needle has no stitch left to slip`);
	if (state.staying.includes(stitch))
		return fault('conflict', `stitch ${stitch} was worked and is still on; drop it first`);
	const moved = move.as === 'knit' ? turned(state, [stitch]) : state;
	const without = { ...moved, [move.from]: rest };
	if (move.to === 'left' || move.to === 'right')
		return settle(state, { ...without, [move.to]: [stitch, ...state[move.to]] }, [stitch]);
	const held = state.cables[move.to];
	if (held && held.at !== move.hold)
		return fault(
			'conflict',
			`the ${cableName(move.to)} is held at the ${held.at}; it takes more stitches only there`
		);
	const grown: Held = held
		? { ...held, stitches: [...held.stitches, stitch] }
		: { at: move.hold, stitches: [stitch], placed: state.placings + 1 };
	return settle(
		state,
		{ ...holding(without, move.to, grown), placings: Math.max(state.placings, grown.placed) },
		[stitch]
	);
}

function giveBack(state: HandState, { from, count, end }: MoveOf<'return'>): Result<HandState> {
	const held = state.cables[from];
	if (!held || held.stitches.length < count) return tooFew(state, from, count);
	const cut = end === 'near' ? count : held.stitches.length - count;
	const near = held.stitches.slice(0, cut);
	const far = held.stitches.slice(cut);
	const [back, kept] = end === 'near' ? [near, far] : [far, near];
	return settle(
		state,
		{ ...holding(state, from, { ...held, stitches: kept }), left: [...back, ...state.left] },
		back
	);
}

function hold(state: HandState, { needle, at }: MoveOf<'hold'>): Result<HandState> {
	const held = state.cables[needle];
	if (!held) return tooFew(state, needle, 1);
	const placed = state.placings + 1;
	return good({ ...holding(state, needle, { ...held, at, placed }), placings: placed });
}

function work(state: HandState, move: MoveOf<'work'>): Result<HandState> {
	if (move.from !== 'left') return workFromCable(state, move);
	const { stitches, at = 1, stay = false, behind = false, together = false } = move;
	if (at > 1 && (!stay || stitches.length > 1))
		return fault('conflict', 'a stitch further in is worked alone and stays on: one stitch, “stay”');
	if ((behind || together) && at === 1)
		return fault(
			'conflict',
			`“${behind ? 'behind' : 'together'}” is for a stitch further in, worked past the first or with it`
		);
	let now: Result<HandState> = good(state);
	stitches.forEach((word, i) => {
		if (!now.ok) return;
		const place = stay ? at - 1 + i : at - 1;
		const stitch = now.value.left[place];
		if (stitch === undefined) {
			now = fault('conflict', `the left needle has no stitch to work at place ${place + 1}`);
			return;
		}
		const left = stay ? now.value.left : now.value.left.slice(1);
		const staying = stay ? [...now.value.staying, stitch] : now.value.staying;
		now = comeOff(now.value, { left, staying }, stitch, word, behind ? 'behind' : 'front');
	});
	return now;
}

function workFromCable(state: HandState, move: Extract<MoveOf<'work'>, { from: Cable }>) {
	const { from, stitches, end, swing } = move;
	const held = state.cables[from];
	if (!held || held.stitches.length < stitches.length) return tooFew(state, from, stitches.length);
	if (!end !== !swing)
		return fault(
			'conflict',
			'working the far end first needs both “end” and the “swing” by which it passes, front or behind'
		);
	const worked = end
		? held.stitches.slice(-stitches.length).reverse()
		: held.stitches.slice(0, stitches.length);
	let start = state;
	if (swing === 'front') start = turned(state, worked);
	if (swing === 'behind') start = { ...state, wound: [...state.wound, ...worked] };
	let now: Result<HandState> = good(start);
	worked.forEach((stitch, i) => {
		if (!now.ok) return;
		const left = now.value.cables[from]!.stitches.filter((other) => other !== stitch);
		const { cables } = holding(now.value, from, { ...held, stitches: left });
		now = comeOff(now.value, { cables }, stitch, stitches[i], swing ?? null);
	});
	return now;
}

/** One stitch is worked and joins the right needle; the yarn and the leg used decide how it comes out. */
function comeOff(
	state: HandState,
	change: Partial<HandState>,
	stitch: number,
	word: WorkWord,
	pass: 'front' | 'behind' | null
): Result<HandState> {
	if (state.worked[stitch]) return fault('conflict', `stitch ${stitch} was already worked`);
	const needs = isSlipped(word) ? state.yarn : (yarnFor(word) ?? state.yarn);
	const twisted = !isSlipped(word) && (state.wound.includes(stitch) || usesShutLeg(state, stitch, word));
	const worked = state.worked.slice();
	worked[stitch] = { word, twisted };
	const after: HandState = {
		...state,
		...change,
		right: [stitch, ...state.right],
		order: [...state.order, stitch],
		worked,
		extraLoops: state.extraLoops + (needs === state.yarn ? 0 : 1),
		yarn: needs
	};
	return settle(state, after, [stitch], pass);
}

// With the right leg in front the front leg is open, with the left leg in front the back one is. A plain word means
// the leg that was open at the start, `tbl` always the back one.
function usesShutLeg(state: HandState, stitch: number, word: WorkWord): boolean {
	const mount = state.mounts[stitch];
	return word === 'ktbl' || word === 'ptbl' ? mount === 'right' : mount !== state.start[stitch];
}

function drop(state: HandState, { count }: MoveOf<'drop'>): Result<HandState> {
	const dropped = state.left.slice(0, count);
	const bare = dropped.find((stitch) => !state.staying.includes(stitch));
	if (dropped.length < count || bare !== undefined)
		return fault(
			'conflict',
			bare === undefined
				? `the left needle has fewer than ${count} stitches to drop`
				: `stitch ${bare} has not been worked and would be lost; only stitches worked with “stay” are dropped`
		);
	return good({
		...state,
		left: state.left.slice(count),
		staying: state.staying.filter((stitch) => !dropped.includes(stitch))
	});
}

function letGo(state: HandState, { count, at }: MoveOf<'let-go'>): Result<HandState> {
	const stitches = state.left.slice(0, count);
	if (stitches.length < count)
		return fault('conflict', `the left needle has fewer than ${count} stitches to let go`);
	const worked = stitches.find((stitch) => state.staying.includes(stitch));
	if (worked !== undefined)
		return fault('conflict', `stitch ${worked} was worked and is still on; drop it first`);
	const placed = state.placings + 1;
	return settle(
		state,
		{
			...state,
			left: state.left.slice(count),
			loose: [...state.loose, { at, stitches, placed }],
			placings: placed
		},
		stitches
	);
}

function reach(state: HandState, { needle, past, take, pass }: MoveOf<'reach'>): Result<HandState> {
	const other = needle === 'right' ? 'left' : 'right';
	if (state[other].length < past + take)
		return fault('conflict', `the ${other} needle has fewer than ${past + take} stitches to reach into`);
	if (state[other].slice(0, past + take).some((stitch) => state.staying.includes(stitch)))
		return fault('conflict', 'a stitch there was worked and is still on; drop it first');
	return good({ ...state, reach: { needle, past, take, pass } });
}

function withdraw(state: HandState, { needle, count }: MoveOf<'withdraw'>): Result<HandState> {
	const reached = state.reach;
	if (!reached || reached.needle === needle)
		return fault('conflict', `nothing has reached into the ${needle} needle, so its stitches would be lost`);
	if (count !== reached.past + reached.take)
		return fault(
			'conflict',
			`the ${needle} needle leaves the stitches passed and those taken, ${reached.past + reached.take} in all`
		);
	const passed = state[needle].slice(0, reached.past);
	const taken = state[needle].slice(reached.past, count);
	const placed = state.placings + 1;
	const loose: Held = {
		at: reached.pass === 'front' ? 'back' : 'front',
		// A holder is read from right to left: as the left needle's tip is, and the right needle's is not.
		stitches: needle === 'left' ? passed : [...passed].reverse(),
		placed
	};
	const after: HandState = {
		...state,
		[needle]: state[needle].slice(count),
		[reached.needle]: [...[...taken].reverse(), ...state[reached.needle]],
		loose: [...state.loose, loose],
		placings: placed,
		reach: null
	};
	return settle(after, after, [...passed, ...taken]);
}

function catchLoose(state: HandState, { needle, count, turned: turn }: MoveOf<'catch'>): Result<HandState> {
	const group = state.loose.at(-1);
	if (!group) return fault('conflict', 'nothing hangs loose to be caught');
	if (group.stitches.length !== count)
		return fault('conflict', `the whole loose group is caught at once: ${group.stitches.length} stitches`);
	const caught = needle === 'left' ? group.stitches : [...group.stitches].reverse();
	const mounted = turn ? turned(state, caught) : state;
	return settle(
		state,
		{ ...mounted, [needle]: [...caught, ...state[needle]], loose: state.loose.slice(0, -1) },
		caught
	);
}

function turned(state: HandState, stitches: readonly number[]): HandState {
	const other = (leg: Leg): Leg => (leg === 'right' ? 'left' : 'right');
	return {
		...state,
		mounts: state.mounts.map((leg, stitch) => (stitches.includes(stitch) ? other(leg) : leg))
	};
}

/** The state with something on a cable needle; one that holds nothing is laid down. */
function holding(state: HandState, name: Cable, held: Held): HandState {
	if (held.stitches.length > 0) return { ...state, cables: { ...state.cables, [name]: held } };
	const cables: Partial<Record<Cable, Held>> = {};
	for (const other in state.cables) if (other !== name) cables[other as Cable] = state.cables[other as Cable];
	return { ...state, cables };
}

const cableName = (cable: Cable) => (cable === 'cable1' ? 'cable needle' : `cable needle ${cable.slice(5)}`);

function tooFew(state: HandState, cable: Cable, count: number): Result<never> {
	const has = state.cables[cable]?.stitches.length ?? 0;
	return fault('conflict', `the ${cableName(cable)} has ${has} of the ${count} stitches asked for`);
}
