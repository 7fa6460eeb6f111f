import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Modal } from 'antd';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { ServerProblem, server } from '../server-connection.ts';
import { FileDrop } from '../interchange/file-drop.tsx';
import type { JobFileLook } from '../interchange/file-reader.ts';
import { useFileReader } from '../interchange/use-file-reader.ts';
import { say } from '../messages/jobs.ts';

/** Brings a job file in: shows what is in it, or every fault, before anything is kept. */
export function JobImport({
  close,
  dropped,
}: {
  readonly close: () => void;
  readonly dropped?: File | undefined;
}) {
  const reader = useFileReader();
  const [look, setLook] = useState<JobFileLook | null>(null);
  const [fileName, setFileName] = useState('');
  const [ids] = useState(() => ({ job: uuidv7(), property: uuidv7() }));
  const client = useQueryClient();
  const navigate = useNavigate();
  const read = useMutation({
    mutationFn: async (file: File) => {
      setFileName(file.name);
      setLook(await reader().jobFile(await file.text()));
    },
  });
  useEffect(() => {
    // What is brought in is opened next.
    void Promise.all([import('../job-frame/job-shell.tsx'), import('../walk/walk-page.tsx')]);
  }, []);
  const [begun, setBegun] = useState(false);
  if (dropped && !begun) {
    setBegun(true);
    read.mutate(dropped);
  }
  const bring = useMutation({
    mutationFn: (file: unknown) => server.importJob(ids.job, ids.property, file),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: queryKeys.jobs });
      close();
      void navigate(`/jobs/${ids.job}/walk`);
    },
  });
  const refused = bring.error instanceof ServerProblem ? bring.error.faults : [];
  const faults = look && !look.ok ? look.faults : refused;
  return (
    <Modal
      open
      width={640}
      title={say('import-a-job-file')}
      onCancel={close}
      footer={
        look?.ok ? (
          <Button
            type="primary"
            loading={bring.isPending}
            onClick={() => {
              bring.mutate(look.file);
            }}
          >
            {say('import-surfaces', { surfaces: counted(look.surfaces, 'surface') })}
          </Button>
        ) : null
      }
    >
      <FileDrop
        label={read.isPending ? say('reading') : say('drop-a-etappe-json-file')}
        accept=".json,application/json"
        take={(file) => {
          read.mutate(file);
        }}
      />
      {read.error && (
        <Alert style={{ marginTop: 12 }} type="error" showIcon title={say('cannot-be-read', { fileName })} />
      )}
      {look?.ok && (
        <div style={{ marginTop: 12 }}>
          <h3>{look.name}</h3>
          <p>
            {look.customer || say('no-customer')}: {counted(look.surfaces, 'surface')},{' '}
            {counted(look.findings, 'finding')}.
          </p>
          {look.unmeasured.length > 0 && (
            <p>
              {say('sizes-still-to-be-measured', {
                unmeasuredCount: look.unmeasured.length,
                first: look.unmeasured.slice(0, 4).join(', '),
              })}
            </p>
          )}
          {look.assumed.length > 0 && (
            <p className="quiet">
              {say('values-are-missing-from-the', {
                assumedCount: look.assumed.length,
                first: look.assumed.slice(0, 4).join(', '),
              })}
            </p>
          )}
        </div>
      )}
      {faults.length > 0 && (
        <div style={{ marginTop: 12 }} role="alert">
          <h3>{say('nothing-imported-file-name', { fileName, faultsCount: faults.length })}</h3>
          <ul className="fault-list">
            {faults.map((fault, i) => (
              <li key={`${fault.path} ${i}`}>
                <code>{fault.path}</code> {fault.message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {bring.error && refused.length === 0 && (
        <Alert
          style={{ marginTop: 12 }}
          type="error"
          showIcon
          title={say('nothing-imported')}
          description={bring.error.message}
        />
      )}
    </Modal>
  );
}

function counted(count: number, one: string): string {
  return `${count} ${one}${count === 1 ? '' : 's'}`;
}
