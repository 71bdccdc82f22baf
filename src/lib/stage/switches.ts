import type { Lead } from './lead.svelte';

/** Something that is switched on the spot: its key, the cap it is shown on, what it does, and whether it is on. */
export interface StageSwitch {
	readonly key: string;
	readonly cap: string;
	readonly says: string;
	readonly run: () => void;
	readonly on: boolean;
}

/** What stands below the strip, each with its key: what a hand reaches for during class. */
export function switchesOf(lead: Lead, openBeside: () => void): StageSwitch[] {
	const { stage } = lead;
	const { moment, voice } = stage;
	return [
		{ key: 'r', cap: 'R', says: 'again', run: () => stage.again(), on: false },
		{ key: 'f', cap: 'F', says: 'wrong?', run: () => lead.wrong(), on: lead.asking },
		{ key: 'j', cap: 'J', says: 'phones', run: () => void lead.meet(), on: lead.meeting },
		{ key: 'i', cap: 'I', says: 'notes', run: openBeside, on: lead.beside },
		{ key: '.', cap: '.', says: 'blank', run: () => lead.ask('blank'), on: moment.blank },
		{
			key: 'y',
			cap: 'Y',
			says: voice.yarnHand === 'right' ? 'yarn left' : 'yarn right',
			run: () => stage.switchYarnHand(),
			on: false
		},
		{
			key: 'l',
			cap: 'L',
			says: voice.hand === 'right' ? 'left-handed' : 'right-handed',
			run: () => stage.switchHand(),
			on: false
		},
		{ key: 'w', cap: 'W', says: 'sides', run: () => lead.look('sides'), on: moment.look === 'sides' },
		{ key: 'm', cap: 'M', says: 'leans', run: () => lead.look('leans'), on: moment.look === 'leans' },
		{ key: 'n', cap: 'N', says: 'names', run: () => stage.switchSchool(), on: moment.school !== null },
		{
			key: 'g',
			cap: 'G',
			says: `${voice.terms === 'us' ? 'UK' : 'US'} words`,
			run: () => stage.switchTerms(),
			on: false
		},
		{
			key: 'o',
			cap: 'O',
			says: 'facing you',
			run: () => stage.set({ facing: !stage.moment.facing }),
			on: moment.facing
		},
		{ key: 'c', cap: 'C', says: 'timer', run: () => stage.countDown(Date.now()), on: false },
		{
			key: 'a',
			cap: 'A',
			says: 'by itself',
			run: () => (lead.byItself = !lead.byItself),
			on: lead.byItself
		},
		{ key: 'v', cap: 'V', says: 'aloud', run: () => (lead.aloud = !lead.aloud), on: lead.aloud }
	];
}
