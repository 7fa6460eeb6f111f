import { FilePdfOutlined } from '@ant-design/icons';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { saveBlob } from '../interchange/save-file.ts';
import { say } from '../messages/papers.ts';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';

const LOOK_MILLISECONDS = 1500;

/** The order with the rounds of one person alone, in their language, made when it is asked for. */
export function PersonPdfButton({
  job,
  jobName,
  number,
  name,
}: {
  readonly job: string;
  readonly jobName: string;
  readonly number: number;
  readonly name: string;
}) {
  const pdf = useMutation({
    mutationFn: () => server.personPdf(job, number, name),
    onSuccess: (file) => {
      saveBlob(`${jobName}, ${name}.pdf`, file);
    },
  });
  return (
    <Button
      icon={<FilePdfOutlined />}
      loading={pdf.isPending}
      danger={pdf.error !== null}
      title={pdf.error?.message}
      onClick={() => {
        pdf.mutate();
      }}
    >
      {pdf.error ? say('pdf-failed', { why: pdf.error.message }) : say('pdf-of', { name })}
    </Button>
  );
}

/** The file of an issued order: being made for a moment, then to be taken along; its hash is told with it. */
export function OrderPdfButton({ job, number }: { readonly job: string; readonly number: string }) {
  const pdf = useQuery({
    queryKey: queryKeys.orderPdf(job, number),
    queryFn: () => server.orderPdf(job, number),
    refetchInterval: ({ state }) => (state.data?.state === 'making' ? LOOK_MILLISECONDS : false),
  });
  const { data } = pdf;
  if (data?.file)
    return (
      <Button
        icon={<FilePdfOutlined />}
        href={`/api/v1/jobs/${job}/orders/${number}/pdf/file`}
        title={`SHA-256 ${data.file.sha256}`}
      >
        {say('pdf-made', { kilobytes: Math.ceil(data.file.bytes / 1000) })}
      </Button>
    );
  if (data?.state === 'failed')
    return (
      <Button
        danger
        icon={<FilePdfOutlined />}
        onClick={() => {
          void pdf.refetch();
        }}
      >
        {say('pdf-failed', { why: data.why })}
      </Button>
    );
  return (
    <Button icon={<FilePdfOutlined />} loading={!pdf.error} disabled>
      {pdf.error ? say('pdf-away') : say('pdf-making')}
    </Button>
  );
}
