/** Methods, by what they are in English. One list, however long: its order is that of the catalogue. */
export const METHODS: Readonly<Record<string, string>> = {
  'Soft wash with hypochlorite': 'Sanfte Wäsche mit Hypochlorit',
  'Kills and bleaches growth in minutes at garden force.':
    'Tötet und bleicht Bewuchs in Minuten, mit Gartendruck.',
  'Green turns brown or white.': 'Grün wird braun oder weiß.',
  'No part dries: mist it at once if it does.': 'Nichts trocknet an: sonst gleich nachnebeln.',
  'The tint is gone, or two applications have made no more difference.':
    'Der Hauch ist weg, oder zwei Aufträge haben nichts mehr bewirkt.',
  'Apply again while still wet at the same strength; stronger only on the spots that stay.':
    'Noch nass mit derselben Stärke wieder auftragen; stärker nur auf den Stellen, die bleiben.',
  'Water runs off clear and no longer foams.': 'Wasser läuft klar ab und schäumt nicht mehr.',
  'Hypochlorite pre-treatment and surface cleaner': 'Hypochlorit vorab, dann Flächenreiniger',
  'The pre-treatment loosens growth so that the machine travels fast.':
    'Die Vorbehandlung löst den Bewuchs, damit die Maschine zügig fährt.',
  'Treat the strip along the door': 'Den Streifen an der Tür behandeln',
  'Half a metre wide along the sealed foot of the door, no further; nothing on door, frame or mat.':
    'Einen halben Meter breit am abgedichteten Fuß der Tür entlang, nicht weiter; nichts auf Tür, Rahmen oder Matte.',
  'The strip is white.': 'Der Streifen ist weiß.',
  'Once more while still wet; never the jet at the foot of the door.':
    'Noch nass einmal wiederholen; nie der Strahl am Fuß der Tür.',
  'Soft water, away from the door.': 'Sanftes Wasser, von der Tür weg.',
  'Rinse the strip': 'Den Streifen abspülen',
  'Fast past the door, at arm’s length from its foot: the strip is clean already.':
    'Zügig an der Tür vorbei, eine Armlänge von ihrem Fuß: der Streifen ist schon sauber.',
  'Loose growth, leaves and grit are off before anything wet.':
    'Loser Bewuchs, Laub und Splitt sind ab, bevor etwas nass wird.',
  'The green is gone before the machine comes.': 'Das Grün ist weg, bevor die Maschine kommt.',
  'Apply again while still wet.': 'Noch nass wieder auftragen.',
  'No stripes between passes.': 'Keine Streifen zwischen den Bahnen.',
  'Wash the edges': 'Ränder waschen',
  'Splash guard down; no soil comes up along the lawn.':
    'Spritzschutz unten; am Rasen kommt keine Erde hoch.',
  'Hypochlorite pre-treatment and fan': 'Hypochlorit vorab, dann Fächer',
  'Where no head fits: steps, kerbs, corners. The pre-treatment does the work, the fan led by hand takes it off.':
    'Wo kein Flächenreiniger hinpasst: Stufen, Borde, Ecken. Die Vorbehandlung tut die Arbeit, der von Hand geführte Fächer nimmt es ab.',
  'The green is gone before the fan comes.': 'Das Grün ist weg, bevor der Fächer kommt.',
  'Even strokes, top step first; the tip never nearer than 30 cm.':
    'Gleichmäßige Züge, oberste Stufe zuerst; die Düse nie näher als 30 cm.',
  'Pre-treat, small surface cleaner, sludge off': 'Vorbehandeln, kleiner Flächenreiniger, Schlamm abnehmen',
  'A smaller head at less pressure leaves the stones in their bed; the sludge is lifted, not washed into the drain.':
    'Ein kleinerer Kopf mit weniger Druck lässt die Steine im Bett; der Schlamm wird aufgenommen, nicht in den Ablauf gespült.',
  'Joints lose sand and are refilled when they are dry.':
    'Fugen verlieren Sand und werden nachgefüllt, wenn sie trocken sind.',
  'No stone rocks; no jet stands in a joint.': 'Kein Stein wackelt; kein Strahl steht in einer Fuge.',
  'Sludge is off the surface and out of the joints.': 'Schlamm ist von der Fläche und aus den Fugen.',
  'sludge of sand and growth': 'Schlamm aus Sand und Bewuchs',
  'shovelled up, drained and taken away': 'aufgeschaufelt, abgetropft und abgefahren',
  'Pre-treat, gentle surface cleaner': 'Vorbehandeln, sanfter Flächenreiniger',
  'Reduced flow and wide tips: for soft flags, resin joints, asphalt and printed concrete, where chemistry does the most of it.':
    'Weniger Menge und weite Düsen: für weiche Platten, Harzfugen, Asphalt und Prägebeton, wo die Chemie das meiste tut.',
  'No grain, stone or joint comes with the water: if one does, go to garden force.':
    'Kein Korn, Stein oder Fugenteil kommt mit dem Wasser: wenn doch, auf Gartendruck gehen.',
  'Gentle surface cleaner, water only': 'Sanfter Flächenreiniger, nur Wasser',
  'No chemistry, reduced flow, wide tips: soft flags, resin joints and asphalt beside water or planting.':
    'Keine Chemie, weniger Menge, weite Düsen: weiche Platten, Harzfugen und Asphalt neben Wasser oder Pflanzen.',
  'Without chemistry growth comes back within the season.':
    'Ohne Chemie kommt Bewuchs noch in der Saison zurück.',
  'No grain, stone or joint comes with the water.': 'Kein Korn, Stein oder Fugenteil kommt mit dem Wasser.',
  'Strong hypochlorite on black spot, repeated': 'Starkes Hypochlorit auf schwarze Flecken, wiederholt',
  'Black spot roots in the stone: only a strong mix, kept wet and put on twice, reaches it.':
    'Schwarze Flecken wurzeln im Stein: nur ein starker Ansatz, nass gehalten und zweimal aufgetragen, erreicht sie.',
  'Ghosts of the spots fade over months; what stays goes with the next repeat.':
    'Schatten der Flecken verblassen über Monate; was bleibt, geht mit der nächsten Wiederholung.',
  'Kept wet all the time; the spots turn brown, then pale.':
    'Die ganze Zeit nass gehalten; die Flecken werden braun, dann blass.',
  'On small areas a tenth of a square metre beside a bed is brushed on, not sprayed.':
    'Auf kleinen Flächen am Beet ein Zehntel Quadratmeter auf einmal, gepinselt, nicht gesprüht.',
  'The spots are pale, or two coats have made no more difference.':
    'Die Flecken sind blass, oder zwei Aufträge haben nichts mehr bewirkt.',
  'A third coat while wet; then leave it to the weather.':
    'Noch nass ein dritter Auftrag; dann dem Wetter überlassen.',
  'Surface cleaner, water only': 'Flächenreiniger, nur Wasser',
  'No chemistry: right where joints are sound and run-off reaches open water.':
    'Keine Chemie: richtig, wo Fugen gesund sind und Ablaufwasser offenes Wasser erreicht.',
  'Mild alkaline wash by brush': 'Mild alkalische Wäsche mit der Bürste',
  'Without chlorine, for surfaces near water or planting and for light oil.':
    'Ohne Chlor, für Flächen an Wasser oder Pflanzen und für leichtes Öl.',
  'The film turns to a grey slurry.': 'Der Film wird zu grauem Schlamm.',
  'The brush picks up nothing more.': 'Die Bürste nimmt nichts mehr auf.',
  'Brush and apply again while wet.': 'Bürsten und noch nass wieder auftragen.',
  'Overlapping passes.': 'Überlappende Bahnen.',
  'Mild alkaline scrub, rinsed as you go': 'Mild alkalisch bürsten, gleich abgespült',
  'Takes chalk and growth off coated metal with no jet; short contact stays within what sound paint stands.':
    'Nimmt Kreide und Bewuchs ohne Strahl von beschichtetem Metall; kurzer Kontakt bleibt in dem, was gesunder Anstrich verträgt.',
  'Oxidised paint looks darker and even after washing; gloss does not come back.':
    'Verwitterter Anstrich ist nach dem Waschen dunkler und gleichmäßig; Glanz kommt nicht wieder.',
  'Run-off in the colour of the paint shows that the chalk comes.':
    'Ablaufwasser in der Farbe des Anstrichs zeigt, dass die Kreide kommt.',
  'The brush glides and run-off is clear.': 'Die Bürste gleitet und das Ablaufwasser ist klar.',
  'A second pass at the same strength.': 'Ein zweiter Gang mit derselben Stärke.',
  'Overlapping passes, no dry brush.': 'Überlappende Bahnen, keine trockene Bürste.',
  'Neutral biocidal cleaner, soaked': 'Neutraler biozider Reiniger, durchnässt',
  'Old stone keeps its surface: no salt, no acid, no force, only water, time and a soft brush.':
    'Alter Stein behält seine Oberfläche: kein Salz, keine Säure, keine Kraft, nur Wasser, Zeit und eine weiche Bürste.',
  'The stone goes on clearing for weeks; incomplete and intact is the aim.':
    'Der Stein wird wochenlang weiter klar; unvollständig und heil ist das Ziel.',
  'It stays wet all the time.': 'Es bleibt die ganze Zeit nass.',
  'Growth swells and wipes off.': 'Bewuchs quillt und lässt sich abwischen.',
  'Growth wipes off, or the surface begins to shed grains.':
    'Bewuchs lässt sich abwischen, oder die Fläche beginnt Körner zu verlieren.',
  'Repeat on another day; never stronger.': 'An einem anderen Tag wiederholen; nie stärker.',
  'No grains in the brush.': 'Keine Körner in der Bürste.',
  'Garden force only; water runs clear.': 'Nur Gartendruck; Wasser läuft klar.',
  'The water of the rinse has soaked in: nothing stands on the stone.':
    'Das Spülwasser ist eingezogen: nichts steht auf dem Stein.',
  'The surface is evenly wet, nothing runs.': 'Die Fläche ist gleichmäßig nass, nichts läuft.',
  'Look again after a month.': 'Nach einem Monat wieder ansehen.',
  'Leave-on biocide': 'Biozid, das darauf bleibt',
  'The surface is dry to the touch, and a drop of water soaks in or stands clear':
    'Die Fläche ist trocken anzufassen, und ein Wassertropfen zieht ein oder steht klar',
  'No water and no force: rain carries dead growth off over the seasons.':
    'Kein Wasser und keine Kraft: der Regen trägt toten Bewuchs über die Jahreszeiten ab.',
  'You see nothing at first: algae brown and go within weeks, lichen within 6 to 18 months.':
    'Zuerst ist nichts zu sehen: Algen werden braun und gehen in Wochen, Flechten in 6 bis 18 Monaten.',
  'The surface is dry before, evenly wet after.': 'Die Fläche ist vorher trocken, danach gleichmäßig nass.',
  'The surface is evenly wet.': 'Die Fläche ist gleichmäßig nass.',
  'Review after 6 months.': 'Nach 6 Monaten wieder ansehen.',
  'Ready-to-use biocide': 'Gebrauchsfertiges Biozid',
  'Nothing is measured or mixed: for small surfaces and for whoever has no scale.':
    'Nichts wird gemessen oder gemischt: für kleine Flächen und für alle ohne Waage.',
  'Strong hypochlorite on the spots': 'Starkes Hypochlorit auf die Flecken',
  'Same-day result on stubborn discs; spots only.':
    'Ergebnis am selben Tag auf hartnäckigen Scheiben; nur Flecken.',
  'Discs are white throughout.': 'Scheiben sind durch und durch weiß.',
  'Repeat on the spots while wet.': 'Noch nass auf den Flecken wiederholen.',
  'Discs brush off whole.': 'Scheiben lassen sich ganz abbürsten.',
  'Oxygen wash without chlorine': 'Sauerstoffwäsche ohne Chlor',
  'Lifts growth and leaf marks without chlorine, near planting and old stone.':
    'Löst Bewuchs und Laubflecken ohne Chlor, an Pflanzen und auf altem Stein.',
  'Slower than chlorine: the last tint goes over the following weeks.':
    'Langsamer als Chlor: der letzte Hauch geht in den folgenden Wochen.',
  'It fizzes; keep it damp.': 'Es sprudelt; feucht halten.',
  'The tint no longer gets paler.': 'Der Hauch wird nicht mehr blasser.',
  'One more application while still wet, then leave it.': 'Noch nass einmal auftragen, dann lassen.',
  'No dry brush.': 'Keine trockene Bürste.',
  'Peroxide wash': 'Peroxidwäsche',
  'Leaves nothing behind: for mildew on light surfaces.':
    'Hinterlässt nichts: für Schimmel auf hellen Flächen.',
  'It foams on growth.': 'Es schäumt auf Bewuchs.',
  'The dots are gone.': 'Die Punkte sind weg.',
  'Mild hypochlorite and soft brush': 'Mildes Hypochlorit und weiche Bürste',
  'Composite boards, rails and ropes: weak mix, brush, extra rinse.':
    'WPC-Dielen, Geländer und Seile: schwacher Ansatz, Bürste, extra spülen.',
  'Drips mark what is below: it is wet before and rinsed after.':
    'Tropfen zeichnen, was darunter ist: vorher nass gemacht, danach gespült.',
  'The green is gone.': 'Das Grün ist weg.',
  'With the grain.': 'Mit der Faser.',
  'Steam, slowly': 'Dampf, langsam',
  'Heat kills what grows and loosens crusts with little water and no chemistry.':
    'Hitze tötet, was wächst, und löst Krusten mit wenig Wasser und ohne Chemie.',
  'Shadows of old discs fade over a season.': 'Schatten alter Scheiben verblassen über eine Saison.',
  'The lance moves all the time.': 'Die Lanze bewegt sich immer.',
  'Joints stay whole.': 'Fugen bleiben heil.',
  'Steam slowly': 'Langsam dämpfen',
  'Hot water, no chemistry': 'Heißes Wasser, keine Chemie',
  'Heat does what the agent would: for paving that drains to water.':
    'Hitze tut, was das Mittel täte: für Pflaster, das zum Wasser entwässert.',
  'Run-off away from people.': 'Ablaufwasser weg von Leuten.',
  'Wide fan, water only': 'Breiter Fächer, nur Wasser',
  'A wide fan from a distance takes off loose dirt.': 'Ein breiter Fächer aus Abstand nimmt losen Schmutz.',
  'The growth stays alive and comes back.': 'Der Bewuchs bleibt am Leben und kommt wieder.',
  'Joints stay whole, nothing flakes.': 'Fugen bleiben heil, nichts blättert.',
  'Neutral biocidal cleaner, brushed': 'Neutraler biozider Reiniger, gebürstet',
  'Listed or weak surfaces: no salt, no acid, no force.':
    'Denkmalgeschützte oder schwache Flächen: kein Salz, keine Säure, keine Kraft.',
  'It goes on clearing for weeks; incomplete and intact is the aim.':
    'Es wird wochenlang weiter klar; unvollständig und heil ist das Ziel.',
  'Two passes make no difference.': 'Zwei Gänge bewirken nichts mehr.',
  'What stays is accepted: more would cost the surface.':
    'Was bleibt, wird hingenommen: mehr würde die Oberfläche kosten.',
  'Phosphate alkaline wash': 'Phosphat-Alkaliwäsche',
  'Traffic film, smoke and grease go where soap does not reach, in a short contact.':
    'Verkehrsfilm, Rauch und Fett gehen, wo Seife nicht hinkommt, in kurzem Kontakt.',
  'Run-off turns grey.': 'Ablaufwasser wird grau.',
  'The film no longer smears.': 'Der Film schmiert nicht mehr.',
  'Oxygen wash and brightener': 'Sauerstoffwäsche und Aufheller',
  'Lifts growth and grey from wood without chlorine; the brightener neutralises and brings the colour back.':
    'Löst Bewuchs und Grau ohne Chlor von Holz; der Aufheller neutralisiert und bringt die Farbe zurück.',
  'Boards dry lighter than they look wet; the tone evens out over weeks.':
    'Bretter trocknen heller, als sie nass aussehen; der Ton gleicht sich über Wochen aus.',
  'Look at it at half the dwell.': 'Nach der halben Einwirkzeit ansehen.',
  'Growth wipes off with a finger.': 'Bewuchs lässt sich mit dem Finger abwischen.',
  'No fibre stands up: if one does, go to garden force.':
    'Keine Faser steht auf: wenn doch, auf Gartendruck gehen.',
  'Dark wood turns light.': 'Dunkles Holz wird hell.',
  'The colour is even.': 'Die Farbe ist gleichmäßig.',
  'Accept it: a second brightening bleaches.': 'Hinnehmen: ein zweites Aufhellen bleicht.',
  'pH strip on the wet board reads 5 to 8.': 'pH-Streifen auf dem nassen Brett zeigt 5 bis 8.',
  'Oxygen wash by soft brush': 'Sauerstoffwäsche mit weicher Bürste',
  'No jet at all: a soft brush and garden force keep weak fibres down.':
    'Gar kein Strahl: weiche Bürste und Gartendruck halten schwache Fasern unten.',
  'Grey stays where fibres are weak: brushing harder would tear them.':
    'Grau bleibt, wo Fasern schwach sind: härteres Bürsten würde sie zerreißen.',
  'With the grain, no pressure.': 'Mit der Faser, ohne Druck.',
  'Oxalic brightener on wood': 'Oxalsäure-Aufheller auf Holz',
  'Tannin, iron marks and the dark of alkaline cleaners: an acid brings the colour back.':
    'Gerbstoff, Eisenflecken und das Dunkel alkalischer Reiniger: eine Säure bringt die Farbe zurück.',
  'Boards dry lighter than they look wet.': 'Bretter trocknen heller, als sie nass aussehen.',
  'Citric brightener on wood': 'Zitronensäure-Aufheller auf Holz',
  'The milder brightener, for use near planting.': 'Der mildere Aufheller, für die Nähe von Pflanzen.',
  'Weaker than oxalic: deep marks stay.': 'Schwächer als Oxalsäure: tiefe Flecken bleiben.',
  'Wide fan with the grain, water only': 'Breiter Fächer mit der Faser, nur Wasser',
  'Sound firm boards only: grey fibres go, no chemistry at all.':
    'Nur gesunde feste Bretter: graue Fasern gehen, ganz ohne Chemie.',
  'Growth comes back sooner than after a cleaner.': 'Bewuchs kommt früher wieder als nach einem Reiniger.',
  'Mild alkaline wash of painted wood': 'Mild alkalische Wäsche von gestrichenem Holz',
  'Painted ceilings and boards: seconds of contact, with everything below wetted first.':
    'Gestrichene Decken und Bretter: Sekunden Kontakt, und alles darunter zuerst nass.',
  'Everything below is wet.': 'Alles darunter ist nass.',
  'Stop: the paint comes next.': 'Aufhören: als Nächstes kommt der Anstrich.',
  'Light passes.': 'Leichte Züge.',
  'Low-alkali wash of wood': 'Alkaliarme Wäsche von Holz',
  'Oiled, stained and painted boards, and what stands over planting: mild, with a soft brush.':
    'Geölte, lasierte und gestrichene Bretter, und was über Pflanzen steht: mild, mit weicher Bürste.',
  'No part dries.': 'Nichts trocknet an.',
  'Oxalic acid on rust': 'Oxalsäure auf Rost',
  'Lifts surface rust without etching and without chlorides.':
    'Löst Oberflächenrost ohne Ätzen und ohne Chloride.',
  'Brown turns yellow, then goes.': 'Braun wird gelb, dann weg.',
  'The brown is gone, or two passes have made no more difference.':
    'Das Braun ist weg, oder zwei Gänge haben nichts mehr bewirkt.',
  'Repeat once on the spots; what stays comes from inside.':
    'Auf den Stellen einmal wiederholen; was bleibt, kommt von innen.',
  'Phosphoric acid on rust': 'Phosphorsäure auf Rost',
  'Stronger than oxalic on heavy crusts.': 'Stärker als Oxalsäure auf dicken Krusten.',
  'The surface may look lighter where the crust sat; whole panels keep the colour even.':
    'Wo die Kruste saß, kann die Fläche heller aussehen; ganze Felder halten die Farbe gleichmäßig.',
  'Brown turns grey.': 'Braun wird grau.',
  'The crust wipes off.': 'Die Kruste lässt sich abwischen.',
  'Repeat once on the spots.': 'Auf den Stellen einmal wiederholen.',
  'Neutral citrate gel on rust': 'Neutrales Citratgel auf Rost',
  'Binds iron at neutral pH, so that stone which acid would etch keeps its surface.':
    'Bindet Eisen bei neutralem pH, so dass Stein, den Säure ätzen würde, seine Oberfläche behält.',
  'A pale shadow may stay; a second laying on another day lightens it.':
    'Ein blasser Schatten kann bleiben; ein zweites Auflegen an einem anderen Tag hellt ihn auf.',
  'The gel colours where it works.': 'Das Gel färbt sich, wo es wirkt.',
  'The film stays closed.': 'Die Folie bleibt geschlossen.',
  'The gel no longer colours.': 'Das Gel färbt sich nicht mehr.',
  'Lay another poultice on another day.': 'An einem anderen Tag wieder auflegen.',
  'The gel is lifted off before rinsing.': 'Das Gel wird vor dem Spülen abgenommen.',
  'Sulfamic acid on scale': 'Amidosulfonsäure auf Kalk',
  'Dissolves lime scale without chlorides and without scraping.': 'Löst Kalk ohne Chloride und ohne Schaben.',
  'It fizzes while it works.': 'Es sprudelt, während es wirkt.',
  'The fizzing stops, or two passes have made no more difference.':
    'Das Sprudeln hört auf, oder zwei Gänge haben nichts mehr bewirkt.',
  'Repeat once; a haze that stays is etched.': 'Einmal wiederholen; ein bleibender Schleier ist geätzt.',
  'Thioglycolate gel on deep rust': 'Thioglykolatgel auf tiefem Rost',
  'Takes iron that the citrate gel leaves in stone that acid would etch.':
    'Nimmt Eisen, das das Citratgel in Stein lässt, den Säure ätzen würde.',
  'The gel turns purple where it works.': 'Das Gel wird violett, wo es wirkt.',
  'The air moves; nobody downwind.': 'Die Luft bewegt sich; niemand in Windrichtung.',
  'The gel no longer turns purple.': 'Das Gel wird nicht mehr violett.',
  'Another laying on another day.': 'Nochmals auflegen an einem anderen Tag.',
  'The gel is lifted off before rinsing, and taken away.':
    'Das Gel wird vor dem Spülen abgenommen und abgefahren.',
  'Gluconate on metal stains': 'Gluconat auf Metallflecken',
  'Binds metal at neutral pH: for surfaces acid would etch.':
    'Bindet Metall bei neutralem pH: für Flächen, die Säure ätzen würde.',
  'A pale shadow may stay.': 'Ein blasser Schatten kann bleiben.',
  'The colour runs.': 'Die Farbe läuft.',
  'Rinsed often.': 'Oft ausgespült.',
  'Citric acid on light rust': 'Zitronensäure auf leichtem Rost',
  'The mild acid, for use near planting and on coated metal.':
    'Die milde Säure, für die Nähe von Pflanzen und auf beschichtetem Metall.',
  'Brown turns yellow.': 'Braun wird gelb.',
  'No more colour comes off.': 'Es kommt keine Farbe mehr.',
  'Oxalic acid on what is left.': 'Oxalsäure auf den Rest.',
  'Hydrochloric acid on cement haze': 'Salzsäure auf Zementschleier',
  'Only for haze that sulfamic acid leaves: it etches and leaves chlorides.':
    'Nur für Schleier, den Amidosulfonsäure übrig lässt: sie ätzt und hinterlässt Chloride.',
  'Joints are eaten a little and look sharper.': 'Fugen werden etwas angefressen und sehen schärfer aus.',
  'It fizzes and dies down.': 'Es sprudelt und klingt ab.',
  'Fizzing has stopped.': 'Das Sprudeln hat aufgehört.',
  'One more weak application; never stronger.': 'Noch ein schwacher Auftrag; nie stärker.',
  'Citric acid on scale': 'Zitronensäure auf Kalk',
  'Scale on glass and frames without mineral acid.': 'Kalk auf Glas und Rahmen ohne Mineralsäure.',
  'It fizzes a little.': 'Es sprudelt ein wenig.',
  'The glass squeaks.': 'Das Glas quietscht.',
  'Sulfamic acid on what is left.': 'Amidosulfonsäure auf den Rest.',
  'No grit in the brush.': 'Kein Splitt in der Bürste.',
  'Draws out of the pores what no rinse reaches, and attacks nothing.':
    'Zieht aus den Poren, was kein Spülen erreicht, und greift nichts an.',
  'The mark pales with each laying; a second one on another day helps.':
    'Der Fleck verblasst mit jedem Auflegen; ein zweites an einem anderen Tag hilft.',
  'A finger thick, pressed on without air beneath; film only over the first hours, then it dries open.':
    'Fingerdick, ohne Luft darunter angedrückt; Folie nur in den ersten Stunden, dann trocknet es offen.',
  'The surface is covered a finger thick.': 'Die Fläche ist fingerdick bedeckt.',
  'A second laying on another day.': 'Ein zweites Auflegen an einem anderen Tag.',
  'The paste is dry, cracked and coloured': 'Die Paste ist trocken, rissig und gefärbt',
  'Lifted off, not washed down.': 'Abgenommen, nicht hinuntergespült.',
  'Lift off the poultice': 'Kompresse abnehmen',
  'spent paste': 'verbrauchte Paste',
  'bagged and taken away': 'in Säcke und abgefahren',
  'Long misting and soft brush': 'Langes Nebeln und weiche Bürste',
  'Gypsum crusts soften in water alone: hours of mist, then a soft brush.':
    'Gipskrusten weichen in Wasser allein: Stunden Nebel, dann eine weiche Bürste.',
  'The stone is damp for days; inside walls are watched.':
    'Der Stein ist tagelang feucht; Innenwände werden beobachtet.',
  'A mist, not a stream; nothing runs into joints.': 'Ein Nebel, kein Strahl; nichts läuft in Fugen.',
  'Mist until the crust is soft': 'Nebeln, bis die Kruste weich ist',
  'Crust comes off soft; what resists stays.': 'Die Kruste geht weich ab; was hält, bleibt.',
  'Brush off the soft crust': 'Weiche Kruste abbürsten',
  'Acetic acid on lime': 'Essigsäure auf Kalk',
  'The weak acid that leaves nothing behind: thin lime on brick, pavers and panes.':
    'Die schwache Säure, die nichts hinterlässt: dünner Kalk auf Ziegel, Pflaster und Scheiben.',
  'The fizzing stops.': 'Das Sprudeln hört auf.',
  'Acetic acid, then peroxide, on manganese': 'Essigsäure, dann Peroxid, auf Mangan',
  'The weak acid loosens it, peroxide takes its colour; strong acid would fix it for good.':
    'Die schwache Säure löst es, Peroxid nimmt die Farbe; starke Säure würde es für immer fixieren.',
  'It comes out of the brick itself and may return.': 'Es kommt aus dem Ziegel selbst und kann wiederkehren.',
  'Brown goes soft.': 'Braun wird weich.',
  'It no longer gets paler.': 'Es wird nicht mehr blasser.',
  'Once more, never stronger.': 'Noch einmal, nie stärker.',
  'It foams where manganese sits.': 'Es schäumt, wo Mangan sitzt.',
  'It no longer foams.': 'Es schäumt nicht mehr.',
  'A second round on another day.': 'Ein zweiter Durchgang an einem anderen Tag.',
  'Alkaline wash on vanadium': 'Alkaliwäsche auf Vanadium',
  'Vanadium dissolves in alkali; any acid turns it brown.':
    'Vanadium löst sich in Lauge; jede Säure macht es braun.',
  'It comes out of the clay itself and may return.': 'Es kommt aus dem Ton selbst und kann wiederkehren.',
  'Green runs.': 'Grün läuft ab.',
  'No acid was here and none follows but the one that neutralises after a full rinse.':
    'Hier war keine Säure, und keine folgt außer der, die nach vollständigem Spülen neutralisiert.',
  'No more colour runs.': 'Es läuft keine Farbe mehr.',
  'Once more on another day.': 'Noch einmal an einem anderen Tag.',
  'Runs clear, no soapy feel.': 'Läuft klar, nicht seifig.',
  'Caustic degreaser and hot water': 'Laugen-Entfetter und heißes Wasser',
  'Turns oil into soap; hot water carries it out of the pores.':
    'Macht aus Öl Seife; heißes Wasser trägt sie aus den Poren.',
  'Foam turns brown.': 'Schaum wird braun.',
  'Water no longer beads.': 'Wasser perlt nicht mehr.',
  'Repeat on the spots.': 'Auf den Stellen wiederholen.',
  'Steam and run-off away from people.': 'Dampf und Ablaufwasser weg von Leuten.',
  'Tar, sap, glue and tyre marks loosen in a mild solvent.':
    'Teer, Harz, Kleber und Reifenspuren lösen sich in einem milden Lösemittel.',
  'A pale ring may stay on absorbent surfaces.': 'Auf saugenden Flächen kann ein blasser Ring bleiben.',
  'The mark smears under a thumb.': 'Der Fleck schmiert unter dem Daumen.',
  'Wiped inwards.': 'Nach innen gewischt.',
  'Phosphate and hot water': 'Phosphat und heißes Wasser',
  'Kitchen yards: milder than caustic, hot water does the rest.':
    'Küchenhöfe: milder als Lauge, heißes Wasser tut den Rest.',
  'Caustic on the spots.': 'Lauge auf die Stellen.',
  'Caustic degreaser by brush': 'Laugen-Entfetter mit der Bürste',
  'Where no hot washer gets to: slower, with a stiff brush.':
    'Wo kein Heißwassergerät hinkommt: langsamer, mit harter Bürste.',
  'Deep oil shows again as a shadow after a few days.':
    'Tiefes Öl zeigt sich nach ein paar Tagen wieder als Schatten.',
  'Own brush.': 'Eigene Bürste.',
  'Runs clear.': 'Läuft klar.',
  'Enzyme cleaner, soaked': 'Enzymreiniger, durchnässt',
  'Eats what smells, in places where chlorine must not meet urine.':
    'Frisst, was riecht, wo Chlor nicht auf Urin treffen darf.',
  'The smell goes over a few days, not at once.': 'Der Geruch geht über ein paar Tage, nicht sofort.',
  'Damp for hours: film over it, or wetted again with the same mix before it dries.':
    'Stundenlang feucht: Folie darüber, oder mit demselben Ansatz nachgenässt, bevor es trocknet.',
  'The smell is gone, or the film comes off at the end of the day.':
    'Der Geruch ist weg, oder die Folie kommt am Ende des Tages ab.',
  'Fresh oil taken up with granules': 'Frisches Öl mit Granulat aufgenommen',
  'What is taken up dry neither sinks in nor reaches a drain: water would spread it.':
    'Trocken Aufgenommenes sinkt nicht ein und erreicht keinen Ablauf: Wasser würde es verteilen.',
  'Outlet covered first; granules worked in, left for a quarter of an hour, swept up until the broom is dry.':
    'Erst den Ablauf abdecken; Granulat einarbeiten, eine Viertelstunde liegen lassen, auffegen, bis der Besen trocken ist.',
  'Take the oil up with granules': 'Öl mit Granulat aufnehmen',
  'oily granules': 'öliges Granulat',
  'into a closed drum, as oily waste': 'in ein geschlossenes Fass, als Ölabfall',
  'Only on what the granules have left.': 'Nur auf das, was das Granulat übrig ließ.',
  'Degreaser, as on old oil.': 'Entfetter, wie auf altem Öl.',
  'Masonry remover in thin coats': 'Farbentferner für Mauerwerk in dünnen Schichten',
  'Several thin coats with short dwells lift the film without driving the colour into the pores.':
    'Mehrere dünne Schichten mit kurzem Einwirken heben den Film, ohne die Farbe in die Poren zu treiben.',
  'A shadow may stay; a shadow remover comes only after the film is off.':
    'Ein Schatten kann bleiben; ein Schattenentferner kommt erst, wenn der Film weg ist.',
  'The colour runs under the brush; work it after a minute, then the next thin coat.':
    'Die Farbe läuft unter der Bürste; nach einer Minute bearbeiten, dann die nächste dünne Schicht.',
  'Small tags: a tenth of a square metre at a time, from the edge inwards.':
    'Kleine Schmierereien: ein Zehntel Quadratmeter auf einmal, vom Rand nach innen.',
  'A white cloth takes no more colour.': 'Ein weißes Tuch nimmt keine Farbe mehr.',
  'One more thin coat; then accept the shadow.': 'Noch eine dünne Schicht; dann den Schatten hinnehmen.',
  'Own pot and own brush; no wire.': 'Eigener Topf und eigene Bürste; kein Draht.',
  'Mild remover, wiped': 'Milder Entferner, gewischt',
  'Softens the tag and leaves a sound coating hard.':
    'Weicht die Schmiererei auf und lässt eine gesunde Beschichtung hart.',
  'Gloss may be duller where the tag was.': 'Wo die Schmiererei war, kann der Glanz stumpfer sein.',
  'The coating below stays hard under a fingernail.':
    'Die Beschichtung darunter bleibt unter dem Fingernagel hart.',
  'The cloth takes no more colour, or the coating softens.':
    'Das Tuch nimmt keine Farbe mehr, oder die Beschichtung wird weich.',
  'A second coat; never longer.': 'Eine zweite Schicht; nie länger.',
  'Wipe upwards, change cloths often.': 'Aufwärts wischen, Tücher oft wechseln.',
  'For the shadow alone, once the film of paint is off.': 'Nur für den Schatten, wenn der Farbfilm weg ist.',
  'A ghost may stay on absorbent stone.': 'Auf saugendem Stein kann ein Schatten bleiben.',
  'No paint film is left.': 'Kein Farbfilm ist übrig.',
  'The shadow no longer pales.': 'Der Schatten wird nicht mehr blasser.',
  'Bleaches ink shadows without chlorine.': 'Bleicht Tintenschatten ohne Chlor.',
  'The colour pales.': 'Die Farbe verblasst.',
  'Steam on glue and gum': 'Dampf auf Kleber und Kaugummi',
  'Heat softens glue and gum: scraped while warm, no solvent.':
    'Hitze weicht Kleber und Kaugummi: warm abgeschabt, kein Lösemittel.',
  'Steam the glue soft': 'Kleber weich dämpfen',
  'Taken up, not washed down.': 'Aufgenommen, nicht hinuntergespült.',
  'Take up glue and gum': 'Kleber und Kaugummi aufnehmen',
  'glue and gum': 'Kleber und Kaugummi',
  'bagged warm and taken away': 'warm in Säcke und abgefahren',
  'Isopropanol on a cloth': 'Isopropanol auf einem Tuch',
  'Takes ink and glue off panes, frames and sheets, and is gone in a minute.':
    'Nimmt Tinte und Kleber von Scheiben, Rahmen und Platten, und ist in einer Minute weg.',
  'No sparks; the cloth takes the colour.': 'Keine Funken; das Tuch nimmt die Farbe.',
  'The surface below stays hard and clear.': 'Die Fläche darunter bleibt hart und klar.',
  'The cloth stays white.': 'Das Tuch bleibt weiß.',
  'Mild remover, tried on a hidden spot.': 'Milder Entferner, an verdeckter Stelle versucht.',
  'Clean cloths, wiped inwards.': 'Saubere Tücher, nach innen gewischt.',
  'Wipe with clean cloths': 'Mit sauberen Tüchern wischen',
  'Glass blade on a wet pane': 'Glasklinge auf nasser Scheibe',
  'On plain float glass a new blade lifts what no cleaner dissolves.':
    'Auf einfachem Floatglas hebt eine neue Klinge, was kein Reiniger löst.',
  'The pane carries no stamp of toughened glass; new blade, wet pane, one way only.':
    'Die Scheibe trägt keinen Stempel von gehärtetem Glas; neue Klinge, nasse Scheibe, nur eine Richtung.',
  'Lift off with the glass blade': 'Mit der Glasklinge abheben',
  'Old sealer stripped': 'Alte Versiegelung abgebeizt',
  'Nothing clears a milky seal: it comes off before the surface is sealed again.':
    'Nichts macht eine milchige Versiegelung klar: sie kommt ab, bevor neu versiegelt wird.',
  'The surface is paler until it is sealed again.': 'Die Fläche ist heller, bis sie wieder versiegelt wird.',
  'It wrinkles; kept wet.': 'Sie runzelt sich; nass gehalten.',
  'A scraper lifts it clean.': 'Ein Schaber hebt sie sauber ab.',
  'A second coat on what stays.': 'Eine zweite Schicht auf das, was bleibt.',
  'All slurry is up before water comes.': 'Aller Schlamm ist aufgenommen, bevor Wasser kommt.',
  'Shovel up the slurry': 'Schlamm aufschaufeln',
  'sealer slurry': 'Schlamm der Versiegelung',
  'into a closed drum, as chemical waste': 'in ein geschlossenes Fass, als Chemieabfall',
  'Scrape by hand, then leave-on biocide': 'Von Hand schaben, dann Biozid darauf lassen',
  'No jet and no feet on the tiles: cushions come off by hand, the biocide keeps the rest from growing.':
    'Kein Strahl und keine Füße auf den Ziegeln: Polster kommen von Hand ab, das Biozid hält den Rest vom Wachsen ab.',
  'Stains of the roots go within 6 to 18 months.': 'Flecken der Wurzeln gehen in 6 bis 18 Monaten.',
  'Scrape the moss off by hand': 'Moos von Hand abschaben',
  'Gutters are clear of pieces.': 'Rinnen sind frei von Stücken.',
  'Cracked and slipped tiles are noted and shown.':
    'Gerissene und verrutschte Ziegel sind notiert und gezeigt.',
  'moss and silt': 'Moos und Schlamm',
  'bagged at the eaves and taken away': 'an der Traufe in Säcke und abgefahren',
  'Roof soft wash with hypochlorite': 'Sanfte Dachwäsche mit Hypochlorit',
  'No jet and no feet: chemistry and a rinse at garden force, gutters caught.':
    'Kein Strahl und keine Füße: Chemie und Spülen mit Gartendruck, Rinnen aufgefangen.',
  'Dead moss falls for weeks; gutters are cleared once more.':
    'Totes Moos fällt wochenlang; die Rinnen werden noch einmal geleert.',
  'Cushions come off by hand; none go into the gutters.':
    'Polster kommen von Hand ab; keine geraten in die Rinnen.',
  'Take the moss off by hand': 'Moos von Hand abnehmen',
  'Black is gone.': 'Schwarz ist weg.',
  'Shingle wash without a brush': 'Schindelwäsche ohne Bürste',
  'Nothing touches the granules: mix and a rinse at garden force, gutters caught.':
    'Nichts berührt das Granulat: Ansatz und Spülen mit Gartendruck, Rinnen aufgefangen.',
  'Dead moss and lichen let go over months of rain; nothing is pulled off.':
    'Totes Moos und Flechten lösen sich in Monaten im Regen; nichts wird abgerissen.',
  'Black and green are gone; moss is white.': 'Schwarz und Grün sind weg; Moos ist weiß.',
  'One more application while still wet, then leave it to the rain.':
    'Noch nass einmal auftragen, dann dem Regen überlassen.',
  'No granules in the gutter: if there are, stop rinsing and let the rain do it.':
    'Kein Granulat in der Rinne: wenn doch, nicht weiter spülen und es dem Regen überlassen.',
  'Leave-on biocide, no brush': 'Biozid darauf lassen, keine Bürste',
  'Granules stay where they are: no broom, no water, only time and rain.':
    'Granulat bleibt, wo es ist: kein Besen, kein Wasser, nur Zeit und Regen.',
  'Reduced wash by roof cleaner': 'Sanfte Wäsche mit Dachreiniger',
  'Sound heavy concrete tile only, after a look from inside the loft.':
    'Nur gesunder schwerer Betonstein, nach einem Blick vom Dachboden aus.',
  'Without an after-treatment growth is back within two years.':
    'Ohne Nachbehandlung ist der Bewuchs in zwei Jahren zurück.',
  'Cushions bagged.': 'Polster in Säcken.',
  'Never against the lap.': 'Nie gegen die Überlappung.',
  'Scrape by hand, nothing else': 'Von Hand schaben, sonst nichts',
  'Where nothing may reach the gutter: cushions off, bagged, no chemistry.':
    'Wo nichts in die Rinne darf: Polster ab, in Säcke, keine Chemie.',
  'It grows again from what is left.': 'Es wächst aus dem Rest wieder.',
  'Cracked tiles are noted and shown.': 'Gerissene Ziegel sind notiert und gezeigt.',
  'Neutral wash by soft brush': 'Neutrale Wäsche mit weicher Bürste',
  'Soot and film come off with soap, water and a soft brush; nothing on the surface is attacked.':
    'Ruß und Film gehen mit Seife, Wasser und weicher Bürste ab; nichts an der Fläche wird angegriffen.',
  'Foam turns grey.': 'Schaum wird grau.',
  'Neutral wash without a brush': 'Neutrale Wäsche ohne Bürste',
  'For patina, granules and soft surfaces that no brush may touch.':
    'Für Patina, Granulat und weiche Flächen, die keine Bürste berühren darf.',
  'What the water does not take stays.': 'Was das Wasser nicht nimmt, bleibt.',
  'Two applications have made no more difference.': 'Zwei Aufträge haben nichts mehr bewirkt.',
  'Leave it: force would take the surface.': 'Lassen: Kraft würde die Oberfläche nehmen.',
  'Glass wash by brush and squeegee': 'Glaswäsche mit Bürste und Abzieher',
  'Nothing dries on the pane: wetted, brushed, drawn off.':
    'Nichts trocknet auf der Scheibe: nass gemacht, gebürstet, abgezogen.',
  'No grit under the brush.': 'Kein Splitt unter der Bürste.',
  'The pane is even.': 'Die Scheibe ist gleichmäßig.',
  'One stroke beside the other.': 'Ein Zug neben dem anderen.',
  'Rinse and pull dry': 'Spülen und trocken abziehen',
  'Soft brush on a pole, water only': 'Weiche Bürste an der Stange, nur Wasser',
  'From the ground, with nothing but water: for panels, cladding and high glass.':
    'Vom Boden aus, mit nichts als Wasser: für Module, Verkleidung und hohes Glas.',
  'Nobody below; no grit in the brush.': 'Niemand darunter; kein Splitt in der Bürste.',
  'Wash with pole and brush': 'Mit Stange und Bürste waschen',
  'Sweep and shovel, dry': 'Fegen und schaufeln, trocken',
  'Solids are lifted before anything is wet.': 'Feststoffe werden aufgenommen, bevor etwas nass ist.',
  'Vacuum, dry': 'Saugen, trocken',
  'Where nothing may get wet or be blown about.': 'Wo nichts nass werden oder wegwehen darf.',
  'Droppings and old paint are never vacuumed here: they go to specialists.':
    'Kot und alte Farbe werden hier nie gesaugt: das ist Sache von Fachleuten.',
  'Vacuum up': 'Absaugen',
  'Droppings wetted, lifted wet, rinsed': 'Kot genässt, nass aufgenommen, gespült',
  'Nothing becomes dust: what is breathed in from dry droppings makes ill.':
    'Nichts wird zu Staub: was man aus trockenem Kot einatmet, macht krank.',
  'Wet through before anything is touched; more than a bucket, or a roost: stop, that is a specialist’s.':
    'Durchnässen, bevor etwas berührt wird; mehr als ein Eimer, oder ein Schlafplatz: aufhören, das ist Sache von Fachleuten.',
  'It is soft all through.': 'Es ist durch und durch weich.',
  'Wet it once more; never scrape it dry.': 'Noch einmal nässen; nie trocken schaben.',
  'Lifted wet into bags, nothing flies.': 'Nass in Säcke genommen, nichts fliegt.',
  'Lift off wet into bags': 'Nass in Säcke aufnehmen',
  'Flush, then disinfect': 'Spülen, dann desinfizieren',
  'Flushed with water first: chlorine and urine release gas. On a pad that is clean of grease a weak mix does.':
    'Zuerst mit Wasser gespült: Chlor und Urin setzen Gas frei. Auf einer fettfreien Fläche reicht ein schwacher Ansatz.',
  'No smell of ammonia is left; air moves through.': 'Kein Ammoniakgeruch mehr; die Luft zieht durch.',
  'Flush away': 'Wegspülen',
  'No grease is left; no smell of ammonia; nobody downwind.':
    'Kein Fett mehr da; kein Ammoniakgeruch; niemand in Windrichtung.',
  'The time is up.': 'Die Zeit ist um.',
  'Flush and once more.': 'Spülen und noch einmal.',
  'Gutters cleared by vacuum': 'Rinnen mit dem Sauger geleert',
  'From the ground, dry, nothing washed into the downpipe.':
    'Vom Boden aus, trocken, nichts ins Fallrohr gespült.',
  'The camera shows the bottom; the outlet is open; loose brackets are noted.':
    'Die Kamera zeigt den Boden; der Auslauf ist frei; lose Halter sind notiert.',
  'Empty the gutters by vacuum': 'Rinnen mit dem Sauger leeren',
  'silt and leaves': 'Schlamm und Laub',
  'Water runs away at the foot of the downpipe.': 'Wasser läuft am Fuß des Fallrohrs ab.',
  'Flush the gutter and the downpipe': 'Rinne und Fallrohr spülen',
  'Gutters emptied by hand': 'Rinnen von Hand geleert',
  'Scoop and bucket: nothing is washed into the downpipe.':
    'Kelle und Eimer: nichts wird ins Fallrohr gespült.',
  'The outlet is open; loose brackets are noted; nothing drops on people or plants.':
    'Der Auslauf ist frei; lose Halter sind notiert; nichts fällt auf Leute oder Pflanzen.',
  'Empty the gutters by hand': 'Rinnen von Hand leeren',
  'Pure water from the pole': 'Reinwasser aus der Stange',
  'Dries without a mark and leaves nothing behind: panels, high panes and frames from the ground.':
    'Trocknet ohne Rand und hinterlässt nichts: Module, hohe Scheiben und Rahmen vom Boden aus.',
  'Nobody below; no grit in the brush; panels cool to the touch.':
    'Niemand darunter; kein Splitt in der Bürste; Module kühl anzufassen.',
  'Wash with pure water from the pole': 'Mit Reinwasser aus der Stange waschen',
  'Water sheets off; left to dry.': 'Wasser läuft in Bahnen ab; trocknen lassen.',
  'Rinse from the top with pure water': 'Von oben mit Reinwasser spülen',
  'Traffic-film remover, foamed on': 'Verkehrsfilm-Entferner, aufgeschäumt',
  'Foam hangs long enough to lift film from coated cladding and gutters without a brush on every part.':
    'Schaum haftet lange genug, um Film von beschichteter Verkleidung und Rinnen zu lösen, ohne Bürste an jedem Teil.',
  'Foam turns grey; nothing dries.': 'Schaum wird grau; nichts trocknet.',
  'The film lets go under a finger.': 'Der Film löst sich unter dem Finger.',
  'A soft brush on what stays, once.': 'Einmal mit weicher Bürste über das, was bleibt.',
  'Chalk scrubbed off, rinsed as you go': 'Kreide abgebürstet, gleich abgespült',
  'Loose chalk is rinsed first; a short alkaline contact and a soft brush take what is left before it can dry.':
    'Lose Kreide wird zuerst gespült; ein kurzer alkalischer Kontakt und eine weiche Bürste nehmen den Rest, bevor er trocknet.',
  'What runs off is pale: nothing below takes its colour.':
    'Was abläuft, ist blass: nichts darunter nimmt seine Farbe an.',
  'Rinse off the loose chalk': 'Lose Kreide abspülen',
  'Two metres at a time; run-off in the colour of the paint.':
    'Zwei Meter auf einmal; Ablaufwasser in der Farbe des Anstrichs.',
  'The brush glides.': 'Die Bürste gleitet.',
  'One pass beside the other, from the bottom up.': 'Ein Gang neben dem anderen, von unten nach oben.',
  'Scrubbed by machine, water taken up': 'Maschinell gescheuert, Wasser aufgenommen',
  'Smooth floors where nothing may run into a drain: the machine takes its water up again.':
    'Glatte Böden, wo nichts in einen Ablauf darf: die Maschine nimmt ihr Wasser wieder auf.',
  'Edges are wetted by hand.': 'Ränder werden von Hand genässt.',
  'The film is soft.': 'Der Film ist weich.',
  'Soft discs; the tank is emptied before it is full.':
    'Weiche Scheiben; der Tank wird geleert, bevor er voll ist.',
  'Scrub by machine': 'Mit der Maschine scheuern',
  'Brush off dry': 'Trocken abbürsten',
  'Salts brushed off dry do not go back in; water would only carry them inwards.':
    'Trocken abgebürstete Salze gehen nicht zurück hinein; Wasser trüge sie nur nach innen.',
  'Swept up and taken away, not washed down.': 'Aufgefegt und abgefahren, nicht hinuntergespült.',
  'Lift off by hand with a scraper': 'Von Hand mit dem Schaber abheben',
  'A plastic scraper and patience: no chemistry, nothing in the joints.':
    'Kunststoffschaber und Geduld: keine Chemie, nichts in den Fugen.',
  'Lift off with a plastic scraper': 'Mit dem Kunststoffschaber abheben',
  'The scraper is plastic; the surface below is whole.':
    'Der Schaber ist aus Kunststoff; die Fläche darunter ist heil.',
  'Weed by hand and hook': 'Von Hand und mit dem Haken jäten',
  'Roots and all, without a licence and beside any water.':
    'Mit allen Wurzeln, ohne Nachweis und an jedem Wasser.',
  'Seeds blow in again: a sweep twice a year keeps joints clean.':
    'Samen wehen wieder ein: zweimal im Jahr fegen hält die Fugen sauber.',
  'Pull weeds by hand, roots too': 'Unkraut von Hand ziehen, auch die Wurzeln',
  'Roots come out with the leaf; joints that end up empty are refilled.':
    'Wurzeln kommen mit dem Blatt heraus; leere Fugen werden nachgefüllt.',
  'Brush off pads of climbers': 'Haftfüße abbürsten',
  'Dry pads come off with a stiff brush; wet ones smear.':
    'Trockene Haftfüße gehen mit harter Bürste ab; nasse schmieren.',
  'Shadows of the pads fade over seasons.': 'Schatten der Haftfüße verblassen über Jahreszeiten.',
  'The surface below stays whole.': 'Die Fläche darunter bleibt heil.',
  'Brush off the dry pads': 'Trockene Haftfüße abbürsten',
  'Steam on weeds': 'Dampf auf Unkraut',
  'Heat kills the green at once, with nothing that reaches the drain.':
    'Hitze tötet das Grün sofort, und nichts erreicht den Ablauf.',
  'Roots shoot again: it takes two or three goes a season.':
    'Wurzeln treiben wieder: zwei, drei Gänge in der Saison.',
  'Joints keep their sand.': 'Fugen behalten ihren Sand.',
  'Steam the weeds': 'Unkraut dämpfen',
  'Contact weed killer': 'Kontakt-Unkrautmittel',
  'Burns off the green in days; for young weeds in joints.':
    'Verbrennt das Grün in Tagen; für junges Unkraut in Fugen.',
  'Browns within days; old roots shoot again.': 'Wird in Tagen braun; alte Wurzeln treiben wieder.',
  'Leaves are dry; no rain for hours.': 'Blätter sind trocken; stundenlang kein Regen.',
  'Every leaf is wet.': 'Jedes Blatt ist nass.',
  'Once more after two weeks.': 'Nach zwei Wochen noch einmal.',
  'The leaf is brown': 'Das Blatt ist braun',
  'Dead weeds are out of the joints, with whatever roots came along.':
    'Totes Unkraut ist aus den Fugen, mit den Wurzeln, die mitkamen.',
  'Clear out the dead weeds': 'Totes Unkraut ausräumen',
  'weeds with their roots': 'Unkraut mit Wurzeln',
  'Goes down to the root: before joints are washed and refilled.':
    'Geht bis in die Wurzel: bevor Fugen gewaschen und gefüllt werden.',
  'Yellow after a week; paving is washed 7 to 10 days later.':
    'Nach einer Woche gelb; das Pflaster wird 7 bis 10 Tage später gewaschen.',
  'Licensed user where the law asks; dry leaf, no wind.':
    'Mit Sachkundenachweis, wo das Gesetz es verlangt; trockenes Blatt, kein Wind.',
  'Every leaf is wet, nothing runs off.': 'Jedes Blatt ist nass, nichts läuft ab.',
  'Once more after three weeks.': 'Nach drei Wochen noch einmal.',
  'Leaf and root are yellow: it has reached the root':
    'Blatt und Wurzel sind gelb: es hat die Wurzel erreicht',
  'Dead weeds are out of the joints with their roots.': 'Totes Unkraut ist mit den Wurzeln aus den Fugen.',
  'Clear out the dead weeds, roots too': 'Totes Unkraut ausräumen, auch die Wurzeln',
  'Fill joints with dry sand': 'Fugen mit trockenem Sand füllen',
  'Joints are dry to the depth of a finger: a dry stick comes out clean':
    'Fugen sind fingertief trocken: ein trockener Stab kommt sauber heraus',
  'Locks the stones and keeps seeds out; on a dry day, swept in dry.':
    'Hält die Steine fest und Samen draußen; an einem trockenen Tag trocken eingefegt.',
  'Joints are full to the chamfer; no sand lies on the surface.':
    'Fugen sind voll bis zur Fase; kein Sand liegt auf der Fläche.',
  'Mud in a joint is scraped out before sand goes in.':
    'Schlamm in einer Fuge wird ausgekratzt, bevor Sand hineinkommt.',
  'kiln-dried jointing sand': 'ofentrockener Fugensand',
  'from dry bags': 'aus trockenen Säcken',
  'Fill joints with stabilised sand': 'Fugen mit gebundenem Sand füllen',
  'Misting sets it, so that a sweeper does not take it out.':
    'Nebeln bindet ihn ab, so dass keine Kehrmaschine ihn herausholt.',
  'Grains left on the surface set there: a haze that will hardly come off.':
    'Körner, die auf der Fläche bleiben, binden dort ab: ein Schleier, der kaum weggeht.',
  'The surface is swept and blown clean before a drop of water.':
    'Die Fläche ist gefegt und sauber geblasen, bevor ein Tropfen Wasser kommt.',
  'stabilised jointing sand': 'gebundener Fugensand',
  'A mist only: nothing washes out, nothing pools.': 'Nur ein Nebel: nichts wird ausgewaschen, nichts steht.',
  'Mist the sand to set it': 'Sand nebeln, damit er abbindet',
  'Fill joints with sand, then seal': 'Fugen mit Sand füllen, dann versiegeln',
  'Moisture meter at most 4 %; film taped on overnight shows no dew':
    'Feuchtemesser höchstens 4 %; über Nacht aufgeklebte Folie zeigt keinen Tau',
  'The sealer binds the sand through and through and holds the colour.':
    'Die Versiegelung bindet den Sand durch und durch und hält die Farbe.',
  'The surface is darker and slightly glossy; it is resealed every three to five years.':
    'Die Fläche ist dunkler und leicht glänzend; alle drei bis fünf Jahre wird neu versiegelt.',
  'No rain and no dew for a day.': 'Einen Tag kein Regen und kein Tau.',
  'Flooded on: the sand changes colour all through.':
    'Satt aufgebracht: der Sand verfärbt sich durch und durch.',
  'The surface is evenly wet and nothing pools.': 'Die Fläche ist gleichmäßig nass, und nichts steht.',
  'A second coat takes a visit of its own, as the label says.':
    'Eine zweite Schicht braucht einen eigenen Einsatz, wie das Etikett sagt.',
  'The first coat is dry and does not stick': 'Die erste Schicht ist trocken und klebt nicht',
  'Thin and even; no traffic for two days.': 'Dünn und gleichmäßig; zwei Tage nicht befahren.',
  'Two coats are enough.': 'Zwei Schichten reichen.',
  'Joints filled by others': 'Fugen durch andere gefüllt',
  'Resin-type jointing is a trade of its own.': 'Harzfugen sind ein eigenes Gewerk.',
  'Until the joints are filled nobody drives on it.': 'Bis die Fugen gefüllt sind, fährt niemand darauf.',
  'The paver has filled the joints': 'Der Pflasterer hat die Fugen gefüllt',
  Impregnate: 'Imprägnieren',
  'Water stays out and vapour gets out; the look hardly changes.':
    'Wasser bleibt draußen, Dampf kommt heraus; das Aussehen ändert sich kaum.',
  'Wet patches show darker for a few weeks.': 'Nasse Stellen bleiben ein paar Wochen dunkler.',
  'A curtain a hand deep runs down; the glass is covered.':
    'Ein handbreiter Vorhang läuft hinunter; das Glas ist abgedeckt.',
  'The surface takes no more.': 'Die Fläche nimmt nichts mehr.',
  'Once more within the hour, wet on wet.': 'In der Stunde noch einmal, nass in nass.',
  Seal: 'Versiegeln',
  'A film that holds the colour and keeps oil on top.': 'Ein Film, der die Farbe hält und Öl oben lässt.',
  'It wears in the wheel tracks first.': 'Er verschleißt zuerst in den Fahrspuren.',
  'Oil or stain': 'Ölen oder lasieren',
  'Wood moisture at most 15 to 18 %': 'Holzfeuchte höchstens 15 bis 18 %',
  'Feeds the open fibre and keeps sun and water out.': 'Nährt die offene Faser und hält Sonne und Wasser ab.',
  'The wood is darker and warmer; rain beads for a season or two.':
    'Das Holz ist dunkler und wärmer; Regen perlt ein, zwei Saisons lang ab.',
  'Excess is wiped off within a quarter of an hour.': 'Überschuss wird in einer Viertelstunde abgewischt.',
  'Rags go into water.': 'Lappen kommen ins Wasser.',
  'The wood takes no more.': 'Das Holz nimmt nichts mehr.',
  'A second coat the next dry day.': 'Am nächsten trockenen Tag eine zweite Schicht.',
  'Sacrificial coat': 'Opferschicht',
  'The surface is dry to the touch': 'Die Fläche ist trocken anzufassen',
  'The next tag comes off with hot water and the coat, without a remover.':
    'Die nächste Schmiererei geht mit heißem Wasser und der Schicht ab, ohne Entferner.',
  'It shines a little and is renewed after each tag.':
    'Sie glänzt ein wenig und wird nach jeder Schmiererei erneuert.',
  'Edge to edge: a half-coated surface shows.':
    'Von Kante zu Kante: eine halb beschichtete Fläche sieht man.',
  'A second coat once the first is clear.': 'Eine zweite Schicht, wenn die erste klar ist.',
  'Accepted, or lifted by a conservator': 'Hingenommen, oder vom Restaurator abgenommen',
  'Whatever dissolves lime dissolves this surface too: it is accepted, or a conservator takes it off grain by grain.':
    'Was Kalk löst, löst auch diese Fläche: es wird hingenommen, oder ein Restaurator nimmt es Korn für Korn ab.',
  'Lime crusts stay, unless a conservator takes them off.':
    'Kalkkrusten bleiben, außer ein Restaurator nimmt sie ab.',
  'Accepted in writing, or the conservator is done':
    'Schriftlich hingenommen, oder der Restaurator ist fertig',
  'Repair first, then look again': 'Erst reparieren, dann wieder ansehen',
  'Water gets in where the surface is broken: a mason, roofer or joiner comes before anything wet.':
    'Wasser dringt ein, wo die Fläche kaputt ist: ein Maurer, Dachdecker oder Tischler kommt, bevor etwas nass wird.',
  'We survey the surface again after the repair.': 'Nach der Reparatur nehmen wir die Fläche neu auf.',
  'The repair is done and has set; the surface is surveyed again':
    'Die Reparatur ist fertig und abgebunden; die Fläche ist neu aufgenommen',
  'Hand over to a licensed specialist': 'An zugelassene Fachleute übergeben',
  'Somebody licensed and equipped does it; nobody on the crew touches the surface.':
    'Jemand mit Zulassung und Ausrüstung macht es; niemand vom Team rührt die Fläche an.',
  'This surface is not part of the work: a licensed specialist deals with it under a contract of their own.':
    'Diese Fläche ist nicht Teil der Arbeit: zugelassene Fachleute kümmern sich mit eigenem Vertrag darum.',
  'The specialist has released the surface in writing':
    'Die Fachleute haben die Fläche schriftlich freigegeben',
  'trade default': 'Richtwert des Handwerks',
};
