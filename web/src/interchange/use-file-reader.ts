import { LANGUAGE } from '@etappe/core/language';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef } from 'react';
import type { FileReader } from './file-reader.ts';

/** The worker that reads files: it lives as long as the page part that uses it. */
export function useFileReader(): () => Remote<FileReader> {
  const worker = useRef<Worker | null>(null);
  // One stand-in for the worker's life: as soon as one is cleared away, the worker hears no other either.
  const reader = useRef<Remote<FileReader> | null>(null);
  const start = useCallback(() => {
    worker.current ??= new Worker(new URL('./interchange-worker.ts', import.meta.url), {
      type: 'module',
      name: LANGUAGE,
    });
    reader.current ??= wrap<FileReader>(worker.current);
    return reader.current;
  }, []);
  useEffect(() => {
    // By the time a file is chosen it is ready.
    start();
    return () => {
      worker.current?.terminate();
      worker.current = null;
      reader.current = null;
    };
  }, [start]);
  return start;
}
