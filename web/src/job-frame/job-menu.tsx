import { MoreOutlined } from '@ant-design/icons';
import { jobFileOf } from '@etappe/core';
import { Button, Dropdown } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { eveningWords } from '../evening-button.tsx';
import { useEvening } from '../evening.tsx';
import { saveFile } from '../interchange/save-file.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/job-frame.ts';

const NewJobDialog = lazy(async () => ({
  default: (await import('../new-job/new-job-dialog.tsx')).NewJobDialog,
}));
const NameDialog = lazy(async () => ({ default: (await import('./name-dialog.tsx')).NameDialog }));
const SurfacesImport = lazy(async () => ({
  default: (await import('../interchange/surfaces-import.tsx')).SurfacesImport,
}));

type Open = 'new-job' | 'duplicate' | 'template' | 'person' | 'import-surfaces' | null;

/** What one does with a job as a whole. */
export function JobMenu() {
  const { survey, propertyId } = useSurveySession();
  const { evening, setEvening } = useEvening();
  const [open, setOpen] = useState<Open>(null);
  const close = () => {
    setOpen(null);
  };
  const items = {
    'new-job': say('new-job-on-this-property'),
    duplicate: say('duplicate-this-job'),
    template: say('save-as-template'),
    'export-job': say('export-job-file'),
    'export-surfaces': say('export-surfaces-csv'),
    'import-surfaces': say('import-surfaces-csv'),
    person: say('your-name-on-this-device'),
    evening: eveningWords(evening),
  };
  const choose = async (key: keyof typeof items) => {
    if (key === 'export-job') saveFile(`${survey.job.name}.etappe.json`, 'application/json', jobText());
    else if (key === 'evening') setEvening(!evening);
    else if (key === 'export-surfaces') {
      const { surfacesCsv } = await import('../interchange/surfaces-csv.ts');
      saveFile(`${survey.job.name} surfaces.csv`, 'text/csv;charset=utf-8', surfacesCsv(survey));
    } else setOpen(key);
  };
  const jobText = () => `${JSON.stringify(jobFileOf(survey), null, 2)}\n`;
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: Object.entries(items).map(([key, label]) => ({
            key,
            label,
            // Where there is room it is a button beside the menu.
            className: key === 'evening' ? 'narrow-only' : '',
          })),
          onClick: ({ key }) => void choose(key as keyof typeof items),
        }}
      >
        <Button type="text" icon={<MoreOutlined />} aria-label={say('more-for-this-job')} />
      </Dropdown>
      <Suspense>
        {open === 'new-job' && (
          <NewJobDialog
            property={{ id: propertyId, name: survey.property.name, units: survey.job.units }}
            close={close}
          />
        )}
        {(open === 'duplicate' || open === 'template' || open === 'person') && (
          <NameDialog what={open} close={close} />
        )}
        {open === 'import-surfaces' && <SurfacesImport close={close} />}
      </Suspense>
    </>
  );
}
