import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { deletionOf } from '@etappe/core';
import type { EntityKind } from '@etappe/core';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { creation } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/records.ts';

interface EntityListProps {
  readonly title: string;
  readonly kind: EntityKind;
  /** Text of the button that adds one. */
  readonly add: string;
  readonly fields: Readonly<Record<string, unknown>>;
  readonly count: number;
  /** What it is for, while there is none. */
  readonly about?: string;
  readonly children: ReactNode;
}

/** A list of entities on a sheet, with the button that adds one more. */
export function EntityList({ title, kind, add, fields, count, about, children }: EntityListProps) {
  const { edit } = useSurveySession();
  return (
    <div className="sheet-part">
      <h3>{title}</h3>
      {count === 0 && about !== undefined && <p className="quiet">{about}</p>}
      {children}
      <Button
        icon={<PlusOutlined />}
        onClick={() => {
          edit([creation(kind, uuidv7(), { ...fields, position: count + 1 })]);
        }}
      >
        {add}
      </Button>
    </div>
  );
}

/** Takes an entity out with all that hangs on it; undo brings it back. */
export function Remove({ id, name }: { readonly id: string; readonly name: string }) {
  const { state, edit } = useSurveySession();
  return (
    <Button
      type="text"
      icon={<DeleteOutlined />}
      aria-label={say('delete', { name })}
      onClick={() => edit(deletionOf(state, id))}
    />
  );
}
