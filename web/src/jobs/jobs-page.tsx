import { DeleteOutlined, MoonOutlined, PlusOutlined, SunOutlined } from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Modal } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useEvening } from '../evening.tsx';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import type { JobSummary } from '../server-connection.ts';
import './jobs-page.css';

const NewJobDialog = lazy(async () => ({ default: (await import('./new-job-dialog.tsx')).NewJobDialog }));

type SortKey = 'name' | 'customer' | 'start' | 'updatedAt';
const COLUMNS: readonly { readonly key: SortKey; readonly title: string }[] = [
  { key: 'name', title: 'Job' },
  { key: 'customer', title: 'Customer' },
  { key: 'start', title: 'Planned day' },
  { key: 'updatedAt', title: 'Last edit' },
];

/** All jobs of the house; sorting and filter live in the address. */
export function JobsPage() {
  const jobs = useQuery({ queryKey: queryKeys.jobs, queryFn: server.jobs });
  const [creating, setCreating] = useState(false);
  const [deleting, setDeleting] = useState<JobSummary | null>(null);
  const [params, setParams] = useSearchParams();
  const sort = (params.get('sort') ?? 'updatedAt') as SortKey;
  const search = params.get('find') ?? '';
  const shown = sorted(jobs.data?.jobs ?? [], sort).filter((job) =>
    `${job.name} ${job.customer}`.toLowerCase().includes(search.toLowerCase()),
  );
  const setParam = (key: string, value: string) => {
    setParams(
      (before) => {
        if (value) before.set(key, value);
        else before.delete(key);
        return before;
      },
      { replace: true },
    );
  };
  return (
    <div className="jobs-page">
      <header className="jobs-head">
        <h1 className="wordmark">Etappe</h1>
        <span className="quiet jobs-claim">From the surface to the crew’s order</span>
        <EveningButton />
      </header>
      <main>
        <div className="jobs-bar">
          <h2>Jobs</h2>
          <label className="jobs-find">
            <span className="visually-hidden">Find a job</span>
            <input
              type="search"
              placeholder="Find a job or customer"
              value={search}
              onChange={(event) => {
                setParam('find', event.target.value);
              }}
            />
          </label>
          <Button
            type="primary"
            icon={<PlusOutlined />}
            onClick={() => {
              setCreating(true);
            }}
          >
            Create job
          </Button>
        </div>
        {jobs.error && (
          <Alert
            type="warning"
            showIcon
            title="The jobs cannot be read now"
            description={`${jobs.error.message} It is tried again by itself.`}
          />
        )}
        {jobs.isPending && <div className="jobs-skeleton" role="status" aria-label="Loading jobs" />}
        {jobs.data && shown.length > 0 && (
          <table className="jobs-table">
            <thead>
              <tr>
                {COLUMNS.map(({ key, title }) => (
                  <th key={key} aria-sort={sort === key ? 'ascending' : 'none'}>
                    <button
                      type="button"
                      onClick={() => {
                        setParam('sort', key);
                      }}
                    >
                      {title}
                      {sort === key ? (key === 'updatedAt' ? ' ↓' : ' ↑') : ''}
                    </button>
                  </th>
                ))}
                <th>Surfaces</th>
                <th>Last order</th>
                <th>
                  <span className="visually-hidden">Delete</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((job) => (
                <tr key={job.id}>
                  <td>
                    <Link to={`/jobs/${job.id}/walk`}>{job.name}</Link>
                  </td>
                  <td>{job.customer || <span className="quiet">no customer yet</span>}</td>
                  <td className="figure">{job.start ?? <span className="quiet">open</span>}</td>
                  <td className="figure">{localMinute(job.updatedAt)}</td>
                  <td className="figure">{job.surfaces}</td>
                  <td className="figure">
                    {job.lastOrder === null ? (
                      <span className="quiet">none</span>
                    ) : (
                      `No. ${String(job.lastOrder)}`
                    )}
                  </td>
                  <td>
                    <Button
                      type="text"
                      icon={<DeleteOutlined />}
                      aria-label={`Delete ${job.name}`}
                      onClick={() => {
                        setDeleting(job);
                      }}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {jobs.data && shown.length === 0 && (
          <div className="jobs-empty hairline">
            <h3>{search ? `No job matches “${search}”` : 'No jobs yet'}</h3>
            <p className="quiet">
              {search
                ? 'Clear the search to see all jobs.'
                : 'Create a job, then walk round the property and enter each surface with what is on it.'}
            </p>
          </div>
        )}
      </main>
      {creating && (
        <Suspense>
          <NewJobDialog
            close={() => {
              setCreating(false);
            }}
          />
        </Suspense>
      )}
      {deleting && (
        <DeleteDialog
          job={deleting}
          close={() => {
            setDeleting(null);
          }}
        />
      )}
    </div>
  );
}

function DeleteDialog({ job, close }: { readonly job: JobSummary; readonly close: () => void }) {
  const client = useQueryClient();
  const remove = useMutation({
    mutationFn: () => server.deleteJob(job.id),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: queryKeys.jobs });
      close();
    },
  });
  return (
    <Modal
      open
      title={`Delete “${job.name}”?`}
      okText="Delete job"
      okButtonProps={{ danger: true, loading: remove.isPending }}
      cancelText="Keep it"
      onOk={() => {
        remove.mutate();
      }}
      onCancel={close}
    >
      <p>
        Its survey with {job.surfaces} surfaces leaves the list. Orders that were issued are kept on record.
      </p>
      {remove.error && <Alert type="error" showIcon title={remove.error.message} />}
    </Modal>
  );
}

export function EveningButton() {
  const { evening, setEvening } = useEvening();
  return (
    <Button
      type="text"
      icon={evening ? <SunOutlined /> : <MoonOutlined />}
      aria-label={evening ? 'Light colours' : 'Dark colours for evening work'}
      onClick={() => {
        setEvening(!evening);
      }}
    />
  );
}

function sorted(jobs: readonly JobSummary[], key: SortKey): readonly JobSummary[] {
  const value = (job: JobSummary) => job[key] ?? '\uffff';
  const ascending = [...jobs].sort((a, b) => value(a).localeCompare(value(b)));
  return key === 'updatedAt' ? ascending.reverse() : ascending;
}

function localMinute(iso: string): string {
  return new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
}
