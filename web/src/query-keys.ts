/** Keys of everything that is kept of the server's answers. */
export const queryKeys = {
  jobs: ['jobs'] as const,
  job: (id: string) => ['jobs', id] as const,
  order: (job: string, number: string) => ['jobs', job, 'orders', number] as const,
};
