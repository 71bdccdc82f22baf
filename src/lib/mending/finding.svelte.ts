import type { Crossing } from '$core/crossing/crossing';
import { agreeingWith, bestQuestion, looksAmong, thoughtOf, type Thought } from '$core/faults/diagnose';
import { looksOf, type Fault } from '$core/faults/fault';
import { clothState, foundState, isMended, mendScript, playMend, type MendState } from '$core/faults/mending';
import { leastMends, mendsOf, shortestWay, type Mend } from '$core/faults/mends';
import { asMeant, seenOf, SEEN_FIELDS, type MadeCloth, type Seen, type SeenField } from '$core/faults/seen';
import { bedSlipSteps, handSlipSteps } from '$core/faults/slipSteps';
import { MENDS } from '$core/faults/mend';
import { slipFacts } from '$core/faults/slip';
import { leastSaid, tellMend, tellMended } from '$core/faults/words';
import { faceOf } from '$core/crossing/work';
import { tellBed } from '$core/hands/bedSentence';
import { bedOf, type BedFrame, type BedMove } from '$core/hands/bed';
import type { Move } from '$core/hands/moves';
import { tell, type Told } from '$core/hands/sentence';
import { startOf, type HandState } from '$core/hands/state';
import type { Voice } from '$core/hands/voice';
import { mendMinutes } from '$core/planning/mendMinutes';
import type { Rates } from '$core/planning/rates';
import { unwrap } from '$core/result';
import { inBehind, inFront } from '$core/crossing/depth';
import { isBed, type Medium } from '$core/technique/medium';
import { handed, handsAt, seenBy } from '$core/ways/handed';
import type { ShownSteps } from '$core/teaching/showing';
import { bedWaysOf } from '$core/ways/bed';
import type { Level } from '$core/ways/cautions';
import { seenSaid } from './seenSaid';
import type { Trouble } from './trouble';

/** Whose cloth it is: which cross was meant, by which hands or at which bed. */
export interface Asked {
	/** as its name says it */
	readonly crossing: Crossing;
	readonly medium: Medium;
	/** the ways that were taught, where the others are out of the question */
	readonly ways?: readonly string[] | undefined;
	readonly voice: Voice;
	readonly level: Level;
	readonly rates: Rates;
	/** so few clothes that they are told apart at a glance; six unless it is said */
	readonly few?: number;
}

const FEW_LOOKS = 6;

/** What happened to a cloth: asked one question at a time until the cause is plain, and what mends it. */
export class Finding {
	#asked: () => Asked;
	#trouble: () => Trouble;
	#set: (trouble: Trouble) => void;

	/** @param trouble where what is known stands, and how it is put there: a page, or a stage with its windows */
	constructor(asked: () => Asked, trouble: () => Trouble, set: (trouble: Trouble) => void) {
		this.#asked = asked;
		this.#trouble = trouble;
		this.#set = set;
	}

