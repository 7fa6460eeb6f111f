import { ofRooms } from '../of-rooms.ts';
import { APP } from './app.ts';
import { JOB_FRAME } from './job-frame.ts';
import { ORDER } from './order.ts';
import { PAPERS } from './papers.ts';

/** What the pages say, room by room. */
export const SPANISH_PAGES = ofRooms({
  app: APP,
  'job-frame': JOB_FRAME,
  order: ORDER,
  papers: PAPERS,
});
