/** Why a treatment is as it is: ranking, choices, checks, the sums of wet cycles, and how what is high up is reached. */
export const TREATMENT = {
  'check/ammonia': 'No smell of ammonia; air moves through.',
  'check/begun-today':
    'Today only {today} of the {whole} that are left, from the left; end at an edge or a joint, rinse the edge clear and mark where it ends.',
  'check/full-rinse': 'Full rinse, joints and sills too.',
  'check/whole-panels': 'Whole panels from joint to joint, so no patch shows.',
  'check/record-reading': '{reading}; record the reading.',
  'reading/ph':
    'pH strip reads 6 to 8; on cement and lime what an untreated spot beside it reads under the same water',
  'reading/neutral': 'The strip reads neutral.',
  'reading/again': 'Rinse and neutralise again.',
  'caution/ammonia':
    'Flush urine and droppings away with water first: with hypochlorite they release toxic gas.',
  'caution/opposed':
    '{agent} must be gone before the next agent: the two must never meet in the same run-off.',
  'source/trade-default': 'trade default',
  'source/priorities': 'company priorities',
  'source/patch': 'test patch',
  'source/patch/by': 'test patch by {person}',
  'source/patch/on': 'test patch, {day}',
  'source/patch/by-on': 'test patch by {person}, {day}',
  'patch/failed': 'A test patch with {agent} failed.',
  'patch/failed/why': 'A test patch with {agent} failed: {result}.',
  'patch/ready': 'ready to use',
  'patch/at': 'at {strength}',
  'patch/can-happen': 'The whole surface ends up looking like the patch.',
  'follows/empty-joints': 'Washing takes sand out of the joints.',

  'rank/of-five': '{points} of 5',
  'rank/risk/salts': '{points} on a scale of 5, its salts stay in this stone',
  'rank/risk/frail': '{points} on a scale of 5, force on what is weak or old',
  'rank/harm/doubled': '{points} of 5, doubled: run-off reaches open water',
  'rank/time': '{time} on {area}',
  'rank/water': '{litres} L/m²',
  'rank/product': '{litres} L/m² of mix',
  'rank/cost': '{price} per m²',
  'rank/visits': '{visits, plural, one {# visit} other {# visits}}',
  'rank/by-others': 'Done by others',
  'rank/not-ours': 'not our work',
  'rank/weeks': 'in weeks, where a wash shows it on the day',
  'rank/practice': '{practice} {wanted}',
  'rank/part': '{factor} {figure}: {points}',
  'rank/sum': '{points} points: {parts}.',
  'rank/sum/one': '{points} point: {parts}.',

  'together/with':
    'Goes with {place}{more, plural, =0 {} one { and # more} other { and # more}}, which has the same mix; alone it would be {alone}, {points} points better.',
  'changed/with': '{place}: now with the {agent} of {other}, {method} instead of {before}.',
  'changed/by-itself': '{place}: now {method} instead of {before}.',
  'together/fewer': 'One product fewer on the property; alone it would be {alone}, {points} points better.',
  'event/visit': 'visit {number} from {day}',
  'event/slow': '{place} clears over months',
  'choice/together':
    'It has fewer points than {name} ({points}): together with what else is done on this surface it takes less.',
  'choice/fewer-points': 'It has fewer points than {name} ({points}): {why}',
  'choice/overridden': 'Overridden by {person}: “{reason}”. The rule: {rule} What can happen: {consequence}',
  'choice/overrode': '{person} overrode the rule: “{reason}”.',
  'choice/chosen': 'Chosen by {person}.',
  'choice/not-applied': 'The choice of {person} does not apply any more: {why}',
  'choice/needs-reason': 'overriding the rule needs a reason',
  'choice/not-found': 'it no longer fits what was found here',
  'choice/not-here': 'Not for this surface.',

  'bulk/litres': '{area} × {rate} L/m² = {litres} L',
  'bulk/share': '{sum}; {percent} % of it on this day',
  'bulk/joints': '{sum}, × {area} × {percent} % of the joints = {kilograms} kg',
  'bulk/joints/usual':
    '{sum}, × {area} × {percent} % of the joints = {kilograms} kg; blocks as such paving is usually laid: measure one and its joint',

  'rate/severity': 'severity {severity}',
  'rate/shaded': 'shady, damp side',
  'rate/high': 'above {height}',

  'cycle/leave-on': '{area} ÷ {rate} m²/min = {minutes} min, left on',
  'cycle/drying':
    'evaporation {evaporation} mm/h, {held} kg/m² held{absorbed, select, no {} other {, {absorbed} given back from pre-wetting}}: film {film} min, dry-out {dryOut} min',
  'cycle/nothing-dries': 'the air is so damp that dew falls: nothing dries, {held} kg/m² held',
  'cycle/dew':
    'measured at {celsius} °C, below the dew point: dew falls on it and it is wet, not dry, until it warms; the clocks count from then',
  'cycle/pace':
    'apply {apply}, scrub and rinse {finish} m²/min; dwell {from} to {to} min, {slack} min kept as slack',
  'cycle/mist': 'mist passes within {interval} min, {rate} m²/min',
  'cycle/strips': '{area} in {strips} of {each}, {width} wide',
  'cycle/natural': '{area} in {all}: {strips} of {each}',
  'cycle/strip-times':
    'a strip takes {apply} min to apply and {finish} min to finish; at least {from} min lie between, and it is off within {limit} min',
  'cycle/front':
    '{strips, plural, one {# strip} other {# strips}}: {minutes} min, none on for more than {exposure} min',
  'cycle/breaks':
    '{breaks, plural, one {# break} other {# breaks}} with all strips finished, since nobody goes on for more than {longest} min',
  'cycle/soak': 'soaked for {minutes} min before its first strip',
  'front/within':
    'Only between {from} and {to}: the strips are made for these hours, the sun dries it faster at others. If it gets later, make them half as large.',
  'front/count/strip': '{count, plural, one {# strip} other {# strips}}',
  'front/count/stone': '{count, plural, one {# stone} other {# stones}}',
  'front/count/pane': '{count, plural, one {# pane} other {# panes}}',
  'front/count/panel': '{count, plural, one {# panel} other {# panels}}',
  'front/count/bay': '{count, plural, one {# bay} other {# bays}}',
  'front/count/tread': '{count, plural, one {# tread} other {# treads}}',
  'front/count/board': '{count, plural, one {# board} other {# boards}}',
  'front/count/slab': '{count, plural, one {# slab} other {# slabs}}',
  'front/count/post': '{count, plural, one {# post} other {# posts}}',
  'front/count/door': '{count, plural, one {# door} other {# doors}}',
  'front/count/piece': '{count, plural, one {# piece} other {# pieces}}',
  'front/parts-of': '{area}, {parts} to each of {all}',
  'front/all': '{all} of {each}',
  'front/some': '{from}–{to} of {all}, each {each}',
  'front/one-of': 'no. {number} of {all}, {each}',
  'front/surfaces': 'One front over {count} surfaces, in the order of the walk: each of them is a strip.',
  'treatment/lessens':
    '{what}: {method} lessens it, it does not remove it. Do not force it; say so to the customer.',
  'treatment/better-not-gone': '{what}: the work makes it better; it will not be gone.',
  'front/low-end-up': 'Work from the low end up: no rinse runs over a strip that dwells.',
  'front/at-once': 'Apply a strip and finish it at once, then the next.',
  'front/one':
    '{wait, plural, =0 {Apply it, then finish it at once.} other {Apply it, wait {wait} min, then finish it.}}',
  'front/together':
    'Apply all {strips}, then finish them in the same order; start finishing {first} min after the first drop.',
  'front/eager':
    'Apply {ahead}; start finishing {first} min after the first drop; then apply one for each you finish. Never more than {out} wet.',
  'front/paced':
    'Start the next every {period} min; start finishing at {first} min and stay {behind} behind. Never more than {out} wet.',
  'front/pair':
    'Two of you: one starts the next every {period} min; the other starts finishing {lead} min after the first drop and stays {behind} behind. Never more than {out} wet.',
  'front/single': 'One strip at a time: apply, wait {from} min, finish; then the next.',
  'front/keep-wet': 'It dries within {minutes} min: keep misting it while you work, without a pause.',
  'front/mists': 'Nothing dries: every {minutes} min stop and mist all that is wet.',
  'cycle/film-gone': 'film is gone after {minutes} min',
  'cycle/dried-on': 'product dries on after {minutes} min',
  'cycle/too-slow':
    'Not workable as it is: finishing even {piece} takes {minutes} min, and from the dwell of {from} min only {spare} min are left until it must be off. Choose a method with a longer dwell, or finish faster.',
  'cycle/too-dry':
    'Not workable in this weather: the {clock}, the dwell needs {from} min and {slack} min of slack, so {short} min are short. Wait for shade or a cooler hour, or choose a method that is rinsed as you go.',
  'cycle/at-hour': '{why} {when}',
  'cycle/no-hour': 'This is for {hour}, the hardest hour, and no other hour of that day is easy enough.',
  'cycle/hours':
    'This is for {hour}, the hardest hour of the working day; on this side it could be worked from {hours}.',
  'hours/span': '{from} to {to}',
  'hours/and': '{one} and {other}',
  'hours/none': 'none of this day',
  'hours/any': 'any hour',

  'no-sun/typed':
    'Every hour uses the net radiation you typed. Clear that field on Sequence and the sun is worked out for each surface.',
  'no-sun/no-place':
    'The property is not on the map yet, so the sun cannot be worked out: every hour uses {watts} W/m².',
  'no-sun/no-date': 'The job has no date yet, so the sun cannot be worked out: every hour uses {watts} W/m².',
  'no-sun/pole':
    'This close to a pole no side has a direction: every hour uses {watts} W/m². Latitudes go from −89.9° to 89.9°.',

  'top/on-the-roof': 'Only trained people with fall protection work on the roof itself.',
  'top/pole': 'pole of {length}',
  'top/pole-from': 'pole of {length}, from {distance} off',
  'top/ladder': 'ladder',
  'top/roof-held': '{reach} {who} may work on the roof itself, roped, on boards and from the ridge down.',
  'top/on-roof': 'on the roof, roped, {who}',
  'ticket/roof': 'Work on roofs, with fall protection',
  'ticket/tower': 'Towers',
  'ticket/lift': 'Lifts',
  'ticket/biocide': 'Licensed biocides and weed killers',
  'top/tower': 'tower',
  'top/lift': 'lift',
  'top/by-pole': 'Its top is {top} up, {tool} reaches {reach}: a pole of {length} does it from the ground.',
  'top/by-ladder':
    'Its top is {top} up, {tool} reaches {reach}: a ladder brings the hands there. Competent people only, ladder footed or tied, both feet on it, no pressure washing from it.',
  'top/by-nothing':
    'Its top is {top} up, {tool} reaches {reach}: a pole, ladder, tower or lift closes the gap.',
  'top/no-pole': 'Its top is {top} up, {tool} reaches {reach}: no pole you bring does it. {ways}.',
  'top/roof': '{reach} {caution}',
  'top/roof-ways': '{reach} {ways}. {caution}',

  'wait/dry': 'dries, until {until}',
  'wait/dry/for': 'dries for {span}, until {until}',
  'wait/work': 'works, until {until}',
  'wait/work/for': 'works for {span}, until {until}',
  'wait/set': 'sets, until {until}',
  'wait/set/for': 'sets for {span}, until {until}',
  'wait/others': 'is left to others, until {until}',
  'wait/others/for': 'is left to others for {span}, until {until}',
  'span/at-least': 'at least {from, plural, one {# day} other {# days}}',
  'span/between': '{from} to {to, plural, one {# day} other {# days}}',

  'sequence/unsafe': 'No safe sequence: {why}',
  'sequence/front': 'the front of {cycle} is not the one that today’s rules make',
  'sequence/broken': 'The schedule breaks a rule: {why}',
  'answer/yes': 'Yes',
  'answer/no': 'No',
  'answer/weatherproof': 'Weatherproof',
  'answer/isolated': 'Isolated while we work',
  'answer/it-is': 'It is',
  'answer/electrical-panel': 'an electrical panel',
  'answer/solar-panel': 'a solar panel',
  'answer/or': '{one} or {other}',
  'answer/unnamed': 'someone still to be named',
  party: '{place} ({agent})',
  'shipped/as': '{agent} (figured {how})',
  'shipped/powder': 'as powder',
  'shipped/ready': 'ready to use',
  'shipped/liquid': 'at {strength} {basis}',
  'lot/nameless': 'a lot without number',
  'lot/why': '{lot} ({why})',
  'choice/by': '{person} {method}',
} as const;
