import { AutoComplete, Modal } from 'antd';
import type { RefSelectProps } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { STATIONS } from './route-bar.tsx';
import { useSurfaceAddress } from './surface-address.ts';
import { say } from '../messages/job-frame.ts';

/** Goes to a surface, at the station that is open, or to a station, by some letters of its name. */
export function QuickJump({ close }: { readonly close: () => void }) {
  const { survey, jobId } = useSurveySession();
  const [find, setFind] = useState('');
  const navigate = useNavigate();
  const addressOf = useSurfaceAddress(jobId);
  const sideOf = new Map(survey.sides.map((side) => [side.id, side.name]));
  const places = [
    ...survey.surfaces.map((s) => ({
      value: addressOf(s),
      label: s.name,
      about: s.side === null ? '' : (sideOf.get(s.side) ?? ''),
    })),
    ...STATIONS.flatMap(({ name, path }) =>
      path ? [{ value: `/jobs/${jobId}/${path}`, label: name, about: 'station' }] : [],
    ),
  ];
  const words = find.toLowerCase().split(/\s+/);
  const found = places.filter(({ label, about }) =>
    words.every((word) => `${label} ${about}`.toLowerCase().includes(word)),
  );
  return (
    <Modal open title={say('jump-to')} footer={null} onCancel={close}>
      <AutoComplete
        ref={takesCursor}
        style={{ width: '100%' }}
        value={find}
        aria-label={say('surface-side-or-station')}
        placeholder={say('surface-side-or-station')}
        defaultActiveFirstOption
        open
        options={found.slice(0, MOST_SHOWN).map(({ value, label, about }) => ({
          value,
          label: (
            <>
              {label} <span className="quiet">{about}</span>
            </>
          ),
        }))}
        showSearch={{ onSearch: setFind }}
        onSelect={(value: string) => {
          close();
          void navigate(value);
        }}
      />
    </Modal>
  );
}

const MOST_SHOWN = 12;

/** As soon as it is there: a letter that is typed meanwhile would be lost. */
const takesCursor = (field: RefSelectProps | null) => {
  field?.focus();
};
