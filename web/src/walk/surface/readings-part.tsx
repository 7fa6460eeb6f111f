import { DeleteOutlined } from '@ant-design/icons';
import { READING_KINDS, decimal, deletionOf, lowerFirst, word } from '@etappe/core';
import type { ReadingKind } from '@etappe/core';
import { Button } from 'antd';
import { v7 as uuidv7 } from 'uuid';
import type { InstrumentKind } from '../../instruments/instrument.ts';
import { ReadingButton } from '../../instruments/reading-button.tsx';
import { personOnDevice } from '../../person-on-device.ts';
import { FigureToWrite } from '../../quantity-fields/figure-to-write.tsx';
import { creation, firstFault } from '../../survey-edits/use-entity.ts';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { today } from '../../today.ts';
import { say } from '../../messages/walk.ts';

/** What is read, and by which instrument where it is by one. */
const KINDS: readonly (readonly [ReadingKind, InstrumentKind | null])[] = [
  ['surface-temperature', 'surface-thermometer'],
  ['moisture', 'moisture-meter'],
  ['ph', 'ph-strip'],
  ['rain', null],
];

/** What instruments read on a face: on the day of the work the temperature beats the estimate of the wet time. */
export function ReadingsPart({ surface }: { readonly surface: string }) {
  const { state, survey, edit } = useSurveySession();
  const readings = survey.readings.filter((r) => r.surface === surface);
  const write = (what: ReadingKind, figure: number) =>
    firstFault(
      edit([
        creation('reading', uuidv7(), {
          surface,
          what,
          figure,
          on: today(),
          by: personOnDevice(),
          position: survey.readings.length,
        }),
      ]),
    );
  return (
    <div className="thirst">
      <h4>{say('readings')}</h4>
      <ul className="done-tests" aria-label={say('readings')}>
        {readings.map((reading) => (
          <li key={reading.id}>
            <span>
              {word(READING_KINDS[reading.what].name)}{' '}
              <b className="figure">
                {decimal(reading.figure, 1)} {READING_KINDS[reading.what].unit}
              </b>{' '}
              <span className="quiet">
                {say('measured', { on: reading.on })}
                {reading.by === '' ? '' : say('by-whom', { by: reading.by })}
              </span>
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={say('remove-this', { name: lowerFirst(word(READING_KINDS[reading.what].name)) })}
              onClick={() => {
                edit(deletionOf(state, reading.id));
              }}
            />
          </li>
        ))}
      </ul>
      {KINDS.map(([what, instrument]) => (
        <div key={what} className="thirst-row">
          <FigureToWrite
            label={say('typed', { name: word(READING_KINDS[what].name) })}
            unit={READING_KINDS[what].unit}
            write={(figure) => write(what, figure)}
          />
          {instrument && <ReadingButton kind={instrument} take={(figure) => write(what, figure)} />}
        </div>
      ))}
    </div>
  );
}
