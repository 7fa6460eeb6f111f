/** Tools and how they are handled, by what they are in English. */
export const TOOLS: Readonly<Record<string, string>> = {
  'low-pressure sprayer': 'Niederdrucksprüher',
  'own sprayer per agent, coarse drops, no mist': 'eigener Sprüher je Mittel, grobe Tropfen, kein Nebel',
  'garden hose with fan': 'Gartenschlauch mit Fächer',
  '40° fan, 30 cm off or more, garden force': '40°-Fächer, 30 cm Abstand oder mehr, Gartendruck',
  'soft brush': 'weiche Bürste',
  'overlapping passes, rinsed often': 'überlappende Bahnen, oft ausgespült',
  'stiff synthetic brush': 'harte Kunststoffbürste',
  'no wire; one brush per product': 'kein Draht; eine Bürste je Produkt',
  'broom and shovel': 'Besen und Schaufel',
  'solids lifted, never washed down': 'Feststoffe aufgenommen, nie weggespült',
  '25° fan at 20 cm': '25°-Fächer auf 20 cm',
  '25° tip, 20 cm off, with the grain, never standing still':
    '25°-Düse, 20 cm Abstand, mit der Faser, nie stehen bleiben',
  'surface cleaner 0.5 m': 'Flächenreiniger 0,5 m',
  'overlap a third, steady walking pace': 'ein Drittel überlappen, ruhiges Schritttempo',
  'hot 25° fan at 20 cm': 'heißer 25°-Fächer auf 20 cm',
  'hot water, 25° tip, 20 cm off': 'heißes Wasser, 25°-Düse, 20 cm Abstand',
  'spatula and cover film': 'Spachtel und Abdeckfolie',
  'gel laid on 5 mm thick, film over it': 'Gel 5 mm dick aufgelegt, Folie darüber',
  'flat synthetic brush': 'flache Kunststoffbürste',
  'one brush and one pot per product, thin coats': 'eine Bürste und ein Topf je Produkt, dünne Schichten',
  'plastic scraper': 'Kunststoffschaber',
  'roofs from a ladder or lift, never standing on tiles; pieces bagged, never swept into gutters or drains':
    'Dächer von Leiter oder Bühne aus, nie auf Ziegeln stehen; Stücke in Säcke, nie in Rinnen oder Abläufe gefegt',
  'backpack sprayer': 'Rückensprüher',
  'own one per agent, 1 to 3 bar, coarse drops': 'eigener je Mittel, 1 bis 3 bar, grobe Tropfen',
  'dedicated low-pressure pump': 'eigene Niederdruckpumpe',
  'hose flushed with water after each agent; acid has a pump of its own':
    'Schlauch nach jedem Mittel mit Wasser gespült; Säure hat eine eigene Pumpe',
  'injector at the hose end': 'Injektor am Schlauchende',
  'draws about one in ten: weak mixes only, strength checked by a bucket':
    'saugt etwa eins zu zehn an: nur schwache Ansätze, Stärke mit dem Eimer geprüft',
  'injector behind the pump, low-pressure tip': 'Injektor hinter der Pumpe, Niederdruckdüse',
  'only draws with the wide low-pressure tip; flush with water before shutting down':
    'saugt nur mit der weiten Niederdruckdüse; vor dem Abstellen mit Wasser spülen',
  '15° fan at 30 cm': '15°-Fächer auf 30 cm',
  'edges and joints of sound concrete only, never nearer':
    'nur Kanten und Fugen von gesundem Beton, nie näher',
  '40° fan at 40 cm': '40°-Fächer auf 40 cm',
  'engine at idle, 40 cm off or more': 'Motor im Leerlauf, 40 cm Abstand oder mehr',
  'surface cleaner 0.4 m': 'Flächenreiniger 0,4 m',
  'overlap a third, steady walking pace, in strips':
    'ein Drittel überlappen, ruhiges Schritttempo, in Streifen',
  'surface cleaner 0.6 m': 'Flächenreiniger 0,6 m',
  'needs 20 L/min or more; overlap a third': 'braucht 20 L/min oder mehr; ein Drittel überlappen',
  'roof surface cleaner': 'Dach-Flächenreiniger',
  'on a pole from a lift, down the slope, sound heavy tiles only':
    'an einer Stange von der Bühne aus, die Schräge hinab, nur gesunde schwere Ziegel',
  'rotating tip at 30 cm': 'Rotordüse auf 30 cm',
  'sound concrete and granite only; never on joints, wood or render':
    'nur gesunder Beton und Granit; nie auf Fugen, Holz oder Putz',
  'edging tool': 'Kantenwerkzeug',
  'along the kerb, splash guard down': 'am Bordstein entlang, Spritzschutz unten',
  'steam lance': 'Dampflanze',
  'moving always; gum and lichen soften, then come off by hand':
    'immer in Bewegung; Kaugummi und Flechten werden weich und gehen dann von Hand ab',
  'soft brush on a pole, water-fed': 'weiche Bürste an der Stange, wasserführend',
  'from the ground; nobody below it': 'vom Boden aus; niemand darunter',
  'squeegee and cloth': 'Abzieher und Tuch',
  'top down, one stroke beside the other': 'von oben nach unten, ein Zug neben dem anderen',
  'wet vacuum': 'Nasssauger',
  'no flammable liquids; emptied where the drain is known':
    'keine brennbaren Flüssigkeiten; geleert, wo der Ablauf bekannt ist',
  'short-pile roller': 'kurzflorige Rolle',
  'thin coats, wet edge kept': 'dünne Schichten, nasse Kante halten',
  'surface cleaner 0.4 m, reduced, wide tips': 'Flächenreiniger 0,4 m, gedrosselt, weite Düsen',
  '80 bar at the gauge, 40° tips; overlap a third, never standing still':
    '80 bar am Manometer, 40°-Düsen; ein Drittel überlappen, nie stehen bleiben',
  'foam lance': 'Schaumlanze',
  'wide low-pressure tip; the bottle draws about one in twenty, strength checked by a bucket':
    'weite Niederdruckdüse; die Flasche saugt etwa eins zu zwanzig an, Stärke mit dem Eimer geprüft',
  'pole with pure water': 'Stange mit Reinwasser',
  'from the ground, meter below 10 ppm; rinsed off and left to dry, never wiped':
    'vom Boden aus, Messgerät unter 10 ppm; abgespült und trocknen lassen, nie gewischt',
  'gutter vacuum on a pole': 'Rinnensauger an der Stange',
  'from the ground with a camera; power lines looked for first, nobody below':
    'vom Boden aus mit Kamera; erst nach Freileitungen sehen, niemand darunter',
  'floor scrubber with suction': 'Scheuersaugmaschine',
  'soft discs; dirty water is taken up as it goes and emptied where the drain is known':
    'weiche Scheiben; Schmutzwasser wird gleich aufgenommen und geleert, wo der Ablauf bekannt ist',
  'glass blade': 'Glasklinge',
  'new blade, wet pane, flat and one way only; never on coated, toughened or laminated panes':
    'neue Klinge, nasse Scheibe, flach und nur in eine Richtung; nie auf beschichteten, gehärteten oder verklebten Scheiben',
};
