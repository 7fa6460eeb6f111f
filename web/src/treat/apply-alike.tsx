import { alikeFaces, lowerFirst } from '@etappe/core';
import type { Method } from '@etappe/core';
import { Checkbox, Modal } from 'antd';
import { useState } from 'react';
import { usePlan } from '../planning/use-plan.tsx';
import { useMethodChoices } from '../planning/use-method-choice.ts';
import { say } from '../messages/treat.ts';

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
      title={say('on-every-surface-like-this-name', { name: method.name })}
      okText={
        taken.length === 1 ? say('change-1-surface') : say('change-surfaces', { takenCount: taken.length })
      }
      okButtonProps={{ disabled: taken.length === 0 }}
      cancelText={say('leave-them')}
      onCancel={close}
      onOk={() => {
        pickAll(taken.map((face) => ({ surface: face.surface, contaminant, method: method.id })));
        close();
      }}
    >
      <p className="quiet">
        {say('same-material-finish-and-state', { name: lowerFirst(name) })}{' '}
        {faces.length === 0 && say('no-other-one-is-treated')}
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
              {face.refused ?? say('instead-of', { now: lowerFirst(face.now ?? say('nothing-permitted')) })}
            </div>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
