import pLimit from 'p-limit';
import { busy } from '../problems/problem.ts';
import { readPicture } from './picture.ts';
import type { Picture } from './picture.ts';

/** Reads pictures one after the other, whatever they are for: each may take a whole core and a quarter of a gigabyte. */
export type PictureQueue = (path: string) => Promise<Picture>;

/** Pictures that may wait to be encoded; with more of them the device tries again later. */
const MOST_WAITING = 200;

export function pictureQueue(): PictureQueue {
  const oneByOne = pLimit(1);
  return async (path) => {
    if (oneByOne.pendingCount >= MOST_WAITING) throw busy();
    return oneByOne(() => readPicture(path));
  };
}
