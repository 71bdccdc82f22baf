import text from '../../messages/en/rooms/shell.ftl';
import { room } from './room';

/** The words of what frames every page. */
export const shell = room<'shell'>(text);
