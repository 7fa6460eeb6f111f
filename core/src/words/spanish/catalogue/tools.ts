/** Tools and how they are handled, by what they are in English. */
export const TOOLS: Readonly<Record<string, string>> = {
  'low-pressure sprayer': 'rociador de baja presión',
  'own sprayer per agent, coarse drops, no mist': 'un rociador por producto, gotas gruesas, sin niebla',
  'garden hose with fan': 'manguera de jardín con abanico',
  '40° fan, 30 cm off or more, garden force': 'abanico de 40°, a 30 cm o más, fuerza de jardín',
  'soft brush': 'cepillo suave',
  'overlapping passes, rinsed often': 'pasadas que se traslapan, enjuagado a menudo',
  'stiff synthetic brush': 'cepillo sintético duro',
  'no wire; one brush per product': 'sin alambre; un cepillo por producto',
  'broom and shovel': 'escoba y pala',
  'solids lifted, never washed down': 'sólidos recogidos, nunca lavados hacia abajo',
  '25° fan at 20 cm': 'abanico de 25° a 20 cm',
  '25° tip, 20 cm off, with the grain, never standing still':
    'boquilla de 25°, a 20 cm, con la veta, nunca quieta',
  'surface cleaner 0.5 m': 'limpiador de superficies 0.5 m',
  'overlap a third, steady walking pace': 'traslapar un tercio, paso tranquilo',
  'hot 25° fan at 20 cm': 'abanico de 25° caliente a 20 cm',
  'hot water, 25° tip, 20 cm off': 'agua caliente, boquilla de 25°, a 20 cm',
  'spatula and cover film': 'espátula y película',
  'gel laid on 5 mm thick, film over it': 'gel de 5 mm, película encima',
  'flat synthetic brush': 'cepillo sintético plano',
  'one brush and one pot per product, thin coats': 'un cepillo y un pote por producto, capas finas',
  'plastic scraper': 'raspador de plástico',
  'roofs from a ladder or lift, never standing on tiles; pieces bagged, never swept into gutters or drains':
    'techos desde escalera o plataforma, nunca pisar tejas; pedazos en bolsa, nunca a canaletas o drenajes',
  'backpack sprayer': 'rociador de mochila',
  'own one per agent, 1 to 3 bar, coarse drops': 'uno por producto, 1 a 3 bar, gotas gruesas',
  'dedicated low-pressure pump': 'bomba propia de baja presión',
  'hose flushed with water after each agent; acid has a pump of its own':
    'manguera enjuagada con agua después de cada producto; el ácido tiene su bomba',
  'injector at the hose end': 'inyector al final de la manguera',
  'draws about one in ten: weak mixes only, strength checked by a bucket':
    'toma cerca de uno en diez: solo mezclas débiles, fuerza comprobada con cubeta',
  'injector behind the pump, low-pressure tip': 'inyector tras la bomba, boquilla de baja presión',
  'only draws with the wide low-pressure tip; flush with water before shutting down':
    'solo toma con la boquilla ancha de baja presión; enjuagar con agua antes de apagar',
  '15° fan at 30 cm': 'abanico de 15° a 30 cm',
  'edges and joints of sound concrete only, never nearer':
    'solo bordes y juntas de concreto sano, nunca más cerca',
  '40° fan at 40 cm': 'abanico de 40° a 40 cm',
  'engine at idle, 40 cm off or more': 'motor al ralentí, a 40 cm o más',
  'surface cleaner 0.4 m': 'limpiador de superficies 0.4 m',
  'overlap a third, steady walking pace, in strips': 'traslapar un tercio, paso tranquilo, en franjas',
  'surface cleaner 0.6 m': 'limpiador de superficies 0.6 m',
  'needs 20 L/min or more; overlap a third': 'necesita 20 L/min o más; traslapar un tercio',
  'roof surface cleaner': 'limpiador de superficies para techo',
  'on a pole from a lift, down the slope, sound heavy tiles only':
    'en pértiga desde una plataforma, pendiente abajo, solo tejas pesadas y sanas',
  'rotating tip at 30 cm': 'boquilla rotativa a 30 cm',
  'sound concrete and granite only; never on joints, wood or render':
    'solo concreto y granito sanos; nunca en juntas, madera o revoque',
  'edging tool': 'herramienta de bordes',
  'along the kerb, splash guard down': 'a lo largo del cordón, protector abajo',
  'steam lance': 'lanza de vapor',
  'moving always; gum and lichen soften, then come off by hand':
    'siempre en movimiento; chicle y liquen se ablandan y salen a mano',
  'soft brush on a pole, water-fed': 'cepillo suave en pértiga, con agua',
  'from the ground; nobody below it': 'desde el piso; nadie debajo',
  'squeegee and cloth': 'jalador y paño',
  'top down, one stroke beside the other': 'de arriba abajo, un trazo junto al otro',
  'wet vacuum': 'aspiradora de líquidos',
  'no flammable liquids; emptied where the drain is known':
    'sin líquidos inflamables; se vacía donde se conoce el drenaje',
  'short-pile roller': 'rodillo de pelo corto',
  'thin coats, wet edge kept': 'capas finas, borde mojado',
  'surface cleaner 0.4 m, reduced, wide tips': 'limpiador de superficies 0.4 m, reducido, boquillas anchas',
  '80 bar at the gauge, 40° tips; overlap a third, never standing still':
    '80 bar en el manómetro, boquillas de 40°; traslapar un tercio, nunca quieto',
  'foam lance': 'lanza de espuma',
  'wide low-pressure tip; the bottle draws about one in twenty, strength checked by a bucket':
    'boquilla ancha de baja presión; la botella toma cerca de uno en veinte, fuerza comprobada con cubeta',
  'pole with pure water': 'pértiga con agua pura',
  'from the ground, meter below 10 ppm; rinsed off and left to dry, never wiped':
    'desde el piso, medidor debajo de 10 ppm; enjuagado y dejado secar, nunca secado con paño',
  'gutter vacuum on a pole': 'aspiradora de canaletas en pértiga',
  'from the ground with a camera; power lines looked for first, nobody below':
    'desde el piso con cámara; primero buscar cables eléctricos, nadie debajo',
  'floor scrubber with suction': 'fregadora con succión',
  'soft discs; dirty water is taken up as it goes and emptied where the drain is known':
    'discos suaves; el agua sucia se recoge al pasar y se vacía donde se conoce el drenaje',
  'glass blade': 'cuchilla para vidrio',
  'new blade, wet pane, flat and one way only; never on coated, toughened or laminated panes':
    'hoja nueva, vidrio mojado, plana y en un solo sentido; nunca en vidrio recubierto, templado o laminado',
};
