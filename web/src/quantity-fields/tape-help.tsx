import { QuestionCircleOutlined } from '@ant-design/icons';
import type { UnitSystem } from '@etappe/core';
import { Button, Popover } from 'antd';
import { say } from '../messages/quantity-fields.ts';

const LINES: readonly { readonly metric: string; readonly us: string; readonly means: string }[] = [
  { metric: '7.5x4 + 3x2.5', us: '24ft x 9ft + 8x6', means: say('surfaces-added-each-length-times') },
  { metric: '- 2(1.2x1.4)', us: '- 2(3ft 6in x 4ft)', means: say('two-openings-taken-off') },
  { metric: '6m2', us: '65sqft', means: say('an-area-that-is-known') },
  { metric: '9ft 6in x 250cm', us: '9\' 6 1/2" x 2.5m', means: say('units-of-any-kind-mixed') },
  { metric: 'tri(4, 2.5)', us: 'tri(12, 8)', means: say('triangle-base-height') },
  { metric: 'gable(8, 5, 7.5)', us: 'gable(26, 16, 24)', means: say('gable-wall-width-eaves-ridge') },
  { metric: 'circle(3.2)', us: 'circle(10)', means: say('circle-by-its-diameter') },
  { metric: '11x7.2 @ 32deg', us: '36x24 @ 8:12', means: say('roof-by-its-plan-and') },
  { metric: '6x2 * 1.3', us: '20x7 * 1.3', means: say('corrugated-or-carved-relief-factor') },
  { metric: '24m, 14pcs', us: '80ft, 14pcs', means: say('running-metres-or-pieces-with') },
];

/** The tape language on one small card beside the field. */
export function TapeHelp({ units }: { readonly units: UnitSystem }) {
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      title={say('how-to-write-a-size')}
      content={
        <dl className="tape-help">
          {LINES.map((line) => (
            <div key={line.means}>
              <dt>{line[units]}</dt>
              <dd>{line.means}</dd>
            </div>
          ))}
        </dl>
      }
    >
      <Button
        type="text"
        size="small"
        icon={<QuestionCircleOutlined />}
        aria-label={say('how-to-write-a-size')}
        className="tape-help-button"
      />
    </Popover>
  );
}
