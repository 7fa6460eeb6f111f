import { CATALOGUE, MATERIAL_FAMILIES, lowerFirst } from '@etappe/core';
import type { MaterialFamily, OwnMethod, StageTemplate } from '@etappe/core';
import { ArrowDownOutlined, ArrowUpOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { ChoiceField, ChoicesField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { Faults } from './faults.tsx';
import { StageFields } from './stage-fields.tsx';
import { say } from '../messages/handbook.ts';

type Method = OwnMethod['method'];
type Result = Method['treats'][string];

const CONTAMINANT_OPTIONS = CATALOGUE.contaminants.map((c) => ({
  value: c.id,
  label: c.name,
  words: c.synonyms,
}));
const FAMILY_OPTIONS = MATERIAL_FAMILIES.map((f) => ({ value: f, label: f }));
const STAGE_OPTIONS = CATALOGUE.methods.flatMap((m) =>
  m.stages.map((stage, i) => ({
    value: `${m.id}/${i}`,
    label: say('as-in', {
      kind: stage.kind,
      whatWords: 'agent' in stage ? `, ${lowerFirst(CATALOGUE.agent(stage.agent).name)}` : '',
      name: lowerFirst(m.name),
    }),
  })),
);
const NEW_RESULT: Result = 3;

interface FormProps {
  readonly own: OwnMethod;
  /** @returns what is wrong, empty when it is saved */
  readonly save: (method: Method) => Promise<readonly string[]>;
}

/** A method of the company, stage by stage. Nothing is saved before “Save method”. */
export function OwnMethodForm({ own, save }: FormProps) {
  const [draft, setDraft] = useState<Method>(own.method);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const set = (more: Partial<Method>): null => {
    setDraft((before) => ({ ...before, ...more }));
    return null;
  };
  const setStages = (stages: readonly StageTemplate[]) => set({ stages });
  const score = (label: string, key: 'surfaceRisk' | 'harmAround') => (
    <NumberField
      label={label}
      value={draft[key]}
      unit={say('out-of-5')}
      take={(value) => set({ [key]: value })}
    />
  );
  return (
    <form
      className="product-form"
      onSubmit={(event) => {
        event.preventDefault();
        void save(draft).then(setFaults);
      }}
    >
      <div className="sheet-grid">
        <TextField
          label={say('name-of-the-method')}
          value={draft.name}
          take={(name) => set({ name: name.trim() })}
        />
        <TextField label={say('why-it-is-done')} value={draft.why} take={(why) => set({ why: why.trim() })} />
        <div className="wide">
          <ChoicesField
            label={say('against')}
            values={Object.keys(draft.treats)}
            options={CONTAMINANT_OPTIONS}
            placeholder={say('what-it-takes-off')}
            take={(ids) =>
              set({ treats: Object.fromEntries(ids.map((id) => [id, draft.treats[id] ?? NEW_RESULT])) })
            }
          />
        </div>
        {Object.entries(draft.treats).map(([id, result]) => (
          <NumberField
            key={id}
            label={say('how-well', { id: id.replaceAll('-', ' ') })}
            value={result}
            unit={say('out-of-5')}
            take={(value) => set({ treats: { ...draft.treats, [id]: value as Result } })}
          />
        ))}
        <div className="wide">
          <ChoicesField
            label={say('on')}
            values={draft.families}
            options={FAMILY_OPTIONS}
            placeholder={say('families-of-materials')}
            take={(families) => set({ families: families as MaterialFamily[] })}
          />
        </div>
        {score(say('risk-to-the-surface'), 'surfaceRisk')}
        {score(say('harm-around'), 'harmAround')}
      </div>
      <h4>{say('its-stages')}</h4>
      <ol className="own-stages">
        {draft.stages.map((stage, i) => (
          <li key={`${i} ${stage.kind}`}>
            <div className="own-stage-head">
              <b>{stage.kind}</b>
              <StageMoves
                index={i}
                count={draft.stages.length}
                move={(to) => setStages(moved(draft.stages, i, to))}
                remove={() => setStages(draft.stages.filter((_, at) => at !== i))}
              />
            </div>
            <StageFields
              stage={stage}
              take={(next) => setStages(draft.stages.map((s, at) => (at === i ? next : s)))}
            />
          </li>
        ))}
      </ol>
      <ChoiceField
        label={say('add-a-stage')}
        value={null}
        placeholder={say('one-like-a-stage-of')}
        options={STAGE_OPTIONS}
        take={(value) => {
          const [method = '', at] = value.split('/');
          const stage = CATALOGUE.method(method).stages[Number(at)];
          if (stage) setStages([...draft.stages, stage]);
        }}
      />
      <Faults faults={faults} />
      <div className="product-acts">
        <Button type="primary" htmlType="submit">
          {say('save-method')}
        </Button>
      </div>
    </form>
  );
}

function moved<T>(list: readonly T[], from: number, to: number): readonly T[] {
  const next = [...list];
  next.splice(to, 0, ...next.splice(from, 1));
  return next;
}

interface MovesProps {
  readonly index: number;
  readonly count: number;
  readonly move: (to: number) => void;
  readonly remove: () => void;
}

function StageMoves({ index, count, move, remove }: MovesProps) {
  const number = String(index + 1);
  return (
    <span>
      <Button
        type="text"
        size="small"
        icon={<ArrowUpOutlined />}
        disabled={index === 0}
        aria-label={say('stage-earlier', { number })}
        onClick={() => {
          move(index - 1);
        }}
      />
      <Button
        type="text"
        size="small"
        icon={<ArrowDownOutlined />}
        disabled={index === count - 1}
        aria-label={say('stage-later', { number })}
        onClick={() => {
          move(index + 1);
        }}
      />
      <Button
        type="text"
        size="small"
        icon={<DeleteOutlined />}
        disabled={count === 1}
        aria-label={say('take-out-stage', { number })}
        onClick={remove}
      />
    </span>
  );
}
