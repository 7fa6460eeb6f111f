import type { MIXES as ENGLISH } from '../../../messages/english/mixes.ts';

export const MIXES: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'solid/too-strong':
    '{strength} g/L aus Feststoff erwärmen den Ansatz um {kelvin} K: über {limit} g/L kann er kochen und spritzen, deshalb wird er nicht aus Feststoff angesetzt. Als Flüssigkeit kaufen oder schwächer mischen.',
  'solid/at-once':
    '{strength} g/L aus Feststoff erwärmen den Ansatz um {kelvin} K: langsam ins Wasser streuen, dabei rühren; nie Wasser darauf gießen.',
  'solid/in-steps':
    '{strength} g/L aus Feststoff erwärmen den Ansatz um {kelvin} K: in {steps} Teilen lösen und dazwischen handwarm abkühlen lassen; nie Wasser darauf gießen.',
  'injector/too-weak':
    'Er saugt {percent} % dessen an, was er abgibt: aus {tank} g/L im Tank kommen höchstens {reachable} g/L auf die Fläche, nötig sind {needed}. Auswege: {ways}.',
  'injector/way/at-the-end': 'ein Injektor am Ende der Lanze, neu gemessen',
  'injector/way/pump': 'eine eigene Niederdruckpumpe mit dem fertigen Ansatz',
  'injector/way/hand': 'ein Handsprüher mit dem fertigen Ansatz',
  'mix/ready': '{agent}, gebrauchsfertig',
  'mix/powder': '{agent}, Pulver',
  'mix/water': 'Wasser',
  'mix/surfactant': 'Nichtionisches Netzmittel',
  'mix/cover': '{area} × ({cover})',
  'mix/sum': '{area} + {percent} % Verlust = {amount}',
  'mix/sum/injector': '{area} + {percent} % Verlust = {amount}, davon saugt der Injektor {drawn} % an',
  'mix/cover/mists': '{cover} + {passes, plural, one {# Nachnebeln} other {#-mal Nachnebeln}} × {rate} L/m²',
  'mix/on-wet': '{strength} g/L × {rate} ÷ ({rate} + {film} kg/m² vom Vornässen) = {left} g/L',
  'lot/measured': 'gemessen {strength} g/L ({how}), {day}',
  'lot/label': '{strength} g/L laut Etikett, gekauft {day}',
  'lot/aged':
    '{start}; nach {days, plural, one {# Tag} other {# Tagen}} bei {coolest} °C bleiben etwa {strength} g/L, ±20 % des Verlusts: ein Teststreifen geht vor',
  'lot/aged/span':
    '{start}; nach {days, plural, one {# Tag} other {# Tagen}} bei {coolest} bis {warmest} °C bleiben etwa {strength} g/L, ±20 % des Verlusts: ein Teststreifen geht vor',
  'lot/other-product': 'von einem anderen Produkt als „{product}“, das in Gebrauch ist',
  'lot/unused-product': 'von einem Produkt, das nicht in Gebrauch ist',
  'lot/bought-later': 'gekauft {day}, nach dem Tag der Arbeit',
  'lot/expired': 'abgelaufen {day}',
};
