/** Warnings of a plan, by rule; wordings of one rule stand behind a stroke. */
export const WARNINGS = {
  // One surface.
  'out-of-scope': '{place}: not in this job.',
  'out-of-scope/why': '{place}: not in this job: {why}.',
  unmeasured: '{place}: {fault}.',
  'nothing-found': '{place}: nothing found, so no work is planned.',
  'not-looked-at': '{place}: not inspected on this job yet, so no work is planned.',
  'no-permitted-method':
    '{place}: no permitted method for {dirt}. {rules} Leave it out of scope, or override a rule that allows it, with your reason.',
  'choice-not-applied': '{place}: {why}',
  'rule-set-aside': '{place}: {why}',
  'rule-set-aside/patch': '{place}: {agent} without a test patch. {by}: “{reason}”. The rule: {rules}',
  'patch-missing':
    '{place}: try {agent} on a test patch first, {strength}, {minutes} min, and check it once dry. {rules}',
  'by-others': '{place}: we do not treat the {dirt}: {method}.',
  'for-specialists':
    '{place}: so much of {dirt} is for licensed specialists: its dust makes ill. Choose to hand it over; once they are done, survey what is left.',
  'not-workable-now': '{place}: {why}',
  'choice-without-finding':
    '{place}: {by} chose {method} for {dirt}, which is no longer found here. The choice is kept in case it comes back.',
  'choices-differ': '{place}: two choices for {dirt}: {earlier}, then {by} {method}. The last one counts.',
  'out-of-reach':
    '{place} is out of reach. {why} Enter the pole, ladder, tower or lift you are bringing (Supply), choose a method that reaches, or leave it out of scope.',

  // The day, the weather, the crew.
  'leaves-before':
    '{name} is to leave by {until}, and is needed until {at}. Let them stay, begin earlier, or enter an earlier hour so that the day is planned without them from then on.',
  'pin-void/nobody':
    '{place} was fixed to {name}, who is not in the crew: it is planned without that. Fix it to somebody else, or let it go.',
  'pin-void/not-allowed':
    '{place} was fixed to {name}, who may not do it alone or has no ticket for it: it is planned without that. Fix it to somebody who may, or let it go.',
  'stand-alone/ladder':
    '{places}: worked from a ladder with nobody there all day to foot it. Tie it or stand it off against slipping, or bring somebody.',
  'stand-alone/tower':
    '{places}: worked from a tower, which takes two people to put up and to move. Bring somebody, or one that its maker lets one person build.',
  'ticket-missing':
    'Nobody of the crew is entered with a ticket for {what}, which {places} needs. Enter who holds it (Sequence, Crew), or bring somebody who does; what the law asks for is for you to check.',
  'visit-gone':
    'Visit {asked} was chosen, but the job now has {planned, plural, one {# visit} other {# visits}}: visit {planned} is planned instead.',
  'spray-drift/stop': 'Wind {wind} m/s: no spraying above {limit} m/s. Wait for a calmer hour.',
  'spray-drift/warn':
    'Wind {wind} m/s carries spray: use coarse drops, work close to the surface, keep people and cars away.',
  cold: '{air} °C: agents work slowly below {limit} °C, and wet ground may freeze.',
  'drain-loop': 'Run-off goes round in a circle: {loop}. Water runs downhill: take one link out.',
  'nothing-to-do': 'No work to order yet: add a surface and what is on it.',
  'day-too-long/property':
    'The work ends at {until}, and nobody may be on the property after {end}. Add people or machines, spread it over several visits, or ask for longer hours (Walk, Property).',
  'day-too-long/light':
    'The work ends at {until}, and it is dark from {end} on. Begin earlier, add people or machines, or spread it over several visits.',
  'day-too-long':
    'The visit takes {takes}; the working day is {day}. Add people or machines, keep more of the day free under Hours so that less is put into it, or leave surfaces out of scope.',
  'too-many-pieces':
    'This visit breaks into {pieces} pieces of work, too many to sequence. Wait for cooler or damper weather, choose methods with a longer dwell, or split the job.',
  'too-many-pieces/worst':
    'This visit breaks into {pieces} pieces of work, {sections} of them on the front at {place}: too many to sequence. Wait for cooler or damper weather, choose methods with a longer dwell, or split the job.',
  'no-sequence':
    'No sequence works: {why}. Add the machine or the person, or leave the surface out of scope.',
  'no-sequence/contradicts':
    'No sequence works. {why} Change the hours or what is fixed (Sequence), or leave the surface out of scope.',
  'no-sequence/fixed':
    'No sequence is found with what is fixed ({fixed}), and there is one without. Let one of them go, or fix it to another time or person (Sequence, Rounds).',
  'mix-outlived': 'No safe sequence: {why}. Add people, or spread the work over several visits.',
  'unsafe-sequence':
    'No safe sequence: {why}. Choose another method for one of them, or do it on another visit.',
  'water-refill':
    'The tap fills the tank {times}: nobody draws water then, and nothing new is begun. What needs no water and is begun goes on.',
  'water-short/tank': 'The tank runs dry at {at}: {short} short over the day. {ways}',
  'water-short/tap':
    'Without a tank, the pumps outrun the taps from {at}: {short} short over the day. {ways}',
  'water-short/tank-unmeasured':
    'Nobody has measured the tap. At {least} the tank runs dry at {at}, {short} short over the day; at {most} {best}. Time a bucket under it.',
  'water-short/tap-unmeasured':
    'Nobody has measured the tap. At {least} the pumps outrun it from {at}, {short} short over the day; at {most} {best}. Time a bucket under it.',
  'hose-slow':
    'The taps give {supply}, less than the hoses would take: rinsing takes about {minutes} min longer over the day than planned. A second tap, or rinsing through the pump from the tank, saves that.',
  'pump-stronger': '{place}, {tool}: {force} kPa on the surface at full pressure, limit {limit}. {advice}',
  'covered-too-long':
    '{place} would be covered for {takes}. Plants cook under a cover in the sun after {minutes} min: lift it between surfaces, wet them down instead, or work in the shade.',
  'neutralised-late':
    '{place} is rinsed by {from} and neutralised only at {at}, {takes} later: what is left in the surface dries in and goes on working. Keep it wet until then, or bring one more person for the day.',

  // Sprayers, stock, labels.
  'sprayer-opposed':
    '{agents, plural, one {# agent is} other {# agents are}} sprayed ({names}) with {sprayers, plural, =0 {no sprayer} one {# sprayer} other {# sprayers}}: agents that must never meet would share one. Bring at least {needed}, better one for each agent.',
  'sprayer-shared':
    'At {at} {atOnce, plural, one {# sprayer is} other {# sprayers are}} full at once ({names}), and you bring {sprayers, plural, =0 {none} other {#}}. Bring {more} more, or rinse {rinses, plural, =0 {one out between mixes} one {one out once, three times through,} other {them out # times over the day, three times through each,}} before another mix goes in.',
  'too-thin':
    '{place}: one litre of {product} is spread over {spread} m², and past {most} m² it does nothing. Put on at least {least} L/m² a coat, or check the coverage on the label.',
  'lot-unfit': '{agent}: {lots} cannot be used.',
  'lot-unread':
    '{agent}, lot {lots}: more than a fifth of its strength is gone, by estimate alone. Test it with a strip before mixing; if it is stronger than estimated, so is the mix.',
  'stock-short':
    '{agent}: not enough in stock. {litres} L of mix is figured with new product at label strength; see Supply for how much to buy.',
  'injector-too-weak': '{agent}: {why}',
  'data-sheet-missing':
    '“{product}” ({agent}) has no data sheet. Add the file or its address in the handbook: nothing goes on an order without one.',
  'label-stricter': '{agent}. {note}',
  'label-looser': '{agent}. {note}',
  'label-note': '{agent}. {note}',
  'no-product':
    'No product of yours is set for {agents}. Name yours in the handbook: its label and data sheet come first.',
  'house-value':
    'Your own value is looser than the trade default: {entry}, {value} {own} instead of {shipped}, set by {by}: “{reason}”.',

  // Readings.
  'too-damp':
    '{place}: {read} % moisture on {on}; it must have {most} % or less. Not before {next}: measure again then.',
  'rained-on': '{place}: {read} mm of rain on {on}, so its drying begins again. Not before {next}.',
  'rained-on/moved':
    '{place}: {read} mm of rain on {on}, so its drying began again; this visit comes no sooner than {next}.',
  'after-event': 'The result shows after the event on {event}: {places}.',
  'not-neutral/never':
    '{place}: pH {read} on {on}, acid is still there, and {agent} must never meet it. Rinse, neutralise and read again until the strip shows {from} to {to}.',
  'not-neutral/used-up':
    '{place}: pH {read} on {on}, alkali is still there; it uses up {agent} and gives off heat. Rinse, neutralise and read again until the strip shows {from} to {to}.',
  'not-neutral/acid':
    '{place}: pH {read} on {on}, acid is still there, and {agent} will not last on it. Rinse, neutralise and read again until the strip shows {from} to {to}.',
  'not-neutral/alkali':
    '{place}: pH {read} on {on}, alkali is still there, and {agent} will not last on it. Rinse, neutralise and read again until the strip shows {from} to {to}.',

  // What meets what.
  'chemistry-apart':
    '{later} starts only once {earlier} {count, plural, one {is} other {are}} rinsed and the reading is good: {meets}, and these must never meet. {caught}{way}',
  'chemistry-apart/several':
    '{place} takes turns with what must never meet it: {turns}. Each starts only once the one before is rinsed and the reading is good. {caught}{way}',
  'agent-on-other-face': '{place}: {agent} {comes}. {rules} The order says how it is protected. {way}',
  'ammonia-under-hypochlorite':
    '{place}: {agent} {comes}. There are droppings or urine on it, and together they release toxic gas: flush them off with clean water before anything else. {way}',
} as const;

/** How things come together, and what would spare the trouble: parts of warnings. */
export const MEETINGS = {
  'meets/run-off': 'their water comes together at {at}',
  'meets/beside': 'they are side by side',
  'meets/splash': 'washing it splashes the foot of {at}',
  'meets/drift': 'in this wind the spray of one drifts onto the other',
  'turns/both': 'it comes after {before}, and before {after}',
  'turns/after': 'it comes after {before}',
  'turns/before': 'it comes before {after}',
  'meets/caught-at': 'Empty and neutralise what is caught at {at} in between.',
  'meets/caught': 'Empty and neutralise what is caught there in between.',
  'saves-the-wait': 'To save the wait: {method} on {place}.',
  'saves-the-waits': 'To save all these waits: {method} on {place}.',
  'saves-the-wait/none': 'No other permitted method saves the wait.',
  'comes/run-off': 'runs over it from {from}',
  'comes/beside': 'reaches its edge from {from}',
  'comes/splash': 'splashes onto it from {from}',
  'comes/drift': 'drifts onto it in this wind from {from}',
  'spares-it': 'To spare it: {method} on {place}.',
  'spares-it/none': 'No single change of method spares it.',
} as const;
