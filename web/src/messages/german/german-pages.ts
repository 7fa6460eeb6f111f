import { ofRooms } from '../of-rooms.ts';
import { APP } from './app.ts';
import { DAMAGE } from './damage.ts';
import { DRAWING } from './drawing.ts';
import { FILES } from './files.ts';
import { HANDBOOK } from './handbook.ts';
import { INSTRUMENTS } from './instruments.ts';
import { INTERCHANGE } from './interchange.ts';
import { JOB_FRAME } from './job-frame.ts';
import { JOBS } from './jobs.ts';
import { LISTS } from './lists.ts';
import { NEW_JOB } from './new-job.ts';
import { ORDER } from './order.ts';
import { PAPERS } from './papers.ts';
import { PHOTOS } from './photos.ts';
import { PLANNING } from './planning.ts';
import { PROPERTIES } from './properties.ts';
import { QUANTITY_FIELDS } from './quantity-fields.ts';
import { RECORDS } from './records.ts';
import { SEQUENCE } from './sequence.ts';
import { SUPPLY } from './supply.ts';
import { SURVEY_EDITS } from './survey-edits.ts';
import { TREAT } from './treat.ts';
import { VISITS } from './visits.ts';
import { WALK } from './walk.ts';

/** What the pages say, room by room. */
export const GERMAN_PAGES = ofRooms({
  app: APP,
  damage: DAMAGE,
  drawing: DRAWING,
  files: FILES,
  handbook: HANDBOOK,
  instruments: INSTRUMENTS,
  interchange: INTERCHANGE,
  'job-frame': JOB_FRAME,
  jobs: JOBS,
  lists: LISTS,
  'new-job': NEW_JOB,
  order: ORDER,
  papers: PAPERS,
  photos: PHOTOS,
  planning: PLANNING,
  properties: PROPERTIES,
  'quantity-fields': QUANTITY_FIELDS,
  records: RECORDS,
  sequence: SEQUENCE,
  supply: SUPPLY,
  'survey-edits': SURVEY_EDITS,
  treat: TREAT,
  visits: VISITS,
  walk: WALK,
});
