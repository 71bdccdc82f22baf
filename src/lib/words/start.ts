import text from '../../messages/en/rooms/start.ftl';
import { room } from './room';

/** The words of the first page. */
export const start = room<'start'>(text);
