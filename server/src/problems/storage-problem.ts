import { Problem } from './problem.ts';

/** A disk that is full is told as such; nothing of what came stays on it. */
export function storageProblem(error: unknown): unknown {
  const code = (error as { code?: string }).code ?? '';
  return code === 'ENOSPC' || code === 'EDQUOT'
    ? new Problem(
        507,
        'storage-full',
        'The storage is full',
        'The server has no room for pictures left: nothing of this one was kept. Make room, or tell who runs the server; everything else goes on.',
      )
    : error;
}
