import { JOB_SORTS } from '@etappe/core';
import type { JobSummary } from '@etappe/core';
import { DeleteOutlined, PlusOutlined, UploadOutlined } from '@ant-design/icons';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Modal } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { HouseHead } from '../lists/house-head.tsx';
import { JobsOnDevice, Waiting } from './jobs-on-device.tsx';
import { Pager, useListQuery } from '../lists/list-query.tsx';
import { shownMomentAt } from '../today.ts';
import { useOffline } from '../use-offline.ts';
import { useWaiting } from './use-waiting.ts';
import '../lists/lists.css';

const NewJobDialog = lazy(async () => ({
  default: (await import('../new-job/new-job-dialog.tsx')).NewJobDialog,
}));
const JobImport = lazy(async () => ({ default: (await import('./job-import.tsx')).JobImport }));

const COLUMNS = [
  { key: 'name', title: 'Job' },
  { key: 'customer', title: 'Customer' },
  { key: 'start', title: 'Planned day' },
  { key: 'updatedAt', title: 'Last edit' },
] as const;

/** All jobs of the house; search, sorting and page live in the address. */
export function JobsPage() {
  const { query, set, params } = useListQuery();
  // What an old link says that is none is passed over.
  const sort = JOB_SORTS.find((key) => key === params.get('sort')) ?? 'updatedAt';
  const asked = { ...query, sort };
  const jobs = useQuery({
    queryKey: queryKeys.jobList(asked),
    queryFn: () => server.jobs(asked),
    placeholderData: keepPreviousData,
  });
  const waiting = useWaiting();
  const offline = useOffline();
  const [creating, setCreating] = useState(false);
  const [importing, setImporting] = useState<{ readonly file?: File } | null>(null);
  const [deleting, setDeleting] = useState<JobSummary | null>(null);
  const shown = jobs.data?.jobs ?? [];
  return (
    <div
      className="jobs-page"
      onDragOver={(event) => {
        event.preventDefault();
      }}
      onDrop={(event) => {
        event.preventDefault();
        const [file] = event.dataTransfer.files;
        if (file) setImporting({ file });
      }}
    >
      <HouseHead />
      <main>
        <div className="jobs-bar">
          <h2>Jobs</h2>
          <label className="jobs-find">
            <span className="visually-hidden">Find a job</span>
            <input
              type="search"
              placeholder="Find a job or customer"
              value={query.find}
              onChange={(event) => {
                set({ find: event.target.value, from: '' });
              }}
            />
          </label>
          <Button
            icon={<UploadOutlined />}
            onClick={() => {
              setImporting({});
            }}
          >
            Import
          </Button>
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
            title={
              jobs.data ? 'This is the last list saved on this device' : 'Jobs cannot be loaded right now'
            }
            description={`${jobs.error.message} Retrying automatically.`}
            style={{ marginBottom: 12 }}
          />
        )}
        {(!jobs.isLoading || offline) && <JobsOnDevice listed={jobs.data && shown} waiting={waiting} />}
        {jobs.isLoading && <div className="jobs-skeleton" role="status" aria-label="Loading jobs" />}
        {shown.length > 0 && (
          <table className="jobs-table">
            <thead>
              <tr>
                {COLUMNS.map(({ key, title }) => (
                  <th key={key} aria-sort={sort === key ? 'ascending' : 'none'}>
                    <button
                      type="button"
                      onClick={() => {
                        set({ sort: key, from: '' });
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
                <JobRow
                  key={job.id}
                  job={job}
                  waiting={waiting.get(job.id) ?? 0}
                  remove={() => {
                    setDeleting(job);
                  }}
                />
              ))}
            </tbody>
          </table>
        )}
        {jobs.data && <Pager query={query} total={jobs.data.total} set={set} />}
        {jobs.data && shown.length === 0 && (
          <div className="jobs-empty hairline">
            <h3>{query.find ? `No job matches “${query.find}”` : 'No jobs yet'}</h3>
            <p className="quiet">
              {query.find
                ? 'Clear the search to see all jobs.'
                : 'Create a job or drop a job file here, then walk the property and enter each surface with what is on it.'}
            </p>
          </div>
        )}
      </main>
      <Suspense>
        {creating && (
          <NewJobDialog
            close={() => {
              setCreating(false);
            }}
          />
        )}
        {importing && (
          <JobImport
            dropped={importing.file}
            close={() => {
              setImporting(null);
            }}
          />
        )}
      </Suspense>
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

interface JobRowProps {
  readonly job: JobSummary;
  /** Edits that wait on this device. */
  readonly waiting: number;
  readonly remove: () => void;
}

function JobRow({ job, waiting, remove }: JobRowProps) {
  return (
    <tr>
      <td>
        <Link to={`/jobs/${job.id}/walk`}>{job.name}</Link>
        <Waiting count={waiting} />
      </td>
      <td>{job.customer || <span className="quiet">no customer yet</span>}</td>
      <td className="figure">{job.start ?? <span className="quiet">open</span>}</td>
      <td className="figure">{shownMomentAt(job.updatedAt)}</td>
      <td className="figure">{job.surfaces}</td>
      <td className="figure">
        {job.lastOrder === null ? <span className="quiet">none</span> : `No. ${job.lastOrder}`}
      </td>
      <td>
        <Button type="text" icon={<DeleteOutlined />} aria-label={`Delete ${job.name}`} onClick={remove} />
      </td>
    </tr>
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
      <p>The job leaves the list. Its property and issued orders stay on record.</p>
      {remove.error && <Alert type="error" showIcon title={remove.error.message} />}
    </Modal>
  );
}
