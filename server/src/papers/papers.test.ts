import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import {
  CATALOGUE,
  PAPERS_OF_PLAN,
  answerFault,
  companyHandbookSchema,
  crewOrder,
  orderPaper,
  orderPdfSchema,
  picturesIn,
  plan,
} from '@etappe/core';
import type { CompanyHandbook, KeptPhoto, OrderPdf, Paper, Plan, SheetSize, Survey } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { demoSurvey, freshApp, issuedNumber } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { connect } from '../database/connection.ts';
import { orderWordings } from '../languages/order-wordings.ts';
import { orderPapers } from '../languages/paper-in-languages.ts';
import { orderPdfsStore } from './order-pdfs-store.ts';
import { canWrite, fontRuns } from './paper-fonts.ts';
import { pagesOf, paperPdf } from './paper-pdf.ts';
import type { PdfMaker } from './pdf-maker.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 20 };
const folder = mkdtempSync(join(tmpdir(), '.etappe-pdf-'));
let fails = false;
const maker: PdfMaker = {
  make: (paper, size, pictures) =>
    fails ? Promise.reject(new Error('out of paper')) : paperPdf(paper, size, pictures),
  stop: () => undefined,
};
let fresh: FreshApp;
let survey: Survey;
/** The same of a company that has written all of itself, as it ships. */
let written: Survey;
let made: Plan;
beforeAll(async () => {
  fresh = await freshApp(undefined, maker);
  survey = await demoSurvey();
  const handbook = await readFile(new URL('../../../demo/handbook.json', import.meta.url), 'utf8');
  const shipped = companyHandbookSchema.validate(JSON.parse(handbook), { convert: false });
  written = { ...survey, handbook: shipped.value as CompanyHandbook };
  made = plan(survey, OPTIONS);
});
afterAll(async () => {
  await fresh.close();
  rmSync(folder, { recursive: true });
});

/** Each page as it reads, by poppler. */
function pagesIn(pdf: Buffer): readonly string[] {
  const path = join(folder, `${uuidv7()}.pdf`);
  writeFileSync(path, pdf);
  const { stdout, status } = spawnSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
  expect(status).toBe(0);
  return stdout.split('\f').slice(0, -1);
}

const issue = (job: string) => issuedNumber(fresh, job, made);
const stateOf = async (job: string, number: number): Promise<OrderPdf> => {
  const answer = await request(fresh.app).get(`/api/v1/jobs/${job}/orders/${number}/pdf`);
  expect(answerFault(orderPdfSchema, answer.body)).toBeNull();
  return answer.body as OrderPdf;
};

describe('the PDF of an order', () => {
  it('is asked for with the order, made after it, and kept under its hash', async () => {
    const job = await fresh.demoJob();
    const number = await issue(job);
    await fresh.stores.orderPdfs.wake();
    const state = await stateOf(job, number);
    const file = await request(fresh.app).get(`/api/v1/jobs/${job}/orders/${number}/pdf/file`).buffer(true);
    const pdf = file.body as Buffer;
    expect(file.headers['content-type']).toBe('application/pdf');
    expect(state).toMatchObject({
      state: 'made',
      file: { bytes: pdf.length, sha256: createHash('sha256').update(pdf).digest('hex') },
    });
    expect(await stateOf(job, number)).toEqual(state);
    expect(pagesIn(pdf)[0]).toMatch(new RegExp(`Order No\\. ${number}`));
  });

  it('that cannot be made is told with why, and tried again by whoever asks again', async () => {
    const job = await fresh.demoJob('tram-halt');
    made = plan(await demoSurvey('tram-halt'), OPTIONS);
    fails = true;
    const number = await issue(job);
    await fresh.stores.orderPdfs.wake();
    expect(await stateOf(job, number)).toEqual({ state: 'failed', why: 'out of paper', file: null });
    fails = false;
    expect(await stateOf(job, number)).toMatchObject({ state: 'making' });
    const none = await request(fresh.app).get(`/api/v1/jobs/${job}/orders/${number + 100}/pdf`);
    expect(none.status).toBe(404);
    await fresh.stores.orderPdfs.wake();
    expect(await stateOf(job, number)).toMatchObject({ state: 'made' });
    made = plan(survey, OPTIONS);
  });

  it('waits where the database is away, and ends nothing by that', async () => {
    const database = connect('postgres://nobody@127.0.0.1:1/none');
    const papers = orderPapers(orderWordings(database, null), null);
    await expect(
      orderPdfsStore(database, fresh.stores.photos, papers, maker).wake(),
    ).resolves.toBeUndefined();
    await database.destroy();
  });

  it.each<[SheetSize, number]>([
    ['A4', 10],
    ['LETTER', 10],
  ])('of the demo takes on %s no more than %d sheets beside its labels, one for all', async (size, most) => {
    const pages = pagesIn(await paperPdf(orderPaper(crewOrder(plan(written, OPTIONS), written), 12), size));
    expect(pages.length).toBeLessThanOrEqual(most + 1);
    expect(pages[1]).toMatch(/^\s+Ada$/m);
    pages.forEach((page, i) => {
      expect(page).toContain('Hill observatory, spring clean · Order No. 12');
      expect(page).toContain(`Page ${i + 1} of ${pages.length}`);
    });
    const withRounds = pages.filter((page) => /^\s*\d\d:\d\d–\d\d:\d\d /m.test(page));
    for (const page of withRounds) expect(page).toMatch(/^\s+(Ada|Bo|Cleo)$/m);
    expect(withRounds.length).toBeGreaterThan(4);
  });

  it.each(['lock-cottage', 'tram-halt'])('of %s flows on three sheets and one of labels', async (name) => {
    const small = await demoSurvey(name);
    const pages = pagesIn(await paperPdf(orderPaper(crewOrder(plan(small, OPTIONS), small), 1), 'A4'));
    expect(pages.length).toBeLessThanOrEqual(4);
  });
});

