import { mkdirSync, writeFileSync } from 'node:fs';
import { formatFiles } from '../core/formats/schemas';

/** Writes the JSON Schemas of the open formats into `docs/formats/`, from the shapes that the program itself uses. */
const folder = new URL('../../docs/formats/', import.meta.url);
mkdirSync(folder, { recursive: true });
for (const [file, text] of Object.entries(formatFiles())) writeFileSync(new URL(file, folder), text);
