import type { Voice } from '$core/hands/voice';
import type { Lesson } from '$core/lesson/lesson';
import { ratesWith } from '$core/planning/rates';
import type { SettingsHere } from '$lib/client/settings.svelte';
import { Finding, type Asked } from '$lib/mending/finding.svelte';
import { NO_TROUBLE } from '$lib/mending/trouble';
import type { Moment, Wrong } from './moment';

/** A stage as far as a wrong cloth concerns it. */
interface Held {
	readonly lesson: Lesson;
	readonly voice: Voice;
	readonly moment: Moment;
	putWrong: (wrong: Wrong) => void;
}

/** Wrong clothes that a teacher tells apart at a glance, while a class waits. */
const LOOKS_AT_ONCE = 12;

/** What is asked and found about the cloth that is held up on a stage; what is known of it stands in the stage's moment. */
export const findingOn = (stage: Held, settings: SettingsHere): Finding =>
	new Finding(
		() => askedOf(stage, stage.moment.wrong?.crossing, settings),
		() => stage.moment.wrong?.trouble ?? NO_TROUBLE,
		(trouble) => stage.moment.wrong && stage.putWrong({ ...stage.moment.wrong, trouble })
	);

/**
 * What is asked of a cloth of a lesson. Only the ways that the lesson shows are thought of, where it shows any.
 *
 * @param crossing what it should be, by its id; the lesson's first where nothing is said
 */
export function askedOf(
	{ lesson, voice }: Pick<Held, 'lesson' | 'voice'>,
	crossing: string | undefined,
	settings: SettingsHere
): Asked {
	const { medium, level, parts } = lesson;
	const taught = lesson.crossings.find(({ id }) => id === crossing) ?? lesson.crossings[0];
	const shown = parts.flatMap((part) =>
		part.kind === 'show' && part.crossing === taught.id ? [part.way] : []
	);
	return {
		crossing: taught.crossing,
		medium,
		ways: shown.length > 0 ? shown : undefined,
		voice,
		level,
		rates: ratesWith(settings.value.rates),
		few: LOOKS_AT_ONCE
	};
}
