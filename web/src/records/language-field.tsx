import { LANGUAGE_NAMES, LANGUAGES } from '@etappe/core/speak';
import type { Language } from '@etappe/core/speak';
import { say } from '../messages/records.ts';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';

interface Props {
  readonly label: string;
  /** Null for what holds otherwise. */
  readonly language: Language | null;
  /** What holds where none is chosen; without it one always is. */
  readonly otherwise?: string;
  readonly take: (language: Language | null) => void;
}

const NONE = '';

/** A language in which somebody reads. */
export function LanguageField({ label, language, otherwise, take }: Props) {
  return (
    <ChoiceField
      label={label}
      value={language ?? NONE}
      options={[
        ...(otherwise === undefined ? [] : [{ value: NONE, label: otherwise }]),
        ...LANGUAGES.map((value) => ({
          value,
          label: value === 'es' ? say('spanish-for-crews') : LANGUAGE_NAMES[value],
        })),
      ]}
      take={(chosen) => {
        take(LANGUAGES.find((one) => one === chosen) ?? null);
      }}
    />
  );
}
