import type { JUDGE as ENGLISH } from '../../../messages/english/judge.ts';

export const JUDGE: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'judge/wetted': '{place} muss ab {dryFrom} trocken sein und wird um {at} von {source} nass',
  'judge/wetted-before':
    '{place} muss {days, plural, one {# Tag} other {# Tage}} trocknen und wurde {before, plural, one {# Tag} other {# Tage}} vorher von {source} nass',
  'judge/stays-on': '{later} an {place} um {at}, während {earlier} an {source} darauf bleibt',
  'judge/gate/rinse': '{later} an {place} um {at}, vor dem Abspülen von {earlier} an {source} um {end}',
  'judge/gate/neutralising':
    '{later} an {place} um {at}, vor dem Neutralisieren von {earlier} an {source} um {end}',
  'judge/gate/reading': '{later} an {place} um {at}, vor der Messung von {earlier} an {source} um {end}',
  'judge/never/rinse':
    '{later} an {place} um {at}, vor dem Abspülen von {earlier} an {source}, das nicht geplant ist',
  'judge/never/neutralising':
    '{later} an {place} um {at}, vor dem Neutralisieren von {earlier} an {source}, das nicht geplant ist',
  'judge/never/reading':
    '{later} an {place} um {at}, vor der Messung von {earlier} an {source}, die nicht geplant ist',
  'judge/two-places': '{person} wird um {at} für {before} und für {act} gebraucht',
  'judge/below': 'um {at} arbeitet jemand an {low} unter der Arbeit an {high}',
  'judge/not-mixed': '{agent} an {places} um {at} wird aufgetragen, bevor es jemand gemischt hat',
  'judge/mixed-too-long': '{agent} an {places} um {at} wurde um {mixed} gemischt und hält {hours} h',
  'judge/vessel': 'ein Sprüher trägt {before} und um {at} {agent}',
  'judge/chain': '{act} an {place} um {at}, bevor {before} dort um {end} zu Ende ist',
  'judge/run-down': '{act} von {above} um {at} läuft auf {place}, das von {from} bis {until} behandelt wird',
  'judge/too-soon': '{agent} an {place} ab {from} wird zu früh abgenommen, um {at}',
  'judge/too-long': '{agent} an {place} ab {from} bleibt zu lange, bis {at}',
};
