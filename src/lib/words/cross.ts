import text from '../../messages/en/rooms/cross.ftl';
import { room } from './room';

/** What is said of a cross, wherever it is shown. */
export const cross = room<'cross'>(text);
