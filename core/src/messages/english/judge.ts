/** What an independent reading of the day finds unsound. */
export const JUDGE = {
  'judge/wetted': '{place}, which must be dry from {dryFrom} on, is wetted from {source} at {at}',
  'judge/wetted-before':
    '{place}, which must dry for {days, plural, one {# day} other {# days}}, was wetted from {source} {before, plural, one {# day} other {# days}} before',
  'judge/stays-on': '{later} on {place} at {at}, while {earlier} on {source} stays on',
  'judge/gate/rinse': '{later} on {place} at {at}, before the rinse of {earlier} on {source} at {end}',
  'judge/gate/neutralising':
    '{later} on {place} at {at}, before neutralising of {earlier} on {source} at {end}',
  'judge/gate/reading': '{later} on {place} at {at}, before the reading of {earlier} on {source} at {end}',
  'judge/never/rinse':
    '{later} on {place} at {at}, before the rinse of {earlier} on {source}, which is not planned',
  'judge/never/neutralising':
    '{later} on {place} at {at}, before neutralising of {earlier} on {source}, which is not planned',
  'judge/never/reading':
    '{later} on {place} at {at}, before the reading of {earlier} on {source}, which is not planned',
  'judge/two-places': '{person} is needed for {before} and for {act} at {at}',
  'judge/below': 'somebody works on {low} at {at} below work on {high}',
  'judge/not-mixed': '{agent} on {places} at {at} is put on before anybody has mixed it',
  'judge/mixed-too-long': '{agent} on {places} at {at} was mixed at {mixed} and keeps {hours} h',
  'judge/vessel': 'one sprayer carries {before} and at {at} {agent}',
  'judge/chain': '{act} on {place} at {at}, before its {before} has ended at {end}',
  'judge/run-down': '{act} of {above} at {at} runs onto {place}, which is treated from {from} to {until}',
  'judge/too-soon': '{agent} on {place} from {from} is taken off too soon, at {at}',
  'judge/too-long': '{agent} on {place} from {from} is left on too long, until {at}',
} as const;
