import pino from 'pino';
import { env } from '$env/dynamic/private';

/** One JSON object a line, to the file that `POND_LOG` names, else to standard output. */
export const log = env.POND_LOG ? pino(pino.destination(env.POND_LOG)) : pino();
