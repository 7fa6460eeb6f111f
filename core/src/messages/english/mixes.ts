/** Mixes, their sums, and the stock that they are made from. */
export const MIXES = {
  'solid/too-strong':
    '{strength} g/L from solid warms the mix by {kelvin} K: above {limit} g/L it may boil and spit, so it is not made from solid. Buy it as a liquid, or use a weaker mix.',
  'solid/at-once':
    '{strength} g/L from solid warms the mix by {kelvin} K: sprinkle it slowly into the water, stirring; never pour water onto it.',
  'solid/in-steps':
    '{strength} g/L from solid warms the mix by {kelvin} K: dissolve it in {steps} parts, and let the mix cool to hand-warm between them; never pour water onto it.',

  'injector/too-weak':
    'It draws {percent} % of what it delivers: from {tank} g/L in the tank at most {reachable} g/L reach the surface, and {needed} are needed. Ways out: {ways}.',
  'injector/way/at-the-end': 'an injector at the end of the lance, measured again',
  'injector/way/pump': 'a dedicated low-pressure pump with the finished mix',
  'injector/way/hand': 'a hand sprayer with the finished mix',

  'mix/ready': '{agent}, ready to use',
  'mix/powder': '{agent}, powder',
  'mix/water': 'Water',
  'mix/surfactant': 'Non-ionic surfactant',
  'mix/cover': '{area} × ({cover})',
  'mix/sum': '{area} + {percent} % waste = {amount}',
  'mix/sum/injector': '{area} + {percent} % waste = {amount}, of which the injector draws {drawn} %',
  'mix/cover/mists': '{cover} + {passes, plural, one {# mist} other {# mists}} × {rate} L/m²',
  'mix/on-wet': '{strength} g/L × {rate} ÷ ({rate} + {film} kg/m² of pre-wet) = {left} g/L',

  'lot/measured': 'measured {strength} g/L by {how} on {day}',
  'lot/label': '{strength} g/L on the label, bought {day}',
  'lot/aged':
    '{start}; {days, plural, one {# day} other {# days}} at {coolest} °C leave about {strength} g/L, ±20 % of the loss: a strip reading counts first',
  'lot/aged/span':
    '{start}; {days, plural, one {# day} other {# days}} at {coolest} to {warmest} °C leave about {strength} g/L, ±20 % of the loss: a strip reading counts first',
  'lot/other-product': 'of another product than “{product}”, which is in use',
  'lot/unused-product': 'of a product that is not in use',
  'lot/bought-later': 'bought {day}, after the day of the work',
  'lot/expired': 'expired {day}',
} as const;