	readonly asked = $derived.by(() => this.#asked());
	readonly trouble = $derived.by(() => this.#trouble());
	/** the machine or loom whose tools slipped; hands without */
	readonly bed = $derived(isBed(this.asked.medium) ? this.asked.medium : undefined);
	/** the hands that knitted it */
	readonly hands = $derived(handsAt(this.asked.voice, this.asked.medium));
	/** what is played for: the same words for the same cross, so that nothing is played anew at each step */
	readonly #thought = $derived(
		JSON.stringify({
			crossing: handed(this.asked.crossing, this.asked.voice, this.asked.medium).played,
			ids: this.asked.ways,
			medium: this.bed
		})
	);
	/** as it is played by these hands */
	readonly crossing = $derived((JSON.parse(this.#thought) as { crossing: Crossing }).crossing);
	readonly right = $derived(seenOf(this.crossing, asMeant(this.crossing), 0));
	readonly meant = $derived(clothState(this.crossing, asMeant(this.crossing), 0, 2));
	readonly #all = $derived.by(() => {
		const { crossing, ...thought } = JSON.parse(this.#thought) as Thought & { crossing: Crossing };
		return thoughtOf(crossing, thought);
	});
	/** one cause for each slip that can be made */
	readonly slips = $derived(
		this.#all.filter((one, i, all) => all.findIndex(({ slip }) => slip === one.slip) === i)
	);
	readonly causes = $derived(agreeingWith(this.#all, this.trouble.answers));
	/** causes that look alike, together */
	readonly looks = $derived(looksAmong(this.causes));
	readonly question = $derived(
		this.looks.length <= (this.asked.few ?? FEW_LOOKS)
			? null
			: bestQuestion(this.causes, this.trouble.answers, this.trouble.unseen)
	);
	readonly options = $derived.by(() => {
		const field = this.question;
		if (!field) return [];
		const values = distinct(this.causes.map(({ seen }) => seen[field]));
		// As it should be comes first.
		values.sort((a, b) => Number(b === this.right[field]) - Number(a === this.right[field]));
		return values.map((value) => {
			const as = value === this.right[field] ? null : this.#plainest(field, value);
			return {
				value,
				says: this.#said(field, value, as?.result ?? asMeant(this.crossing)),
				looks: as ? foundState(this.crossing, as, 2) : this.meant
			};
		});
	});
	readonly given = $derived(
		SEEN_FIELDS.flatMap((field) => {
			const value = this.trouble.answers[field];
			if (value === undefined) return [];
			const as = this.#all.find(({ seen }) => seen[field] === value)?.result ?? asMeant(this.crossing);
			return [{ field, says: this.#said(field, value, as) }];
		})
	);
	/** the cause that is looked at: the one that was chosen, or the only look that is left */
	readonly cause = $derived.by(() => {
		const { cause } = this.trouble;
		const chosen = cause && this.#all.find(({ slip, way }) => slip === cause.slip && way.id === cause.way);
		return chosen ?? (this.looks.length === 1 ? this.looks[0][0] : null);
	});
	/** other slips that look just like it, a cause for each, and whether what mends it mends them as well */
	readonly alike = $derived.by(() => {
		const { cause } = this;
		const isIt = ({ slip, way }: Fault) => slip === cause?.slip && way.id === cause.way.id;
		const look = looksAmong(this.#all).find((all) => all.some(isIt)) ?? [];
		const slips = distinct(look.map(({ slip }) => slip)).filter((slip) => slip !== cause?.slip);
		return slips.map((slip) => {
			const other = look.find((one) => one.slip === slip)!;
			return { cause: other, mended: this.#mendsSaid(other) === this.#mendsSaid(cause!) };
		});
	});
	readonly #found = $derived.by(() => {
		const { rows, at, width } = this.trouble;
		return { rows, at, width: Math.max(width, at - 1 + this.crossing.stitches) };
	});
	readonly #again = $derived.by(() =>
		this.bed ? bedWaysOf(this.crossing, this.bed)[0] : shortestWay(this.crossing)
	);
	readonly mends = $derived.by(() =>
		(this.cause ? this.#mendsOf(this.cause) : []).map((mend) => ({
			...mend,
			minutes: mendMinutes(mend, this.asked.level, this.asked.rates)
		}))
	);
	/** where mends cross over */
	readonly least = $derived(
		this.cause ? leastSaid(leastMends(this.crossing, this.cause, this.#found, this.#again)) : ''
	);
	/** the cloth as it is */
	readonly wrong = $derived(this.cause && foundState(this.crossing, this.cause, 2));
	/** what gives it away */
	readonly says = $derived(this.cause ? looksOf(this.crossing, this.cause, this.hands) : '');

	readonly #slip = $derived.by(() => {
		const { cause, crossing } = this;
		const { bed } = this;
		const { voice } = this.asked;
		if (!cause || this.trouble.view !== 'slip') return null;
		return bed ? bedSlipSteps(crossing, cause, bed) : handSlipSteps(crossing, cause, voice);
	});
	/** the hands that slipped, step by step */
	readonly slipShown = $derived.by((): ShownSteps | null => {
		const { bed } = this;
		const slip = this.#slip;
		if (!slip) return null;
		return bed
			? { kind: 'bed', medium: bed, script: slip as ReturnType<typeof bedSlipSteps> }
			: { kind: 'hand', script: slip as ReturnType<typeof handSlipSteps> };
	});
	/** the step at which the hands slip */
	readonly slipsAt = $derived(this.#slip?.slipsAt ?? null);
	readonly mend = $derived(this.mends.find(({ id }) => id === this.trouble.view) ?? null);
	readonly #mending = $derived.by(() => {
		const { mend, cause, crossing } = this;
		if (!mend || !cause) return null;
		const moves = mendScript(crossing, cause, mend, this.#found);
		const from = foundState(crossing, cause, this.#found.rows);
		return { moves, states: unwrap(playMend(crossing, from, moves, this.bed)) };
	});
	/** the cloth at this moment of the mend */
	readonly mendState = $derived.by((): MendState | null => this.#mending?.states[this.step] ?? null);
	/** the hands that cross again at this moment, where they do, and the move they make next */
	readonly crossingAgain = $derived.by(() => {
		const mending = this.#mending;
		const move = mending?.moves[this.step];
		if (!mending || move?.do !== 'cross') return null;
		const hands =
			mending.states[this.step].hands ??
			(this.bed ? bedOf(this.crossing.stitches) : startOf(this.crossing.stitches));
		return { hands, next: move.move };
	});
	/** the words of each step that is shown, and of the moment after the last */
	readonly told = $derived.by((): readonly Told[] => {
		const { cause } = this;
		if (!cause) return [];
		if (this.#slip) return this.#slip.told;
		if (this.#mending) return this.#tellMending(this.#mending);
		return [{ short: 'As it is', sentence: this.says, detail: slipFacts(cause.slip).did }];
	});
	readonly step = $derived.by(() => {
		const last = this.#slip ? this.#slip.told.length - 1 : this.#mending ? this.#mending.moves.length : 0;
		return Math.max(0, Math.min(this.trouble.step, last));
	});
	/** what the picture shows, for those who cannot see it */
	readonly alt = $derived.by(() => {
		const { cause, told, step } = this;
		if (!cause) return '';
		return `${this.mend ? MENDS[this.mend.id].name : slipFacts(cause.slip).name}, ${told[step].sentence}`;
	});

	/** What was seen, as an answer: as the fabric of these hands shows it, and how many lie in front counted from the whole order. */
	#said(field: SeenField, value: Seen[SeenField], { over }: Pick<MadeCloth, 'over'>): string {
		if (field === 'front') return seenSaid(field, inFront(over).length);
		if (field === 'behind') return seenSaid(field, inBehind(over).length);
		return seenSaid(field, seenBy({ [field]: value } as Partial<Seen>, this.hands)[field]!);
	}

	answer(field: SeenField, value: Seen[SeenField]): void {
		this.answerAll({ ...this.trouble.answers, [field]: value });
	}

	answerAll(answers: Trouble['answers']): void {
		this.#set({ ...this.trouble, answers, cause: null, view: 'cloth', step: 0 });
	}

	takeBack(field: SeenField): void {
		this.answerAll({ ...this.trouble.answers, [field]: undefined });
	}

	cannotSee(field: SeenField): void {
		this.#set({ ...this.trouble, unseen: [...this.trouble.unseen, field] });
	}

	begin(): void {
		this.#set({ ...this.trouble, answers: {}, unseen: [], cause: null, view: 'cloth', step: 0 });
	}

	/** Looks at a cause: its cloth first. */
	choose({ slip, way }: Fault): void {
		this.#set({ ...this.trouble, cause: { slip, way: way.id }, view: 'cloth', step: 0 });
	}

	/** Shows the cloth, the hands that slipped from just before it happens, or a mend from its beginning. */
	show(view: Trouble['view']): void {
		const { cause } = this;
		if (!cause) return;
		this.#set({ ...this.trouble, cause: { slip: cause.slip, way: cause.way.id }, view, step: 0 });
		if (view === 'slip') this.go(this.slipsAt ?? 0);
	}

	place(fields: Partial<Pick<Trouble, 'rows' | 'width' | 'at'>>): void {
		this.#set({ ...this.trouble, ...fields, step: 0 });
	}

	go(step: number): void {
		this.#set({ ...this.trouble, step: Math.max(0, Math.min(step, this.told.length - 1)) });
	}

	#mendsOf(cause: Fault): readonly Mend[] {
		const mends = mendsOf(this.crossing, cause, this.#found, this.#again);
		return mends.ok ? mends.value : [];
	}

	/** Which mends there are, and which of them restore the cross. */
	#mendsSaid = (cause: Fault): string =>
		this.#mendsOf(cause)
			.map(({ id, restores }) => `${id} ${restores}`)
			.join();

	/** Of the causes that show something, the one that shows nothing else. */
	#plainest(field: SeenField, value: Seen[SeenField]): Fault {
		const odd = ({ seen }: Fault) => SEEN_FIELDS.filter((one) => seen[one] !== this.right[one]).length;
		return this.causes
			.filter(({ seen }) => seen[field] === value)
			.reduce((best, one) => (odd(one) < odd(best) ? one : best));
	}

	#tellMending({
		moves,
		states
	}: {
		moves: ReturnType<typeof mendScript>;
		states: readonly MendState[];
	}): Told[] {
		const { crossing, mend, cause, bed } = this;
		const { voice } = this.asked;
		const purl = (stitch: number) => faceOf(crossing.work[crossing.order.indexOf(stitch)]) === 'purl';
		return [
			...moves.map((move, i): Told => {
				if (move.do !== 'cross') return tellMend(move, purl);
				const hands = states[i].hands;
				return bed
					? tellBed(move.move as BedMove, (hands ?? bedOf(crossing.stitches)) as BedFrame, bed)
					: tell(move.move as Move, (hands ?? startOf(crossing.stitches)) as HandState, voice);
			}),
			tellMended(isMended(crossing, cause!, states[states.length - 1]), mend!.id)
		];
	}
}

const distinct = <T>(list: readonly T[]): T[] => list.filter((one, i) => list.indexOf(one) === i);
