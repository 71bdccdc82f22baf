import text from '../../messages/en/rooms/account.ftl';
import { room } from './room';

/** The words of signing in, and of the account. */
export const account = room<'account'>(text);
