import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { queryKeys } from '../query-keys.ts';
import { say } from '../messages/jobs.ts';

interface JobsOnDeviceProps {
  /** What the list shows; undefined while neither the server nor the device has a list. */
  readonly listed: readonly { readonly id: string }[] | undefined;
  /** Edits that wait on this device, by job. */
  readonly waiting: ReadonlyMap<string, number>;
}

/** Jobs that this device can open by itself: all without a list, and those that wait where the list does not show them. */
export function JobsOnDevice({ listed, waiting }: JobsOnDeviceProps) {
  const unlisted = [...waiting.keys()].filter((id) => !listed?.some((job) => job.id === id));
  const { data = [] } = useQuery({
    queryKey: queryKeys.jobsOnDevice,
    queryFn: async () => (await import('../survey-edits/open-queues.ts')).jobsOnDevice(),
    networkMode: 'always',
    enabled: !listed || unlisted.length > 0,
  });
  const shown = data.filter((job) => !listed || unlisted.includes(job.id));
  if (shown.length === 0) return null;
  return (
    <section className="jobs-on-device hairline">
      <h3>{listed ? say('waiting-on-this-device') : say('on-this-device')}</h3>
      <ul>
        {shown.map((job) => (
          <li key={job.id}>
            <Link to={`/jobs/${job.id}/walk`}>{job.name}</Link>
            <Waiting count={waiting.get(job.id) ?? 0} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How many edits of a job wait; nothing where none does. */
export function Waiting({ count }: { readonly count: number }) {
  if (count === 0) return null;
  return <span className="jobs-waiting"> {say('waiting', { count })}</span>;
}
