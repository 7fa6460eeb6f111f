import type { LotUsed } from '@etappe/core';
import { formatStock, unitOf } from '@etappe/core';
import { DeleteOutlined } from '@ant-design/icons';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { FigureToWrite } from '../quantity-fields/figure-to-write.tsx';
import { queryKeys } from '../query-keys.ts';
import { ServerProblem, server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/supply.ts';

interface Props {
  readonly lot: string;
  readonly unit: 'L' | 'kg';
  /** Of this lot by this job. */
  readonly uses: readonly LotUsed[];
}

/** What was really taken of a lot, once the work is done: it comes off the shelf, and the order reserves it no longer. */
export function LotUses({ lot, unit, uses }: Props) {
  const { jobId, survey } = useSurveySession();
  const client = useQueryClient();
  // The same until it is known to be written down: a second press after a lost answer takes nothing twice.
  const [id, setId] = useState(() => uuidv7());
  const [fault, setFault] = useState<string | null>(null);
  const told = async (act: () => Promise<unknown>): Promise<string | null> => {
    try {
      await act();
    } catch (error) {
      if (!(error instanceof ServerProblem)) throw error;
      return error.faults[0]?.message ?? error.message;
    }
    for (const queryKey of [queryKeys.lotUses(jobId), queryKeys.reservations, queryKeys.handbook])
      void client.invalidateQueries({ queryKey });
    return null;
  };
  const record = async (amount: number) => {
    const found = await told(() =>
      server.recordUse({ id, job: jobId, lot, amount: Number(amount.toFixed(3)) }),
    );
    if (found === null) setId(uuidv7());
    return found;
  };
  return (
    <div className="lot-uses">
      {uses.map((use) => (
        <div key={use.id} className="figure">
          {say('used-recorded', {
            amount: formatStock(use.amount, unit, survey.job.units),
            at: use.at.slice(0, 10),
          })}
          {use.by === '' ? '' : say('by-whom', { by: use.by })}
          <Button
            type="text"
            size="small"
            icon={<DeleteOutlined />}
            aria-label={say('put-back-in-stock', { amount: formatStock(use.amount, unit, survey.job.units) })}
            onClick={() => {
              void told(() => server.takeBackUse(use.id)).then(setFault);
            }}
          />
        </div>
      ))}
      <FigureToWrite
        label={say('used-after-the-work')}
        {...unitOf(unit === 'kg' ? 'mass' : 'volume', survey.job.units)}
        write={record}
      />
      {fault !== null && <span role="alert">{fault}</span>}
    </div>
  );
}
