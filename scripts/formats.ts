import { writeFileSync } from 'node:fs';
import { jobFileSchema } from '@etappe/core';

/** Writes the published JSON Schema of job files anew from the checks that read them. */
const path = new URL('../docs/formats/job-file.schema.json', import.meta.url);
writeFileSync(path, `${JSON.stringify(jobFileSchema(), null, 2)}\n`);
process.stdout.write(`${path.pathname} written\n`);
