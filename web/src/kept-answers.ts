import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import type { PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import { createStore, del, get, set } from 'idb-keyval';
import { KEPT_ON_DEVICE } from './query-keys.ts';

const THIRTY_DAYS_MILLISECONDS = 30 * 86_400_000;
const KEPT_AFTER_MILLISECONDS = 200;
const store = createStore('etappe-answers', 'answers');

/** What the server answered to lists and orders stays on the device, to be read without it. Open jobs are kept apart. */
export const keptAnswers: Omit<PersistQueryClientOptions, 'queryClient'> = {
  maxAge: THIRTY_DAYS_MILLISECONDS,
  // Of another form: what an older version kept is not read.
  buster: '2',
  persister: createAsyncStoragePersister({
    // Whoever opens an order and walks into the cellar has it.
    throttleTime: KEPT_AFTER_MILLISECONDS,
    storage: {
      getItem: async (key) => (await get<string>(key, store)) ?? null,
      setItem: (key, value) => set(key, value, store),
      removeItem: (key) => del(key, store),
    },
  }),
  dehydrateOptions: {
    shouldDehydrateQuery: ({ queryKey, state }) =>
      state.status === 'success' && KEPT_ON_DEVICE.includes(String(queryKey[0])),
  },
};
