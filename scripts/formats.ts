import { writeFileSync } from 'node:fs';
import { CATALOGUE, catalogueMatrix, jobFileSchema } from '@etappe/core';

/** Writes what is published of the core anew: the JSON Schema of job files, and what the limits allow. */
function write(path: string, text: string): void {
  const url = new URL(`../docs/${path}`, import.meta.url);
  writeFileSync(url, text);
  process.stdout.write(`${url.pathname} written\n`);
}
write('formats/job-file.schema.json', `${JSON.stringify(jobFileSchema(), null, 2)}\n`);
write('catalogue-matrix.md', catalogueMatrix(CATALOGUE));
