import text from '../../messages/en/rooms/ui.ftl';
import { room } from './room';

/** The words of pieces that many pages share. */
export const ui = room<'ui'>(text);
