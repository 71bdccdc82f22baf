import text from '../../messages/en/rooms/key.ftl';
import { room } from './room';

/** The words of a pattern’s abbreviations. */
export const key = room<'key'>(text);
