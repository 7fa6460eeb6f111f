import type { EntityKind, Photo } from '@etappe/core';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import { useState, useSyncExternalStore } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../person-on-device.ts';
import { serverReach } from '../server-reach.ts';
import { creation, firstFault } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { pendingPhotos } from './pending-photos.ts';
import type { PendingPhoto } from './pending-photos.ts';
import type { PictureReader } from './picture-worker.ts';
import { say } from '../messages/photos.ts';

export type PhotoSize = 'full' | 'screen' | 'thumb';
/** The kinds of entity under which photos are kept. */
export type PhotoKind = Extract<EntityKind, 'photo' | 'damage-photo'>;

/** Pictures that are on this device and not on the server yet, by the hash of their file. */
export function usePendingPhotos(): ReadonlyMap<string, PendingPhoto> {
  return useSyncExternalStore(pendingPhotos.subscribe, pendingPhotos.read);
}

/** Where the page finds a photo: on the device while it waits, else on the server. */
export function photoUrl(
  photo: Pick<Photo, 'fileSha256'>,
  size: PhotoSize,
  pending: ReadonlyMap<string, PendingPhoto>,
): string {
  return pending.get(photo.fileSha256)?.url ?? `/api/v1/photos/${photo.fileSha256}/${size}`;
}

let reader: Remote<PictureReader> | null = null;

function pictureReader(): Remote<PictureReader> {
  reader ??= wrap<PictureReader>(
    new Worker(new URL('./picture-worker.ts', import.meta.url), { type: 'module' }),
  );
  return reader;
}

/** A picture that says where it was taken, which is left out unless somebody keeps it. */
interface Placed {
  readonly id: string;
  readonly place: NonNullable<Photo['place']>;
}

/** Takes pictures of something: read, kept on the device, written into the survey, and sent. */
export function useTakePhotos(kind: PhotoKind, of: string) {
  const { survey, edit } = useSurveySession();
  const [busy, setBusy] = useState(0);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [placed, setPlaced] = useState<readonly Placed[]>([]);
  const takeOne = async (file: File, position: number): Promise<string | null> => {
    const reading = await pictureReader().read(file, serverReach.read() === 'unreachable');
    if (!reading.ok) return reading.message;
    const { file: sent, place, ...picture } = reading.picture;
    try {
      await pendingPhotos.add(picture.fileSha256, sent);
    } catch {
      return say('the-device-has-no-room', { name: file.name });
    }
    const id = uuidv7();
    const fault = firstFault(
      edit([creation(kind, id, { of, ...picture, takenBy: personOnDevice(), position })]),
    );
    if (fault === null && place) setPlaced((before) => [...before, { id, place }]);
    return fault;
  };
  const take = async (files: readonly File[]) => {
    setFaults([]);
    setBusy(files.length);
    const already = (kind === 'photo' ? survey.photos : survey.damagePhotos).length;
    const found: string[] = [];
    for (const [i, file] of files.entries()) {
      const fault = await takeOne(file, already + i).catch(() =>
        say('could-not-be-read-try', { name: file.name }),
      );
      if (fault !== null) found.push(fault);
      setBusy(files.length - i - 1);
    }
    setFaults(found);
  };
  const keepPlaces = () => {
    edit(placed.map(({ id, place }) => ({ kind, entity: id, op: 'patch', fields: { place } })));
    setPlaced([]);
  };
  return { take, busy, faults, placed: placed.length, keepPlaces };
}
