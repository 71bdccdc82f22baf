import type { Lesson } from '../lesson/lesson';
import { sayingOn } from './sayingOn';
import { retold } from '../telling/said';
import { showingOf } from '../teaching/showing';
import { sayIn } from '../ways/sayIn';
import { forSaid, tellingFor, voiceFor, type HandoutOptions } from './options';
import { crossPair, stepsOfPart } from './partSections';
import type { Block, Picture } from './schema';

/** One crossing for the wall: both sides of it, and every step. */
export interface Poster {
	readonly title: string;
	/** how it is written out, and for whom this is */
	readonly says: readonly string[];
	readonly cloth: readonly Picture[];
	readonly steps: Extract<Block, { kind: 'steps' }>;
	readonly by: string;
	readonly paper: 'a4' | 'letter';
}

/** The poster of a part that shows a crossing; `null` for any other part. */
export function posterOf(written: Lesson, part: string, options: HandoutOptions): Poster | null {
	const lesson = retold(written, tellingFor(options));
	const shown = lesson.parts.find(({ id }) => id === part);
	const voice = voiceFor(lesson, options);
	const seen = shown?.kind === 'show' ? showingOf(lesson, shown, voice) : null;
	if (shown?.kind !== 'show' || !seen?.shown) return null;
	const { taught } = seen;
	const saying = sayingOn(taught, voice);
	const said = sayIn(taught.crossing, lesson.medium, voice);
	return {
		title: taught.name,
		says: [said.ok ? said.value : '', saying ? `“${saying}”` : '', forSaid(options)].filter(Boolean),
		cloth: crossPair(seen, voice),
		steps: stepsOfPart(shown, seen, voice),
		by: options.by ?? '',
		paper: options.paper ?? 'a4'
	};
}
