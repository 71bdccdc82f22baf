import { build } from './lib/build.mjs';
import { refusing } from './lib/refusal.mjs';

await refusing(async () => build());
