import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { jobFileOf, readJobFile } from '@etappe/core';
import type { Survey } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { demoSurvey, freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { open, surveyIn } from '../test/opened-job.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());
const post = (path: string, body: object) => request(fresh.app).post(`/api/v1${path}`).send(body);

describe('a duplicate', () => {
  it('begins with the same findings under ids of their own', async () => {
    const first = await open(fresh, await fresh.demoJob());
    const id = uuidv7();
    expect((await post(`/jobs/${first.id}/copies`, { id, name: 'Again' })).status).toBe(201);
    const [before, now] = [surveyIn(first), surveyIn(await open(fresh, id))];
    const bare = (survey: Survey) => survey.findings.map(({ id: _, ...finding }) => finding);
    expect(bare(now)).toEqual(bare(before));
    expect(now.findings.map((f) => f.id)).not.toEqual(before.findings.map((f) => f.id));
    expect([now.job.name, now.job.start]).toEqual(['Again', null]);
  });
});

describe('a template', () => {
  it('is made of a job, begins another, and leaves its customer and dates behind', async () => {
    const template = uuidv7();
    const job = await fresh.demoJob();
    expect((await post('/templates', { id: template, name: 'Observatory', job })).status).toBe(201);
    expect((await request(fresh.app).get('/api/v1/templates')).body).toMatchObject({
      templates: [{ id: template, name: 'Observatory' }],
    });
    const id = uuidv7();
    const made = await post('/jobs', {
      id,
      propertyId: uuidv7(),
      template,
      job: { name: 'Other hill' },
      property: { customer: 'Hill Club' },
    });
    expect(made.status).toBe(201);
    const survey = surveyIn(await open(fresh, id));
    expect([survey.job.name, survey.property.customer, survey.job.start, survey.waterPoints]).toEqual([
      'Other hill',
      'Hill Club',
      null,
      [],
    ]);
    expect(survey.surfaces.length).toBe((await demoSurvey()).surfaces.length);
    expect((await request(fresh.app).delete(`/api/v1/templates/${template}`)).status).toBe(204);
    expect(
      (
        await post('/jobs', {
          id: uuidv7(),
          propertyId: uuidv7(),
          template,
          job: { name: 'x' },
          property: {},
        })
      ).status,
    ).toBe(404);
  });
});

describe('an import', () => {
  it('brings a whole job file in, and what is exported is what was brought in', async () => {
    const file = jobFileOf(await demoSurvey('tram-halt'));
    const id = uuidv7();
    expect((await post('/jobs/import', { id, propertyId: uuidv7(), file })).status).toBe(201);
    expect(jobFileOf(surveyIn(await open(fresh, id)))).toEqual(file);
  });

  it('that has faults names every one and leaves nothing behind', async () => {
    const file = { ...jobFileOf(await demoSurvey('tram-halt')), units: 'cubits', sides: [{ id: 'A' }] };
    const id = uuidv7();
    const answer = await post('/jobs/import', { id, propertyId: uuidv7(), file });
    expect(answer.status).toBe(422);
    const paths = (answer.body as { faults: { path: string }[] }).faults.map((f) => f.path);
    expect(paths).toEqual(expect.arrayContaining(['units', 'sides[0].id']));
    expect((await request(fresh.app).get(`/api/v1/jobs/${id}`)).status).toBe(404);
  });

  it('of three hundred surfaces comes whole', async () => {
    const surfaces = Array.from({ length: 300 }, (_, i) => ({
      id: `s-${i}`,
      material: 'concrete',
      size: '3x2',
      findings: [{ contaminant: 'lichen', severity: 2 }],
    }));
    const id = uuidv7();
    await post('/jobs/import', {
      id,
      propertyId: uuidv7(),
      file: { format: 'etappe-job', version: 1, surfaces },
    });
    expect(surveyIn(await open(fresh, id)).findings).toHaveLength(300);
  });
});

describe('a job file that was exported', () => {
  it('is read by the core as it is', async () => {
    const survey = surveyIn(await open(fresh, await fresh.demoJob()));
    const reading = readJobFile(jobFileOf(survey));
    expect(reading.ok && reading.survey).toEqual(survey);
  });
});
