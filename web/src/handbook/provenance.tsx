import { settingInWords } from '@etappe/core';
import type { Provenance, SourceType } from '@etappe/core';
import { say } from '../messages/handbook.ts';

const SOURCE_WORDS: Readonly<Record<SourceType, string>> = {
  'trade-default': say('source-trade-default'),
  label: say('source-label'),
  'data-sheet': say('source-data-sheet'),
  standard: say('source-standard'),
  measured: say('source-measured'),
};

interface Props {
  readonly of: Provenance;
  readonly unit: string;
}

/** Where a figure comes from, and between what it lies. */
export function ProvenanceNote({ of: { type, range }, unit }: Props) {
  const between =
    range === null
      ? ''
      : say('somewhere-between', { least: String(range.least), most: settingInWords(range.most, unit) });
  return (
    <span className="quiet provenance">
      ({SOURCE_WORDS[type]}
      {between})
    </span>
  );
}
