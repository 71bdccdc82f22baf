import type { Crossing } from '../crossing/crossing';
import { AT_THE_END } from '../lesson/change';
import type { Change, Part } from '../lesson/lesson';
import type { Way } from '../ways/ways';
import { shownMinutes, wholeMinutes } from './pace';
import type { Rates } from './rates';

/** The level of a lesson that is not known yet: a new one is for beginners. */
const LEVEL = 'beginner';
/** A way is shown once to be seen, and once more to be followed. */
const TIMES = 2;

/** The change that puts a crossing, made in one way, at the end of a lesson as a part to show. */
export const putWay = (
	newId: () => string,
	name: string,
	crossing: Crossing,
	way: Pick<Way, 'id' | 'title' | 'movements'>,
	rates: Rates
): Change =>
	put(newId, name, crossing, {
		kind: 'show',
		title: `Show ${name}: ${way.title[0].toLowerCase()}${way.title.slice(1)}`,
		minutes: wholeMinutes(shownMinutes({ movements: way.movements, times: TIMES }, LEVEL, rates)),
		times: TIMES,
		way: way.id
	});

/** The change that puts a crossing at the end of a lesson as a numbered picture: for what no hands on needles make. */
export const putPicture = (
	newId: () => string,
	name: string,
	crossing: Crossing,
	where: string,
	rates: Rates
): Change =>
	put(newId, name, crossing, {
		kind: 'picture',
		title: `${name}, ${where}`,
		minutes: wholeMinutes(rates.talk[LEVEL])
	});

type Unplaced<Kind extends Part['kind']> = Omit<Extract<Part, { kind: Kind }>, 'id' | 'crossing'>;

function put(
	newId: () => string,
	name: string,
	crossing: Crossing,
	part: Unplaced<'show'> | Unplaced<'picture'>
): Change {
	const [id, taught] = [newId(), newId()];
	return {
		kind: 'add-part',
		part: { ...part, id, crossing: taught },
		after: AT_THE_END,
		teaches: { id: taught, name, crossing }
	};
}
