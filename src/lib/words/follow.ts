import text from '../../messages/en/rooms/follow.ftl';
import { room } from './room';

/** The words of a class on a learner’s own phone. */
export const follow = room<'follow'>(text);
