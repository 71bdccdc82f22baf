import * as z from 'zod/mini';
import { CROSSING_FORMAT, crossingShape } from '../crossing/schema';
import { bedMovesShape, MOVES_FORMAT, movesShape } from '../hands/schema';
import { HANDOUT_FORMAT, handoutShape } from '../handout/schema';
import { KEY_FORMAT, keyShape } from './key';
import { PIECE_FORMAT, pieceShape } from '../measures/schema';
import { CLASS_FORMAT, classShape } from '../teaching/classRecord';
import { COURSE_FORMAT, courseShape } from '../planning/course';
import { LESSON_FORMAT, lessonShape } from '../lesson/schema';
import { LEARNERS_FORMAT, learnersShape } from '../practice/schema';
import { SWATCH_FORMAT, swatchShape } from '../swatch/schema';

const SHAPES: Readonly<Record<string, z.ZodMiniType>> = {
	[CROSSING_FORMAT]: crossingShape,
	[MOVES_FORMAT]: z.union([movesShape, bedMovesShape]),
	[LESSON_FORMAT]: lessonShape,
	[COURSE_FORMAT]: courseShape,
	[CLASS_FORMAT]: classShape,
	[PIECE_FORMAT]: pieceShape,
	[HANDOUT_FORMAT]: handoutShape,
	[KEY_FORMAT]: keyShape,
	[LEARNERS_FORMAT]: learnersShape,
	[SWATCH_FORMAT]: swatchShape
};

/** The JSON Schema of every open format, by the file it is published in. */
export function formatFiles(): Record<string, string> {
	return Object.fromEntries(
		Object.entries(SHAPES).map(([format, shape]) => {
			// That our values are never changed in place is no rule for those who write them.
			const schema = z.toJSONSchema(shape, {
				io: 'input',
				override: ({ jsonSchema }) => void delete jsonSchema.readOnly
			});
			return [fileOf(format), JSON.stringify({ title: format, ...schema }, null, 2) + '\n'];
		})
	);
}

/** `pond-loop/crossing@1` is published in `crossing-1.schema.json`. */
const fileOf = (format: string) => `${format.replace('pond-loop/', '').replace('@', '-')}.schema.json`;