describe('papers', () => {
  it('to hang up or read out take one sheet, and a proposal three at most', async () => {
    for (const name of ['hill-observatory', 'lock-cottage']) {
      const own = await demoSurvey(name);
      const its = plan(own, OPTIONS);
      const sheets = async (paper: Paper) => pagesOf(await paperPdf(paper, 'A4'));
      for (const kind of ['neighbour-notice', 'windscreen-notice', 'toolbox-talk'] as const)
        expect([kind, await sheets(PAPERS_OF_PLAN[kind](its, own))]).toEqual([kind, 1]);
      expect(await sheets(PAPERS_OF_PLAN.proposal(its, own))).toBeLessThanOrEqual(3);
    }
  });

  it('are printed as they are sent, with all their fonts in them', async () => {
    const paper = PAPERS_OF_PLAN['method-statement'](made, survey);
    const answer = await request(fresh.app).post('/api/v1/papers/A4').send(paper).buffer(true);
    expect([answer.status, answer.headers['content-type']]).toEqual([200, 'application/pdf']);
    const text = pagesIn(answer.body as Buffer).join('\n');
    expect(text).toContain('Method statement and risk assessment');
    const path = join(folder, 'fonts.pdf');
    writeFileSync(path, answer.body as Buffer);
    const fonts = spawnSync('pdffonts', [path], { encoding: 'utf8' }).stdout.split('\n').slice(2, -1);
    expect(fonts.length).toBeGreaterThan(1);
    for (const font of fonts) expect(font).toMatch(/ yes yes yes /);
  });

  it('show the logo and what was photographed, of those pictures that are kept here', async () => {
    const photo = await request(fresh.app)
      .post('/api/v1/photos')
      .attach('photo', fileURLToPath(new URL('../../../demo/photos/drum-north.jpg', import.meta.url)));
    expect(photo.status).toBe(201);
    const { sha256, widthPixels, heightPixels } = photo.body as KeptPhoto;
    const paper = PAPERS_OF_PLAN.proposal(made, survey);
    expect(picturesIn(paper)).toContain(sha256);
    expect(picturesIn(paper).length).toBeGreaterThan(1);
    const printed = async (own: Paper) => {
      const answer = await request(fresh.app).post('/api/v1/papers/A4').send(own).buffer(true);
      const path = join(folder, `${uuidv7()}.pdf`);
      writeFileSync(path, answer.body as Buffer);
      const { stdout } = spawnSync('pdfimages', ['-list', path], { encoding: 'utf8' });
      return { images: stdout.trim().split('\n').slice(2), text: pagesIn(answer.body as Buffer).join('\n') };
    };
    const plain = await printed(paper);
    expect(plain.images).toHaveLength(1);
    expect(plain.text).toContain('Drum wall from the path. Rust below the window');
    expect(plain.text).not.toContain('Garage wall from the lane');
    const logo = { sha256, widthPixels, heightPixels };
    expect((await printed({ ...paper, logo })).images.length).toBeGreaterThanOrEqual(1);
    expect((await printed({ ...paper, logo, parts: [] })).images).toHaveLength(1);
  });

  it('are mailed as a file that any mail program opens, with the paper attached', async () => {
    const paper = PAPERS_OF_PLAN['neighbour-notice'](made, survey);
    const mail = {
      paper,
      to: 'office@observatory.example',
      subject: 'Notice, north side',
      text: 'See attached.',
    };
    const answer = await request(fresh.app).post('/api/v1/papers/A4/mail').send(mail).responseType('blob');
    const written = String(answer.body);
    expect([answer.status, answer.headers['content-type']]).toEqual([
      200,
      expect.stringMatching(/^message\/rfc822/),
    ]);
    expect(written).toMatch(/^To: office@observatory\.example$/m);
    expect(written).toMatch(/^Subject: Notice, north side$/m);
    expect(written).toMatch(/^X-Unsent: 1$/m);
    const [, attached = ''] = /filename=neighbour-notice\.pdf\r\n\r\n([\s\S]+?)\r\n-{2}/.exec(written) ?? [];
    expect(pagesIn(Buffer.from(attached, 'base64'))[0]).toContain('Dear neighbours,');
    expect(readdirSync(fresh.photoFolder).filter((name) => name.endsWith('.eml'))).toHaveLength(1);
    const nobody = await request(fresh.app)
      .post('/api/v1/papers/A4/mail')
      .send({ ...mail, to: 'nobody' });
    expect([nobody.status, (nobody.body as { detail: string }).detail]).toEqual([
      422,
      expect.stringMatching(/^to: /),
    ]);
  });

  it('that are none are refused with what is wrong', async () => {
    const paper = PAPERS_OF_PLAN['neighbour-notice'](made, survey);
    const wrong = await request(fresh.app)
      .post('/api/v1/papers/A4')
      .send({ ...paper, kind: 'poster' });
    expect([wrong.status, (wrong.body as { detail: string }).detail]).toEqual([
      422,
      expect.stringMatching(/^kind: /),
    ]);
    expect((await request(fresh.app).post('/api/v1/papers/A0').send(paper)).status).toBe(422);
  });

  it('hold what somebody typed as words, whatever it looks like', async () => {
    const paper = PAPERS_OF_PLAN['neighbour-notice'](made, survey);
    const odd = '</text><image href="file:///etc/passwd"/> & "x" 🙂 Łódź ≥ 5';
    const pdf = await paperPdf(
      {
        ...paper,
        job: odd,
        parts: [{ person: null, isOnOwnSheet: false, blocks: [{ is: 'site-plan', plan: planNamed(odd) }] }],
      },
      'A4',
    );
    const [page = ''] = pagesIn(pdf);
    expect(page.match(/file:\/\/\/etc\/passwd/g)?.length).toBeGreaterThan(1);
    expect(page).toContain('Łódź ≥ 5');
  });
});

const planNamed = (name: string) => ({
  widthMetres: 10,
  topMetres: 3,
  depthMetres: 1,
  sides: [{ name, about: name, x: 0, width: 10 }],
  surfaces: [
    { id: 'a', name, number: 1, band: 'wall' as const, x: 0, y: 0, width: 4, height: 2, isInScope: false },
  ],
  marks: [{ letter: 'a', kind: 'drain' as const, x: 2, text: name }],
});

describe('the fonts of papers', () => {
  it('cover every sign of the catalogue and of what is said', () => {
    const said = JSON.stringify([
      CATALOGUE,
      PAPERS_OF_PLAN.proposal(made, survey),
      orderPaper(crewOrder(made, survey), 1),
    ]);
    const signs = [...new Set(said)].filter((sign) => !canWrite('Reading', sign) && !canWrite('Signs', sign));
    expect(signs).toEqual([]);
  });

  it('write German, Spanish and Polish', () => {
    for (const sign of 'äöüÄÖÜßéèáíóúñÑ¿¡łŁąęśźżćń€') expect(fontRuns(sign)[0]?.text).toBe(sign);
  });
});
