import { QuestionCircleOutlined } from '@ant-design/icons';
import type { UnitSystem } from '@etappe/core';
import { Button, Popover } from 'antd';

const LINES: readonly { readonly metric: string; readonly us: string; readonly means: string }[] = [
  { metric: '7.5x4 + 3x2.5', us: '24ft x 9ft + 8x6', means: 'surfaces added, each length times width' },
  { metric: '- 2(1.2x1.4)', us: '- 2(3ft 6in x 4ft)', means: 'two openings taken off' },
  { metric: '6m2', us: '65sqft', means: 'an area that is known' },
  { metric: '9ft 6in x 250cm', us: '9\' 6 1/2" x 2.5m', means: 'units of any kind, mixed' },
  { metric: 'tri(4, 2.5)', us: 'tri(12, 8)', means: 'triangle: base, height' },
  { metric: 'gable(8, 5, 7.5)', us: 'gable(26, 16, 24)', means: 'gable wall: width, eaves, ridge' },
  { metric: 'circle(3.2)', us: 'circle(10)', means: 'circle by its diameter' },
  { metric: '11x7.2 @ 32deg', us: '36x24 @ 8:12', means: 'roof by its plan and pitch' },
  { metric: '6x2 * 1.3', us: '20x7 * 1.3', means: 'corrugated or carved: relief factor' },
  { metric: '24m, 14pcs', us: '80ft, 14pcs', means: 'running metres or pieces, with the girth beside' },
];

/** The tape language on one small card beside the field. */
export function TapeHelp({ units }: { readonly units: UnitSystem }) {
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      title="How to write a size"
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
        aria-label="How to write a size"
        className="tape-help-button"
      />
    </Popover>
  );
}
