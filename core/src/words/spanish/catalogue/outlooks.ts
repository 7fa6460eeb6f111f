/** What a customer is told beforehand, by what they are in English. */
export const OUTLOOKS: Readonly<Record<string, string>> = {
  'pale rings where lichen has rooted': 'anillos pálidos donde el liquen echó raíz',
  'oil that has sunk deep: it rises again as it dries, and we look once more after 24 h dry':
    'aceite hundido: sube al secar, y miramos otra vez tras 24 h en seco',
  'soot that has set into the pores': 'hollín metido en los poros',
  'a brown shadow of the tar': 'una sombra café del alquitrán',
  'paint in the pores': 'pintura en los poros',
  'smoke in the pores, as a shadow and as a smell on damp days':
    'humo en los poros, como sombra y como olor en días húmedos',
  'a pale ring on absorbent surfaces': 'un anillo pálido en superficies absorbentes',
  'a shadow of the paint': 'una sombra de la pintura',
  'pale ghosts of black spot, for months': 'sombras pálidas de las manchas negras, por meses',
  'a pale spot or a smell where droppings lay long':
    'un punto pálido o un olor donde hubo excrementos mucho tiempo',
  'a shadow of oil that had sunk in': 'una sombra de aceite hundido',
  'a haze where scale has etched the surface': 'un velo donde el sarro grabó la superficie',
  'rubber ground into rough surfaces': 'hule metido en superficies ásperas',
  'a shadow of the ink': 'una sombra de la tinta',
  'pale spots where droppings have etched': 'puntos pálidos donde los excrementos grabaron',
  'a pale spot under the gum': 'un punto pálido bajo el chicle',
  'the lighter outline of the poster': 'el contorno más claro del cartel',
  'an outline where old silicone keeps water off': 'un contorno donde silicona vieja repele el agua',
  'deep feed spots, which go with repeats': 'puntos profundos de fertilizante, que se van repitiendo',
  'the outline of the ivy': 'el contorno de la hiedra',
  'grey where fibres are weak': 'gris donde la fibra es débil',
  'deep marks in the wood': 'marcas profundas en la madera',
  'a pale shadow of the stain': 'una sombra pálida de la mancha',
  'what water alone does not take': 'lo que el agua sola no se lleva',
  'bricks that were fired dark': 'ladrillos cocidos oscuros',
  'fossils, iron specks and veins, which belong to the stone':
    'fósiles, puntos de hierro y vetas, que son de la piedra',
  'joints made with another sand': 'juntas hechas con otra arena',
  'the faded outline of what covered it': 'el contorno desteñido de lo que la tapaba',
  'burnt spots': 'puntos quemados',
  'stripes of an earlier jet, which show more when clean':
    'rayas de un chorro anterior, que limpias se ven más',
  'growth where it stays damp and shady': 'lo que crece donde sigue húmedo y con sombra',
  'slime where water stands or runs': 'lama donde el agua está o corre',
  'streaks on the shady side of the roof, within years': 'rayas del lado de sombra del techo, en años',
  'leaves, each autumn': 'hojas, cada otoño',
  'sludge where water stands': 'lodo donde hay agua parada',
  'silt in gutters with the next leaves': 'lodo en canaletas con las próximas hojas',
  'brown runs from new wood, for a season or two': 'escurridos cafés de madera nueva, una o dos temporadas',
  'stripes where water drips over the lip of a gutter': 'rayas donde el agua gotea del labio de la canaleta',
  'lime as long as water moves through the joints': 'cal mientras pase agua por las juntas',
  'green stains out of the brick itself': 'manchas verdes del ladrillo mismo',
  'brown stains out of the brick itself': 'manchas cafés del ladrillo mismo',
  'growth within the season, as no chemistry is used': 'lo que crece en la misma temporada, sin química',
  'rust while the metal above it stays, or from steel inside':
    'óxido mientras siga el metal arriba, o de acero adentro',
  'moss where soil and shade stay': 'musgo donde siguen tierra y sombra',
  'leaf stains with the next leaves': 'manchas de hojas con las próximas hojas',
  'clay that splashes up from open soil': 'arcilla que salpica del suelo abierto',
  'soil that splashes up from open ground': 'tierra que salpica del suelo abierto',
  'white bloom as long as water moves through the wall': 'velo blanco mientras pase agua por el muro',
  'dust in the next dry weeks': 'polvo en las próximas semanas secas',
  'spiders at lamps and in corners, within weeks': 'arañas en lámparas y esquinas, en semanas',
  'old fat in the pores, with warmth': 'grasa vieja en los poros, con el calor',
  'smell out of deep pores, when it is damp': 'olor de poros profundos, con humedad',
  'drips from the tree above': 'gotas del árbol de arriba',
  'green run-off as long as water comes off the copper': 'escurrido verde mientras baje agua del cobre',
  'grey on wood in the sun, within a year or two unless it is stained':
    'gris en madera al sol, en uno o dos años si no se tiñe',
  'weeds in joints, within a season': 'malezas en juntas, en una temporada',
  'weeds from old roots: it takes two or three goes a season':
    'malezas de raíces viejas: dos o tres veces por temporada',
  'salt with wind and winter': 'sal con viento e invierno',
  'growth that is only rinsed: it stays alive': 'lo que solo se enjuaga: sigue vivo',
  'growth, sooner than after a cleaner': 'lo que crece, antes que con un limpiador',
  'growth on the roof within two years, unless it is treated afterwards':
    'lo que crece en el techo en dos años, si no se trata después',
  'moss from what is left on the roof': 'musgo de lo que queda en el techo',
  'rust from steel inside, until the concrete is repaired':
    'óxido de acero adentro, hasta reparar el concreto',
  'stone goes on clearing for weeks; we stop while it is intact':
    'la piedra sigue aclarando por semanas; paramos mientras está entera',
  'the last tint goes in the weeks after an oxygen wash':
    'el último tono se va en las semanas tras el lavado con oxígeno',
  'shadows of old growth fade over a season': 'las sombras de lo viejo se van en una temporada',
  'the mark pales with each poultice; a second one on another day helps':
    'la marca se aclara con cada cataplasma; una segunda otro día ayuda',
  'smell goes over a few days, not at once': 'el olor se va en unos días, no enseguida',
  'stains of moss roots go within 6 to 18 months': 'las manchas de raíces de musgo se van en 6 a 18 meses',
  'dead moss falls for weeks; we clear the gutters once more':
    'el musgo muerto cae por semanas; limpiamos las canaletas otra vez',
  'dead moss and lichen let go over months of rain': 'musgo y liquen muertos se sueltan en meses de lluvia',
  'weeds are yellow after a week, and the paving is washed 7 to 10 days later':
    'las malezas están amarillas en una semana, y el pavimento se lava 7 a 10 días después',
  'weathered paint is even, but without its gloss': 'la pintura gastada queda pareja, pero sin brillo',
  'it is paler until it is sealed again': 'queda más pálido hasta sellarlo otra vez',
  'cement joints are a little rougher': 'las juntas de cemento quedan algo más ásperas',
  'joints are eaten a little and look sharper': 'las juntas se comen un poco y se ven más marcadas',
  'the stone below the crust is weaker and paler; a conservator decides how far to go':
    'la piedra bajo la costra es más débil y pálida; un conservador decide hasta dónde',
  'wood dries lighter than it looks wet; the tone evens out over weeks':
    'la madera seca más clara de lo que se ve mojada; el tono se iguala en semanas',
  'it may be lighter where the rust sat': 'puede quedar más claro donde estaba el óxido',
  'gloss may be duller where the tag was': 'el brillo puede bajar donde estaba el grafiti',
  'grains left lying set as a haze that hardly comes off':
    'los granos que quedan fraguan en un velo que casi no sale',
  'sealed paving is darker and slightly glossy, and is resealed every three to five years':
    'el pavimento sellado es más oscuro y algo brillante, y se resella cada tres a cinco años',
  'wet patches show darker for a few weeks': 'los puntos húmedos se ven más oscuros unas semanas',
  'oiled wood is darker and warmer': 'la madera aceitada es más oscura y cálida',
  'the coat against tags shines a little': 'la capa contra grafiti brilla un poco',
  'sand in joints settles and is topped up after the first rains':
    'la arena de juntas se asienta y se completa tras las primeras lluvias',
  'a protective coat is renewed every few years': 'una capa protectora se renueva cada pocos años',
  'oil on wood is renewed every year or two': 'el aceite en madera se renueva cada uno o dos años',
  'the coat against tags goes with the tag and is put on again':
    'la capa contra grafiti sale con él y se pone otra vez',
  'joints lose sand in the wash and are refilled once dry':
    'las juntas pierden arena al lavar y se rellenan ya secas',
  'a seal wears in the wheel tracks first': 'un sello se gasta primero en las huellas de ruedas',
  'a sweep twice a year keeps seeds out of joints': 'barrer dos veces al año mantiene fuera las semillas',
  'the paver fills the joints, and nobody drives on it before':
    'el adoquinador rellena las juntas, y antes nadie pasa en auto',
  'a repair comes first; then we survey the surface again':
    'primero va una reparación; luego revisamos la superficie otra vez',
  'lime crusts stay, unless a conservator takes them off':
    'las costras de cal se quedan, salvo que un conservador las quite',
  'a licensed specialist deals with it, under a contract of their own':
    'lo trata un especialista con licencia, con su propio contrato',
  'drips mark what is below, so we wet it before and rinse it after':
    'las gotas marcan lo de abajo, así que lo mojamos antes y lo enjuagamos después',
  'the stone is damp for days; inside walls are watched':
    'la piedra queda húmeda días; se vigilan los muros interiores',
};
