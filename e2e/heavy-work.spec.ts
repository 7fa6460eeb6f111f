import { randomUUID } from 'node:crypto';
import { expect, test } from './etappe.ts';

/** A job file of three thousand walls, each with something on it. */
function largeFile() {
  const note = 'As seen from the path. '.repeat(20).trim();
  return {
    format: 'etappe-job',
    version: 2,
    name: 'Three thousand walls',
    surfaces: Array.from({ length: 3000 }, (_, i) => ({
      id: `wall-${i}`,
      material: 'concrete',
      size: '3x2',
      note,
      findings: [{ id: `algae-${i}`, contaminant: 'green-algae', severity: 2, note }],
    })),
  };
}

test('while a large job file is read the others go on, and a faulty one is refused with a hundred of its faults', async ({
  etappe,
}) => {
  const post = async (file: object) => {
    const answer = await fetch(`${etappe.url}/api/v1/jobs/import`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id: randomUUID(), propertyId: randomUUID(), file }),
    });
    return { status: answer.status, text: await answer.text() };
  };
  const file = largeFile();
  const state = { isRead: false };
  const imported = post(file).finally(() => {
    state.isRead = true;
  });
  let meanwhile = 0;
  while (!state.isRead) {
    expect((await fetch(`${etappe.url}/api/v1/jobs`)).status).toBe(200);
    meanwhile += 1;
  }
  expect((await imported).status).toBe(201);
  // One thread would have answered the first of them only when it was done.
  expect(meanwhile).toBeGreaterThan(20);
  const faulty = await post({
    ...file,
    surfaces: file.surfaces.map((wall) => ({ ...wall, material: 'cheese' })),
  });
  expect(faulty.status).toBe(422);
  expect(faulty.text.length).toBeLessThan(65_536);
  expect((JSON.parse(faulty.text) as { faults: unknown[]; untold: number }).faults).toHaveLength(100);
});
