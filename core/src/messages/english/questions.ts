/** Open questions to the customer and to the site, by rule. */
export const QUESTIONS = {
  'still-open': 'Still open: {question} Find out, or write the answer on the Walk.',
  'water-point': 'Where do we take water, and how many litres a minute does it give?',
  'water-flow': 'How many litres a minute does {place} give? Time a bucket.',
  'water-permission/refused': '{place} is off limits: where else can we take water?',
  'water-permission/asked': 'May we use {place}, with which meter and backflow preventer?',
  'drain-destination': 'Where does {place} lead?',
  'drain-destination/owner': 'Where does {place} lead, and who owns it?',
  'drain-state/slow': '{place} runs slowly: who clears it before we start?',
  'drain-state/blocked': '{place} is blocked: who clears it before we start?',
  'cellar-drain': 'Does {place} run? If it is blocked, the basement floods.',
  behind: 'What is behind {place}?',
  nest: 'Is {place} occupied, and may it be moved?',
  'old-building/asbestos':
    'Built in {year}: slates, felt and cement sheet of that time may hold asbestos. Is there a paper or a laboratory result for {places}? Until then nothing touches it.',
  'old-building/lead':
    'Built in {year}: old paint may hold lead. Has the paint on {places} been renewed or tested? Until then it is neither rubbed, jetted nor heated.',
  height: 'How high is {place} above the ground?',
  aspect: 'Which way does {place} face? The sun decides how long product stays wet.',
  windows: 'Will all windows be shut, and who may come out while we spray?',
  'panel-kind':
    'Is {place} an electrical panel or a solar panel? Until we know, it is kept dry as an electrical panel.',
  'electrics-weatherproof': 'Is {place} weatherproof, and is it isolated while we work?',
  'electrics-weatherproof/exposed':
    '{place} is not weatherproof: have a competent person make it safe, or leave out the work that would wet it.',
  'electrics-weatherproof/live':
    '{place} is not isolated: have a competent person make it safe, or leave out the work that would wet it.',
  'electrics-weatherproof/both':
    '{place} is neither weatherproof nor isolated: have a competent person make it safe, or leave out the work that would wet it.',
  'material-unsure/settled':
    'Is {place} {materials}? Until it is settled, the strictest limits of all of them apply. It is most likely {likely}: settle it.',
  'material-unsure/test':
    'Is {place} {materials}? Until it is settled, the strictest limits of all of them apply. Next test: {test}.',
  'material-unsure/none':
    'Is {place} {materials}? Until it is settled, the strictest limits of all of them apply. No test is left: ask a specialist, or leave it alone.',
  'mark-undecided/settled': 'What is the {mark} on {place}? It is most likely {likely}: settle it.',
  'mark-undecided/test': 'What is the {mark} on {place}? Next test: {test}.',
  'mark-undecided/none':
    'What is the {mark} on {place}? No further test is allowed here: leave it alone, or decide with a test patch.',
  'finding-doubtful': 'Is it really {dirt} on {place}? Test before the day: {test}.',
  'finding-doubtful/none': 'Is it really {dirt} on {place}? Look again, or try it on a spot.',
  'damage-photo': 'No photo of this damage yet: {damage}.',
  'damage-shown': 'The customer has not seen this damage yet: {damage}.',
  precondition: 'Before we start: {what}, by {who}.',
  'precondition/by': 'Before we start: {what}, by {who}, no later than {by}.',
} as const;
