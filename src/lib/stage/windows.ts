import type { Marks } from './classroom.svelte';
import type { RoomNow } from '$lib/wire/follow';
import type { Moment, Wrong } from './moment';

/** What the teacher's own window shows beside the moment: the clock of the class, in seconds. */
export interface ClockShown {
	readonly isOn: boolean;
	readonly running: boolean;
	readonly seconds: number;
	readonly late: number;
}

/** The phones of an open class: where they come in, whether they are being asked in, and what they do. */
export interface PhonesShown {
	readonly code: string;
	readonly address: string;
	readonly asksIn: boolean;
	readonly room: RoomNow | null;
}

/** What is shown, for every window of a stage. */
export interface Shown {
	readonly moment: Moment;
	readonly clock: ClockShown;
	/** nothing while the class is not open to phones */
	readonly phones: PhonesShown | null;
	/** what is noted beside the part that is on */
	readonly marks: Marks;
}

/** What a second window may ask the stage to do. */
export type StageRequest = 'forward' | 'back' | 'next-part' | 'part-before' | 'tell' | 'blank' | 'answers';

type Message =
	| { readonly kind: 'hello' }
	| { readonly kind: 'asked'; readonly does: StageRequest }
	| { readonly kind: 'marked'; readonly part: string; readonly marks: Marks }
	| { readonly kind: 'wronged'; readonly wrong: Wrong | null }
	| ({ readonly kind: 'shown' } & Shown);

const channelOf = (lesson: string) => new BroadcastChannel(`pond-loop:stage:${lesson}`);

/** What a stage that leads does for the windows that follow it. */
interface AskedOfStage {
	readonly does: (what: StageRequest) => void;
	readonly mark: (part: string, marks: Marks) => void;
	readonly putWrong: (wrong: Wrong | null) => void;
}

/** The stage's end: tells every window what is shown, and hears what they ask. */
export function leadWindows(lesson: string, shown: () => Shown, { does, mark, putWrong }: AskedOfStage) {
	const channel = channelOf(lesson);
	const tell = () => channel.postMessage({ kind: 'shown', ...shown() } satisfies Message);
	channel.onmessage = ({ data }: MessageEvent<Message>) => {
		if (data.kind === 'hello') tell();
		if (data.kind === 'asked') does(data.does);
		if (data.kind === 'marked') mark(data.part, data.marks);
		if (data.kind === 'wronged') putWrong(data.wrong);
	};
	tell();
	return { tell, close: () => channel.close() };
}

/** A second window's end: hears what is shown, and asks. */
export function followStage(lesson: string, onshown: (shown: Shown) => void) {
	const channel = channelOf(lesson);
	channel.onmessage = ({ data }: MessageEvent<Message>) => {
		if (data.kind === 'shown') onshown(data);
	};
	channel.postMessage({ kind: 'hello' } satisfies Message);
	return {
		ask: (does: StageRequest) => channel.postMessage({ kind: 'asked', does } satisfies Message),
		mark: (part: string, marks: Marks) =>
			channel.postMessage({ kind: 'marked', part, marks } satisfies Message),
		putWrong: (wrong: Wrong | null) => channel.postMessage({ kind: 'wronged', wrong } satisfies Message),
		close: () => channel.close()
	};
}
