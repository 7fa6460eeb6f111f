import { CATALOGUE, PATCH_VERDICTS, deletionOf, neededPatches, lowerFirst } from '@etappe/core';
import type { NeededPatch, PatchVerdict, PlannedSurface, TestPatch } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../person-on-device.ts';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { DateField } from '../quantity-fields/date-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { creation, useEntity } from '../survey-edits/use-entity.ts';
import { PhotoStrip } from '../photos/photo-strip.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { today } from '../today.ts';
import { EntityCard } from '../records/entity-card.tsx';
import { ReasonDialog } from '../reason-dialog.tsx';
import { say } from '../messages/treat.ts';

const VERDICT_WORDS: Readonly<Record<PatchVerdict, string>> = {
  open: say('not-checked-dry-yet'),
  go: 'go',
  'no-go': 'failed',
};
const AGENT_OPTIONS = CATALOGUE.agents.map((a) => ({ value: a.id, label: a.name }));
const TOOL_OPTIONS = CATALOGUE.tools.map((t) => ({ value: t.id, label: t.name }));

/** What must be tried on a spot before it goes on the whole face, and what was tried. */
export function PatchesPart({ planned }: { readonly planned: PlannedSurface }) {
  const { survey } = useSurveySession();
  const { surface, treatment } = planned;
  const needed = neededPatches(surface, treatment, survey);
  const onSurface = surface.zoneOf ?? surface.id;
  const tried = survey.testPatches.filter((p) => p.surface === onSurface);
  if (needed.length === 0 && tried.length === 0) return null;
  return (
    <section className="proposal" aria-label={say('test-patches')}>
      <h3>{say('test-patches')}</h3>
      {needed.map((patch) => (
        <Needed key={patch.agent} needed={patch} />
      ))}
      {tried.map((patch) => (
        <PatchCard key={patch.id} patch={patch} />
      ))}
    </section>
  );
}

/** The plan's own strength and time, ready to be written down as tried. */
function Needed({ needed }: { readonly needed: NeededPatch }) {
  const { state, survey, edit } = useSurveySession();
  const [waiving, setWaiving] = useState(false);
  const { surface, agent, agentName, because, passed, waiver, strengthGramsPerLitre, dwellMinutes, tool } =
    needed;
  const how = say('min-strength-grams-per-litre-words', {
    strengthGramsPerLitreWords:
      strengthGramsPerLitre === null ? say('ready-to-use') : `${strengthGramsPerLitre} g/L`,
    dwellMinutes,
  });
  const tried = survey.testPatches.some((p) => p.agent === agent && p.verdict === 'open');
  return (
    <div className="patch-needed">
      <p>
        {passed ? '✓ ' : waiver ? '△ ' : '✕ '}
        <b>
          {agentName}, {how}:
        </b>{' '}
        {passed ? say('passed', { doneOnWords: passed.doneOn === null ? '' : `, ${passed.doneOn}` }) : ''}
        {waiver ? say('without-a-patch-by', { by: waiver.by, reason: waiver.reason }) : ''}
        <span className="quiet">{because.map((rule) => rule.text).join(' ')}</span>
      </p>
      {!passed && !waiver && (
        <div className="chips">
          {!tried && (
            <Button
              type="primary"
              onClick={() => {
                edit([
                  creation('test-patch', uuidv7(), {
                    surface: surface.zoneOf ?? surface.id,
                    zone: surface.zoneOf === null ? null : surface.id,
                    agent,
                    strengthGramsPerLitre,
                    dwellMinutes,
                    tool,
                    doneOn: today(),
                    doneBy: personOnDevice(),
                    position: survey.testPatches.length,
                  }),
                ]);
              }}
            >
              {say('record-a-test-patch')}
            </Button>
          )}
          <Button
            onClick={() => {
              setWaiving(true);
            }}
          >
            {say('go-without')}
          </Button>
        </div>
      )}
      {waiver && !passed && (
        <Button
          size="small"
          onClick={() => {
            edit(deletionOf(state, waiver.id));
          }}
        >
          {say('require-it-again')}
        </Button>
      )}
      {waiving && (
        <ReasonDialog
          title={say('put-without-a-test-patch', { agentName: lowerFirst(agentName) })}
          ok={say('go-without-it')}
          cancel={say('try-it-first')}
          close={() => {
            setWaiving(false);
          }}
          accept={(reason, by) => {
            const at = new Date().toISOString();
            edit([
              creation('waiver', uuidv7(), { surface: surface.id, agent, reason, by, at, position: 100 }),
            ]);
            setWaiving(false);
          }}
        >
          {because.map((rule) => (
            <p key={rule.id}>{rule.text}</p>
          ))}
        </ReasonDialog>
      )}
    </div>
  );
}

function PatchCard({ patch }: { readonly patch: TestPatch }) {
  const { patch: change } = useEntity('test-patch', patch.id);
  const agent = CATALOGUE.agent(patch.agent);
  const ready = agent.stock.form === 'ready';
  const strength = patch.strengthGramsPerLitre === null ? '' : `${patch.strengthGramsPerLitre} g/L, `;
  return (
    <EntityCard
      id={patch.id}
      name={`${agent.name}: ${VERDICT_WORDS[patch.verdict]}`}
      about={say('min-strength', {
        strength,
        dwellMinutes: patch.dwellMinutes,
        name: lowerFirst(CATALOGUE.tool(patch.tool).name),
        doneOnWords: patch.doneOn === null ? '' : `, ${patch.doneOn}`,
        doneByWords: patch.doneBy === '' ? '' : `, ${patch.doneBy}`,
      })}
    >
      <div className="wide">
        <ChipField
          label={say('result')}
          value={patch.verdict}
          options={PATCH_VERDICTS.map((verdict) => ({ value: verdict, label: VERDICT_WORDS[verdict] }))}
          take={(verdict) => change({ verdict })}
        />
      </div>
      <div className="wide">
        <TextField
          label={say('how-it-looked-wet-and')}
          value={patch.result}
          take={(result) => change({ result: result.trim() })}
        />
      </div>
      <div className="wide">
        <PhotoStrip kind="photo" of={patch.id} what={say('the-test-patch')} />
      </div>
      <TextField
        label={say('where-hidden')}
        value={patch.where}
        take={(where) => change({ where: where.trim() })}
      />
      <ChoiceField
        label={say('agent')}
        value={patch.agent}
        options={AGENT_OPTIONS}
        take={(id) => change({ agent: id })}
      />
      {!ready && (
        <NumberField
          label={say('strength-at-the-surface')}
          value={patch.strengthGramsPerLitre}
          unit="g/L"
          clear={() => change({ strengthGramsPerLitre: null })}
          take={(strengthGramsPerLitre) => change({ strengthGramsPerLitre })}
        />
      )}
      <NumberField
        label={say('dwell')}
        value={patch.dwellMinutes}
        unit="min"
        take={(dwellMinutes) => change({ dwellMinutes })}
      />
      <ChoiceField
        label={say('tool')}
        value={patch.tool}
        options={TOOL_OPTIONS}
        take={(tool) => change({ tool })}
      />
      <DateField label={say('done-on')} value={patch.doneOn} take={(doneOn) => change({ doneOn })} />
      <TextField
        label={say('done-by')}
        value={patch.doneBy}
        take={(doneBy) => change({ doneBy: doneBy.trim() })}
      />
    </EntityCard>
  );
}
