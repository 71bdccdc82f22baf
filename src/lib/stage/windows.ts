import type { Moment } from './moment';

/** What the teacher's own window shows beside the moment: the clock of the class, in seconds. */
export interface ClockShown {
	readonly isOn: boolean;
	readonly running: boolean;
	readonly seconds: number;
	readonly late: number;
}

/** What a second window may ask the stage to do. */
export type StageRequest = 'forward' | 'back' | 'next-part' | 'part-before' | 'tell' | 'blank';

type Message =
	| { readonly kind: 'hello' }
	| { readonly kind: 'asked'; readonly does: StageRequest }
	| { readonly kind: 'shown'; readonly moment: Moment; readonly clock: ClockShown };

const channelOf = (lesson: string) => new BroadcastChannel(`pond-loop:stage:${lesson}`);

/** The stage's end: tells every window what is shown, and hears what they ask. */
export function leadWindows(
	lesson: string,
	shown: () => Omit<Message & { kind: 'shown' }, 'kind'>,
	does: (what: StageRequest) => void
) {
	const channel = channelOf(lesson);
	const tell = () => channel.postMessage({ kind: 'shown', ...shown() } satisfies Message);
	channel.onmessage = ({ data }: MessageEvent<Message>) => {
		if (data.kind === 'hello') tell();
		if (data.kind === 'asked') does(data.does);
	};
	tell();
	return { tell, close: () => channel.close() };
}

/** A second window's end: hears what is shown, and asks. */
export function followStage(lesson: string, onshown: (moment: Moment, clock: ClockShown) => void) {
	const channel = channelOf(lesson);
	channel.onmessage = ({ data }: MessageEvent<Message>) => {
		if (data.kind === 'shown') onshown(data.moment, data.clock);
	};
	channel.postMessage({ kind: 'hello' } satisfies Message);
	return {
		ask: (does: StageRequest) => channel.postMessage({ kind: 'asked', does } satisfies Message),
		close: () => channel.close()
	};
}
