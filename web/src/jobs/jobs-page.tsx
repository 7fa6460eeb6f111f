import type { JobSummary, JobsQuery } from '@etappe/core';
import { DeleteOutlined, PlusOutlined, UploadOutlined } from '@ant-design/icons';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Modal } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { CompanyHead } from '../lists/company-head.tsx';
import { JobsOnDevice, Waiting } from './jobs-on-device.tsx';
import { Pager, useListQuery } from '../lists/list-query.tsx';
import { shownMomentAt } from '../today.ts';
import { useOffline } from '../use-offline.ts';
import { useWaiting } from './use-waiting.ts';
import { say } from '../messages/jobs.ts';
import '../lists/lists.css';

const NewJobDialog = lazy(async () => ({
  default: (await import('../new-job/new-job-dialog.tsx')).NewJobDialog,
}));
const JobImport = lazy(async () => ({ default: (await import('./job-import.tsx')).JobImport }));

const COLUMNS = [
  { key: 'name', title: say('job') },
  { key: 'customer', title: say('customer') },
  { key: 'start', title: say('planned-day') },
  { key: 'updatedAt', title: say('last-edit') },
] as const;

/** Not asked of the engine: the list does not wait for it. */
const SORTS = ['name', 'customer', 'start', 'updatedAt'] as const satisfies readonly JobsQuery['sort'][];

/** All jobs of the company; search, sorting and page live in the address. */
export function JobsPage() {
  const { query, set, params } = useListQuery();
  // What an old link says that is none is passed over.
  const sort = SORTS.find((key) => key === params.get('sort')) ?? 'updatedAt';
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
      <CompanyHead />
      <main>
        <div className="jobs-bar">
          <h2>{say('jobs')}</h2>
          <label className="jobs-find">
            <span className="visually-hidden">{say('find-a-job')}</span>
            <input
              type="search"
              placeholder={say('find-a-job-or-customer')}
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
            {say('import')}
          </Button>
          <Button
            type="primary"
            icon={<PlusOutlined />}
            onClick={() => {
              setCreating(true);
            }}
          >
            {say('create-job')}
          </Button>
        </div>
        {jobs.error && (
          <Alert
            type="warning"
            showIcon
            title={jobs.data ? say('this-is-the-last-list') : say('jobs-cannot-be-loaded-right')}
            description={say('retrying-automatically', { message: jobs.error.message })}
            style={{ marginBottom: 12 }}
          />
        )}
        {(!jobs.isLoading || offline) && <JobsOnDevice listed={jobs.data && shown} waiting={waiting} />}
        {jobs.isLoading && <div className="jobs-skeleton" role="status" aria-label={say('loading-jobs')} />}
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
                <th>{say('surfaces')}</th>
                <th>{say('last-order')}</th>
                <th>
                  <span className="visually-hidden">{say('delete')}</span>
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
            <h3>{query.find ? say('no-job-matches', { find: query.find }) : say('no-jobs-yet')}</h3>
            <p className="quiet">
              {query.find ? say('clear-the-search-to-see') : say('create-a-job-or-drop')}
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
      <td>{job.customer || <span className="quiet">{say('no-customer-yet')}</span>}</td>
      <td className="figure">{job.start ?? <span className="quiet">{say('open')}</span>}</td>
      <td className="figure">{shownMomentAt(job.updatedAt)}</td>
      <td className="figure">{job.surfaces}</td>
      <td className="figure">
        {job.lastOrder === null ? (
          <span className="quiet">{say('none')}</span>
        ) : (
          say('no', { lastOrder: job.lastOrder })
        )}
      </td>
      <td>
        <Button
          type="text"
          icon={<DeleteOutlined />}
          aria-label={say('delete-name', { name: job.name })}
          onClick={remove}
        />
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
      title={say('delete-head', { name: job.name })}
      okText={say('delete-job')}
      okButtonProps={{ danger: true, loading: remove.isPending }}
      cancelText={say('keep-it')}
      onOk={() => {
        remove.mutate();
      }}
      onCancel={close}
    >
      <p>{say('the-job-leaves-the-list')}</p>
      {remove.error && <Alert type="error" showIcon title={remove.error.message} />}
    </Modal>
  );
}
