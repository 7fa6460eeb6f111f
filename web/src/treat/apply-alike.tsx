import { alikeFaces } from '@etappe/core';
import type { Method } from '@etappe/core';
import { Checkbox, Modal } from 'antd';
import { useState } from 'react';
import { usePlan } from '../planning/use-plan.tsx';
import { useMethodChoices } from '../planning/use-method-choice.ts';

interface Props {
  readonly surface: string;
  readonly contaminant: string;
  readonly name: string;
  readonly method: Method;
  readonly close: () => void;
}

/** One method for every face like this one: what would change is listed before it does. */
export function ApplyAlike({ surface, contaminant, name, method, close }: Props) {
  const { plan } = usePlan();
  const pickAll = useMethodChoices();
  const faces = plan ? alikeFaces(plan, surface, contaminant, method.id) : [];
  const free = faces.filter((face) => face.refused === null);
  const [left, setLeft] = useState<readonly string[]>([]);
  const taken = free.filter((face) => !left.includes(face.surface));
  return (
    <Modal
      open
      title={`${method.name} on every surface like this?`}
      okText={taken.length === 1 ? 'Change 1 surface' : `Change ${taken.length} surfaces`}
      okButtonProps={{ disabled: taken.length === 0 }}
      cancelText="Leave them"
      onCancel={close}
      onOk={() => {
        pickAll(taken.map((face) => ({ surface: face.surface, contaminant, method: method.id })));
        close();
      }}
    >
      <p className="quiet">
        Same material, finish and state, and {name.toLowerCase()} on it.{' '}
        {faces.length === 0 && 'No other one is treated differently.'}
      </p>
      <ul className="alike-faces">
        {faces.map((face) => (
          <li key={face.surface}>
            {face.refused === null ? (
              <Checkbox
                checked={!left.includes(face.surface)}
                onChange={({ target }) => {
                  setLeft(
                    target.checked ? left.filter((id) => id !== face.surface) : [...left, face.surface],
                  );
                }}
              >
                {face.name}
              </Checkbox>
            ) : (
              <span>
                <span className="refused-mark">✕</span> {face.name}
              </span>
            )}
            <div className="quiet">
              {face.refused ?? `instead of ${(face.now ?? 'nothing permitted').toLowerCase()}`}
            </div>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
