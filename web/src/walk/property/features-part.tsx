import { FEATURE_DETAILS, FEATURE_NAMES, detailSettings, isDrain, lowerFirst } from '@etappe/core';
import type { Feature, FeatureDetailKey, FeatureKind } from '@etappe/core';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { FEATURE_OPTIONS, words } from '../options.ts';
import { SurroundedBy } from './surrounded-by.tsx';
import { say } from '../../messages/walk.ts';

const DETAIL_LABELS: Readonly<Record<FeatureDetailKey, string>> = {
  leadsTo: say('leads-to'),
  state: say('state'),
  owner: say('owner'),
  behind: say('what-is-behind-it'),
  weatherproof: say('weatherproof'),
  isolated: say('isolated-while-we-work'),
  movable: say('can-be-moved'),
  occupied: say('occupied'),
  what: say('what-exactly'),
};

/** What stands beside, below or behind the surfaces. */
export function FeaturesPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title={say('beside-below-and-behind')}
      kind="feature"
      add={say('add-feature')}
      fields={{
        name: say('feature-features-count', { featuresCount: survey.features.length + 1 }),
        kind: 'plant-bed',
      }}
      count={survey.features.length}
      about={say('plant-beds-drains-ponds-sockets')}
    >
      {survey.features.map((feature) => (
        <FeatureCard key={feature.id} feature={feature} />
      ))}
    </EntityList>
  );
}

function FeatureCard({ feature }: { readonly feature: Feature }) {
  const { patch } = useEntity('feature', feature.id);
  return (
    <EntityCard id={feature.id} name={feature.name} about={aboutFeature(feature)}>
      <TextField label={say('feature')} value={feature.name} take={(name) => patch({ name: name.trim() })} />
      <ChoiceField
        label={say('kind')}
        value={feature.kind}
        options={FEATURE_OPTIONS}
        take={(kind) => patch({ kind, leadsTo: isDrain({ kind }) ? 'unknown' : null })}
      />
      {FEATURE_DETAILS[feature.kind].map((key) => (
        <DetailField key={key} feature={feature} detail={key} />
      ))}
      <div className="wide">
        <TextField label={say('note')} value={feature.note} take={(note) => patch({ note: note.trim() })} />
      </div>
      <SurroundedBy feature={feature} />
    </EntityCard>
  );
}

/** What matters of a feature on one line: its kind, and what was answered. */
function aboutFeature(feature: Feature): string {
  const details: readonly FeatureDetailKey[] = FEATURE_DETAILS[feature.kind];
  const said = details.flatMap((key) => {
    const value = feature[key];
    return value === null || value === '' || value === 'unknown'
      ? []
      : [key === 'what' ? value : `${lowerFirst(DETAIL_LABELS[key])} ${lowerFirst(words(value))}`];
  });
  return [FEATURE_NAMES[feature.kind satisfies FeatureKind], ...said].join(', ');
}

function DetailField({ feature, detail }: { readonly feature: Feature; readonly detail: FeatureDetailKey }) {
  const { patch } = useEntity('feature', feature.id);
  const settings = detailSettings(detail);
  const label = DETAIL_LABELS[detail];
  return settings ? (
    <ChoiceField
      label={label}
      value={feature[detail] ?? 'unknown'}
      options={settings.map((setting) => ({ value: setting, label: words(setting) }))}
      take={(value) => patch({ [detail]: value })}
    />
  ) : (
    <TextField
      label={label}
      value={feature[detail] ?? ''}
      take={(text) => patch({ [detail]: text.trim() })}
    />
  );
}
