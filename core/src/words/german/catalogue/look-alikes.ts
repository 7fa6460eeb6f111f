/** Marks that look alike, and those that stay, by what they are in English. */
export const LOOK_ALIKES: Readonly<Record<string, string>> = {
  'Black film or streaks': 'Schwarzer Film oder Streifen',
  'Red or brown tint': 'Roter oder brauner Ton',
  'White bloom': 'Weiße Ausblühung',
  'Dark bricks or odd joints': 'Dunkle Ziegel oder andere Fugen',
  'Green tint': 'Grüner Ton',
  'Ink or paint tag': 'Tinte oder Sprühfarbe',
  'Oil or tyre': 'Öl oder Reifen',
  'Fired colour': 'Eingebrannte Farbe',
  'dark bricks or minerals, the same under a sill and wet as dry':
    'dunkle Ziegel oder Minerale, unter einem Fensterbrett gleich, nass wie trocken',
  'Some bricks were fired dark: they stay dark.': 'Manche Ziegel sind dunkel gebrannt: sie bleiben dunkel.',
  'Fossils, iron or veins in the stone': 'Fossilien, Eisen oder Adern im Stein',
  'shells, rusty specks or veins, the same in a fresh break':
    'Muscheln, rostige Punkte oder Adern, im frischen Bruch gleich',
  'Fossils, iron specks and veins belong to the stone: they stay.':
    'Fossilien, Eisenpunkte und Adern gehören zum Stein: sie bleiben.',
  'Other sand in the mortar': 'Anderer Sand im Mörtel',
  'joints of another colour, clean to the core when scratched':
    'Fugen in anderer Farbe, angekratzt bis in den Kern sauber',
  'The joints were made with a different sand: washing will not make them match.':
    'Die Fugen wurden mit anderem Sand gemacht: Waschen gleicht sie nicht an.',
  'Sun-faded patch': 'Von der Sonne verblichene Stelle',
  'the outline of ivy or a sign that hung there, lighter or darker than around it':
    'der Umriss von Efeu oder einem Schild, das dort hing, heller oder dunkler als ringsum',
  'The surface has faded around what covered it: the outline stays.':
    'Die Fläche ist um das verblichen, was davor hing: der Umriss bleibt.',
  'Etched pads of a climbing plant': 'Geätzte Haftfüße einer Kletterpflanze',
  'dots and lines of pads that a fingernail feels as pits':
    'Punkte und Reihen von Haftfüßen, die der Fingernagel als Löcher spürt',
  'The pads have etched the surface: their outline stays when they are off.':
    'Die Haftfüße haben die Fläche geätzt: ihr Umriss bleibt, wenn sie ab sind.',
  'Rust from steel inside': 'Rost von Stahl im Inneren',
  'brown beside a crack or a bulge, no metal above it':
    'Braun neben einem Riss oder einer Beule, kein Metall darüber',
  'Steel inside rusts: the stain comes back until somebody repairs the concrete.':
    'Stahl im Inneren rostet: der Fleck kommt wieder, bis jemand den Beton repariert.',
  'Burnt or melted spot': 'Brand- oder Schmelzfleck',
  'a brown or glazed spot, hard and smooth, beside a fire place or a lamp':
    'ein brauner oder glasiger Fleck, hart und glatt, neben einer Feuerstelle oder Lampe',
  'Heat has changed the surface: the spot will stay.': 'Hitze hat die Fläche verändert: der Fleck bleibt.',
  'Earlier wand marks': 'Frühere Lanzenspuren',
  'stripes or arcs of even width, seen in low light':
    'gleich breite Streifen oder Bögen, im Streiflicht zu sehen',
  'An earlier jet has left stripes in the surface: cleaning makes them show more, not less.':
    'Ein früherer Strahl hat Streifen hinterlassen: Reinigen zeigt sie stärker, nicht schwächer.',
  'Chalking paint': 'Kreidender Anstrich',
  'a white powder that rubs onto the finger': 'weißes Pulver, das am Finger bleibt',
  'The paint is weathered: washing evens it out but does not bring back the gloss.':
    'Der Anstrich ist verwittert: Waschen macht ihn gleichmäßig, bringt aber den Glanz nicht zurück.',
};
