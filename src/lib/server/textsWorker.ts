import { parentPort, workerData } from 'node:worker_threads';
import { asHtml, type Texts } from './texts';
import type { News } from './thread';

parentPort?.postMessage({ done: asHtml(workerData as Texts) } satisfies News<never, Texts>);
