import text from '../../messages/en/rooms/lesson.ftl';
import { room } from './room';

/** The words of lessons and their parts. */
export const lesson = room<'lesson'>(text);
