/** What a customer is told beforehand, by what they are in English. */
export const OUTLOOKS: Readonly<Record<string, string>> = {
  'pale rings where lichen has rooted': 'blasse Ringe, wo Flechten in der Fläche gewurzelt haben',
  'oil that has sunk deep: it rises again as it dries, and we look once more after 24 h dry':
    'tief eingesunkenes Öl: es steigt beim Trocknen wieder auf, und wir sehen nach 24 h Trockenheit noch einmal hin',
  'soot that has set into the pores': 'Ruß, der in den Poren sitzt',
  'a brown shadow of the tar': 'ein brauner Schatten vom Teer',
  'paint in the pores': 'Farbe in den Poren',
  'smoke in the pores, as a shadow and as a smell on damp days':
    'Rauch in den Poren, als Schatten und als Geruch an feuchten Tagen',
  'a pale ring on absorbent surfaces': 'ein blasser Ring auf saugenden Flächen',
  'a shadow of the paint': 'ein Schatten der Farbe',
  'pale ghosts of black spot, for months': 'blasse Schatten der schwarzen Flecken, monatelang',
  'a pale spot or a smell where droppings lay long': 'ein blasser Fleck oder ein Geruch, wo Kot lange lag',
  'a shadow of oil that had sunk in': 'ein Schatten von eingesunkenem Öl',
  'a haze where scale has etched the surface': 'ein Schleier, wo Kalk die Fläche geätzt hat',
  'rubber ground into rough surfaces': 'in raue Flächen eingeriebener Gummi',
  'a shadow of the ink': 'ein Schatten der Tinte',
  'pale spots where droppings have etched': 'blasse Stellen, wo Kot geätzt hat',
  'a pale spot under the gum': 'ein blasser Fleck unter dem Kaugummi',
  'the lighter outline of the poster': 'der hellere Umriss des Plakats',
  'an outline where old silicone keeps water off': 'ein Umriss, wo altes Silikon Wasser abhält',
  'deep feed spots, which go with repeats': 'tiefe Düngerflecken, die mit Wiederholungen gehen',
  'the outline of the ivy': 'der Umriss des Efeus',
  'grey where fibres are weak': 'Grau, wo Fasern schwach sind',
  'deep marks in the wood': 'tiefe Flecken im Holz',
  'a pale shadow of the stain': 'ein blasser Schatten des Flecks',
  'what water alone does not take': 'was Wasser allein nicht nimmt',
  'bricks that were fired dark': 'dunkel gebrannte Ziegel',
  'fossils, iron specks and veins, which belong to the stone':
    'Fossilien, Eisenpunkte und Adern, die zum Stein gehören',
  'joints made with another sand': 'mit anderem Sand gemachte Fugen',
  'the faded outline of what covered it': 'der verblichene Umriss dessen, was davor hing',
  'burnt spots': 'Brandflecken',
  'stripes of an earlier jet, which show more when clean':
    'Streifen eines früheren Strahls, die sauber stärker zu sehen sind',
  'growth where it stays damp and shady': 'Bewuchs, wo es feucht und schattig bleibt',
  'slime where water stands or runs': 'Schleim, wo Wasser steht oder läuft',
  'streaks on the shady side of the roof, within years':
    'Streifen auf der Schattenseite des Dachs, in Jahren',
  'leaves, each autumn': 'Laub, jeden Herbst',
  'sludge where water stands': 'Schlick, wo Wasser steht',
  'silt in gutters with the next leaves': 'Schlamm in Rinnen mit dem nächsten Laub',
  'brown runs from new wood, for a season or two': 'braune Läufer aus neuem Holz, ein, zwei Saisons lang',
  'stripes where water drips over the lip of a gutter':
    'Streifen, wo Wasser über die Lippe einer Rinne tropft',
  'lime as long as water moves through the joints': 'Kalk, solange Wasser durch die Fugen zieht',
  'green stains out of the brick itself': 'grüne Flecken aus dem Ziegel selbst',
  'brown stains out of the brick itself': 'braune Flecken aus dem Ziegel selbst',
  'growth within the season, as no chemistry is used':
    'Bewuchs noch in der Saison, da keine Chemie verwendet wird',
  'rust while the metal above it stays, or from steel inside':
    'Rost, solange das Metall darüber bleibt, oder von Stahl im Inneren',
  'moss where soil and shade stay': 'Moos, wo Erde und Schatten bleiben',
  'leaf stains with the next leaves': 'Laubflecken mit dem nächsten Laub',
  'clay that splashes up from open soil': 'Lehm, der von offenem Boden hochspritzt',
  'soil that splashes up from open ground': 'Erde, die von offenem Boden hochspritzt',
  'white bloom as long as water moves through the wall':
    'weiße Ausblühung, solange Wasser durch die Wand zieht',
  'dust in the next dry weeks': 'Staub in den nächsten trockenen Wochen',
  'spiders at lamps and in corners, within weeks': 'Spinnen an Lampen und in Ecken, in Wochen',
  'old fat in the pores, with warmth': 'altes Fett in den Poren, mit der Wärme',
  'smell out of deep pores, when it is damp': 'Geruch aus tiefen Poren, wenn es feucht ist',
  'drips from the tree above': 'Tropfen vom Baum darüber',
  'green run-off as long as water comes off the copper':
    'grünes Ablaufwasser, solange Wasser vom Kupfer kommt',
  'grey on wood in the sun, within a year or two unless it is stained':
    'Grau auf Holz in der Sonne, in ein, zwei Jahren, wenn es nicht lasiert wird',
  'weeds in joints, within a season': 'Unkraut in Fugen, in einer Saison',
  'weeds from old roots: it takes two or three goes a season':
    'Unkraut aus alten Wurzeln: zwei, drei Gänge in der Saison',
  'salt with wind and winter': 'Salz mit Wind und Winter',
  'growth that is only rinsed: it stays alive': 'nur abgespülter Bewuchs: er bleibt am Leben',
  'growth, sooner than after a cleaner': 'Bewuchs, früher als nach einem Reiniger',
  'growth on the roof within two years, unless it is treated afterwards':
    'Bewuchs auf dem Dach in zwei Jahren, wenn nicht nachbehandelt wird',
  'moss from what is left on the roof': 'Moos aus dem, was auf dem Dach übrig ist',
  'rust from steel inside, until the concrete is repaired':
    'Rost von Stahl im Inneren, bis der Beton repariert ist',
  'stone goes on clearing for weeks; we stop while it is intact':
    'Stein wird wochenlang weiter klar; wir hören auf, solange er heil ist',
  'the last tint goes in the weeks after an oxygen wash':
    'der letzte Hauch geht in den Wochen nach einer Sauerstoffwäsche',
  'shadows of old growth fade over a season': 'Schatten von altem Bewuchs verblassen über eine Saison',
  'the mark pales with each poultice; a second one on another day helps':
    'der Fleck verblasst mit jeder Kompresse; eine zweite an einem anderen Tag hilft',
  'smell goes over a few days, not at once': 'Geruch geht über ein paar Tage, nicht sofort',
  'stains of moss roots go within 6 to 18 months': 'Flecken von Mooswurzeln gehen in 6 bis 18 Monaten',
  'dead moss falls for weeks; we clear the gutters once more':
    'totes Moos fällt wochenlang; wir leeren die Rinnen noch einmal',
  'dead moss and lichen let go over months of rain': 'totes Moos und Flechten lösen sich in Monaten im Regen',
  'weeds are yellow after a week, and the paving is washed 7 to 10 days later':
    'Unkraut ist nach einer Woche gelb, und das Pflaster wird 7 bis 10 Tage später gewaschen',
  'weathered paint is even, but without its gloss':
    'verwitterter Anstrich ist gleichmäßig, aber ohne seinen Glanz',
  'it is paler until it is sealed again': 'es ist heller, bis es wieder versiegelt wird',
  'cement joints are a little rougher': 'Zementfugen sind etwas rauer',
  'joints are eaten a little and look sharper': 'Fugen werden etwas angefressen und sehen schärfer aus',
  'the stone below the crust is weaker and paler; a conservator decides how far to go':
    'der Stein unter der Kruste ist schwächer und heller; ein Restaurator entscheidet, wie weit gegangen wird',
  'wood dries lighter than it looks wet; the tone evens out over weeks':
    'Holz trocknet heller, als es nass aussieht; der Ton gleicht sich über Wochen aus',
  'it may be lighter where the rust sat': 'es kann heller sein, wo der Rost saß',
  'gloss may be duller where the tag was': 'der Glanz kann stumpfer sein, wo die Schmiererei war',
  'grains left lying set as a haze that hardly comes off':
    'liegen gebliebene Körner binden als Schleier ab, der kaum weggeht',
  'sealed paving is darker and slightly glossy, and is resealed every three to five years':
    'versiegeltes Pflaster ist dunkler und leicht glänzend und wird alle drei bis fünf Jahre neu versiegelt',
  'wet patches show darker for a few weeks': 'nasse Stellen bleiben ein paar Wochen dunkler',
  'oiled wood is darker and warmer': 'geöltes Holz ist dunkler und wärmer',
  'the coat against tags shines a little': 'die Schicht gegen Schmierereien glänzt ein wenig',
  'sand in joints settles and is topped up after the first rains':
    'Sand in Fugen setzt sich und wird nach den ersten Regen nachgefüllt',
  'a protective coat is renewed every few years': 'eine Schutzschicht wird alle paar Jahre erneuert',
  'oil on wood is renewed every year or two': 'Öl auf Holz wird alle ein, zwei Jahre erneuert',
  'the coat against tags goes with the tag and is put on again':
    'die Schicht gegen Schmierereien geht mit der Schmiererei ab und wird neu aufgetragen',
  'joints lose sand in the wash and are refilled once dry':
    'Fugen verlieren beim Waschen Sand und werden trocken nachgefüllt',
  'a seal wears in the wheel tracks first': 'eine Versiegelung verschleißt zuerst in den Fahrspuren',
  'a sweep twice a year keeps seeds out of joints': 'zweimal im Jahr fegen hält Samen aus den Fugen',
  'the paver fills the joints, and nobody drives on it before':
    'der Pflasterer füllt die Fugen, und vorher fährt niemand darauf',
  'a repair comes first; then we survey the surface again':
    'zuerst kommt eine Reparatur; dann nehmen wir die Fläche neu auf',
  'lime crusts stay, unless a conservator takes them off':
    'Kalkkrusten bleiben, außer ein Restaurator nimmt sie ab',
  'a licensed specialist deals with it, under a contract of their own':
    'zugelassene Fachleute kümmern sich mit eigenem Vertrag darum',
  'drips mark what is below, so we wet it before and rinse it after':
    'Tropfen zeichnen, was darunter ist, deshalb machen wir es vorher nass und spülen es danach',
  'the stone is damp for days; inside walls are watched':
    'der Stein ist tagelang feucht; Innenwände werden beobachtet',
};
