import { writeFileSync } from 'node:fs';
import { IDS_FILE, idsOf } from './lib/messageIds.mjs';

writeFileSync(IDS_FILE, idsOf());
