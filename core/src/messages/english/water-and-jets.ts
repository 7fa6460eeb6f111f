/** Water of the day, access and reach, pumps and jets, as their sums and advice say it. */
export const WATER_AND_JETS = {
  'section/one': 'part {number} of {count}',

  'water/flow-unknown': 'flow not known, figured with {least} to {most}: time a bucket under it',
  'water/best/lasts': 'it lasts',
  'water/best/dry': 'it still does at {at}',
  'water/flow/measured': '{flow} by the bucket',
  'water/flow/told': '{flow} as told',
  'water/hose': '{length} of {inner} at {bar} bar',
  'water/hose/assumed': '{length} of {inner} at {bar} bar (assumed)',
  'water/let-through': '{flow}; {hose} let {arrives} through',
  'water/let-all-through': '{flow}; {hose} let it all through',
  'water/price': '{amount} m³ × {price}',

  'way-out/supply':
    '{needed} from taps would be enough: {more} more than now, from a second tap or a hydrant with permission.',
  'way-out/hose': 'A hose of ¾ in to {point} lets {arrives} through instead of {now}.',
  'way-out/hose/not-enough':
    'A hose of ¾ in to {point} lets {arrives} through instead of {now}, not enough by itself.',
  'way-out/tank': 'A tank of {size}, full when work begins.',
  'way-out/pause-at': '{minutes} min at {at}',
  'way-out/pause':
    'Wait while the tap fills the tank: {pauses}. Nothing is wet then and nothing may start; the day gets {longer} min longer.',
  'way-out/truck':
    '{trips, plural, one {# delivery} other {# deliveries}} of {size} by truck, the first before {by}.',
  'way-out/nozzle': 'Smaller tips with {percent} % of the flow: gentler, and slower by about as much.',
  'way-out/or': '{one} Or: {other}',

  'access/height': '{platform} + {hands} + {tool} = {reaches} m',
  'access/too-low': 'the {access} is too low ({height})',
  'access/gap-unknown': 'the {access} is high enough ({height}), its base is {base} m wide: measure the gap',
  'access/fits': 'the {access} does it ({height}), its base is {base} m wide, the gap {gap} m',
  'access/too-wide': 'the {access} does not fit: its base is {base} m wide, the gap {gap} m',
  'reach/pole': 'A straight pole to the ridge is {pole} m long and clears the slope from {standOff} m off',
  'reach/no-room': '{pole}; there are {room} m of room. Take a goose-neck, a tower or a lift.',
  'reach/too-long': '{pole}; the longest pole has {longest} m. Take a goose-neck, a tower or a lift.',
  'reach/neither':
    '{pole}; there are {room} m of room, and the longest pole has {longest} m. Take a goose-neck, a tower or a lift.',

  'jet/same-tip':
    'This pump gives {running} through this tip, and the work is figured with {judged}: turn the pump down to {down} at the tip',
  'jet/other-tip':
    'Orifice {orifice} at {running} hits the surface harder than orifice {judgedOrifice} at {judged}, which the work is figured with: turn the pump down to {down} at the tip',
  'jet/within': '{advice}; even at full pressure it stays within the limit.',
  'jet/beyond': '{advice}; at full pressure it exceeds the limit of this surface.',
  'jet/or-away': '{advice}, or keep {distance} away.',
  'jet/stand-off': '{fan}° tip from {distance} on: {pressure} on a strip of {width}',
  'pump/unloads':
    '{flow} through orifice {orifice} would need {wanted}, the pump gives {rated}: its unloader opens and {leaves} leave the tip. Orifice {fitting} takes it all.',
  'pump/gentle':
    'Orifice {orifice} lets {flow} out at {wanted} only, the pump could give {rated}: gentle, and slower than it must be. Orifice {fitting} brings it to its rating.',
  'pump/runs': 'Orifice {orifice} runs the pump at {wanted} of {rated}.',
} as const;
