/** What a visit takes along: stock, load, hoses, bags, and what is done with caught water. */
export const PROVISIONS = {
  'load/machine-missing': 'none on this job',
  'load/for': 'for {places}',
  'load/for-surfaces': 'for {count} surfaces',
  'load/for-places': 'for {count} places',
  'load/hose/pressure': 'Pressure hose',
  'load/hose/supply': 'Supply and rinse hose',
  'load/hose-amount': '{metres}, {couplings, plural, one {# coupling} other {# couplings}}',
  'load/hose-short': '{needed} needed, you have {owned}: borrow {more}',
  'load/each': '{people} ×',
  'load/data-sheet': 'Safety data sheet: {product}',
  'load/data-sheet-from': 'from the supplier',
  'load/permission': 'Permission for {point}',
  'load/permission-open': 'not granted yet',
  'load/order': 'Crew order, printed',
  'load/order-why': 'in case the phone dies',
  'load/damage-sheet': 'Damage sheet, for the signature',
  'load/sacks': 'Sacks',
  'load/tank': 'Water in the tank',
  'load/tank-amount': '{start} of {full}',
  'load/short': '{item}: {why}',
  'load/too-heavy':
    'The load weighs about {load}, the vehicle carries {carries}: start with less water in the tank, or make two trips.',
  'load/too-large':
    'The load takes about {load}, the vehicle carries {carries}: start with less water in the tank, or make two trips.',

  'stock/from-lot': '{amount} of lot {lot}',
  'stock/from-lot/place': '{amount} of lot {lot}, {place}',
  'stock/called': '{called} ({product})',
  'stock/pack': '{count} × {size} {unit}',
  'stock/in-packs': 'in {packs}',
  'stock/enough': '{needed} from stock',
  'stock/none': 'buy {packs}: no lot recorded',
  'stock/not-enough': '{stock} of {needed} from stock; not enough: buy {packs}',
  'stock/yard-mix': '{amount}, keeps {hours} h',

  'bulk/of-surface': '{place}: {sum}',
  'bulk/whole': 'All = {amount}',
  'bulk/whole/waste': 'All + {percent} % waste = {amount}',
  'bulk/brought': '{bags, plural, one {# bag} other {# bags}} of {size}',
  'bulk/carried-off': '{bags, plural, one {# sack} other {# sacks}} of {size} for {what}',

  'hose/to-vehicle': '{point} to the vehicle',
  'hose/to-machine': 'Vehicle to the machine',
  'hose/rinse': 'Rinse hose to {side}',
  'hose/pressure-washer': 'Pressure washer to {side}',
  'hose/hot-washer': 'Hot washer to {side}',
  'hose/not-paced': 'Distance not paced: ask on the Walk.',
  'hose/with-spare': '{metres} with {percent} % spare',
  'hose/farthest': '{metres} to the farthest side',
  'hose/none-recorded': '{metres}; no pressure hose recorded',
  'hose/pump-unknown': '{metres}; its loss is unknown until you record flow and pressure of the pump',
  'hose/loss': '{metres} of {inner} eat {loss} of {pressure}',
  'hose/loss/too-much':
    '{metres} of {inner} eat {loss} of {pressure}: more than {percent} %. From {useful} on, lay supply hose and move the machine closer, or use a wider hose',

  'run-off/sum':
    '{applied} of mix + {rinsed} through hoses and lances, of which {leaving} leave the surfaces',
  'run-off/nothing-to-catch': 'You are bringing nothing to catch it in.',
  'run-off/empty':
    'Empty the catch {times, plural, one {# time} other {# times}} during the work, before it is full.',
  'run-off/empty-by': 'The catch is full at {times}: empty it before.',
  'run-off/reuse':
    'Every label allows it: reuse caught water on these premises as the labels say, once the strip reads as they ask. None of it leaves the premises.',
  'run-off/sewer':
    'Caught water goes down a drain only if that leads to the foul sewer and the sewer’s owner allows it. Otherwise take it away by a licensed route.',
  'run-off/no-reuse': 'Do not reuse it on the premises: no product label in use allows it, for {agents}.',
  'run-off/rain': 'The first rain washes off what is left on: tell whoever lives with that water.',
  'run-off/neutraliser': '{kilograms} of {name}',
  'run-off/neutraliser/before-acid': '{kilograms} of {name} (never where an acid follows)',
  'run-off/or': '{one}, or {other}',
  'run-off/neutralise': 'For {active} of {agent} at most {neutralisers}; until the {reading}.',
} as const;
