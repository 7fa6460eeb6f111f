/** Working practices and what a ranking weighs, by what they are in English. */
export const SCHOOLS: Readonly<Record<string, string>> = {
  Result: 'Ergebnis',
  'grade of 5': 'Note von 5',
  'What the customer pays for.': 'Wofür der Kunde zahlt.',
  'Risk to the surface': 'Risiko für die Fläche',
  'Least force that works.': 'Die geringste Kraft, die wirkt.',
  'Harm around': 'Schaden ringsum',
  'Plants, water, people; twice where run-off reaches open water.':
    'Pflanzen, Wasser, Menschen; doppelt, wo Ablaufwasser offenes Wasser erreicht.',
  'What stands around': 'Was ringsum steht',
  'thing harmed by run-off; drips count twice, spray beside it half':
    'Sache, der Ablaufwasser schadet; Tropfen zählen doppelt, Sprühnebel daneben halb',
  'Burnt plants, furred boards and pitted metal below are paid for by us.':
    'Verbrannte Pflanzen, pelzige Bretter und angefressenes Metall darunter zahlen wir.',
  Time: 'Zeit',
  'doubling of hours per 100 m², dwell and strips counted':
    'Verdopplung der Stunden je 100 m², Einwirken und Bahnen mitgezählt',
  'Hours are most of the price.': 'Stunden sind das meiste vom Preis.',
  Water: 'Wasser',
  'doubling of litres per m²': 'Verdopplung der Liter je m²',
  'Taps run dry and run-off must go somewhere.': 'Hähne laufen trocken, und Ablaufwasser muss irgendwohin.',
  Product: 'Produkt',
  'doubling of litres of mix per m²': 'Verdopplung der Liter Ansatz je m²',
  'Less to carry, to mix and to neutralise.': 'Weniger zu tragen, zu mischen und zu neutralisieren.',
  'Cost of product': 'Kosten des Produkts',
  'doubling of cost per m²': 'Verdopplung der Kosten je m²',
  'By usual trade prices; once we set this weight ourselves it goes by our own prices, and a new price can change the plan.':
    'Nach üblichen Preisen; setzen wir dieses Gewicht selbst, geht es nach unseren Preisen, und ein neuer Preis kann den Plan ändern.',
  'Another visit': 'Noch ein Einsatz',
  'Travel, setting out and a day on the calendar.': 'Fahrt, Aufbauen und ein Tag im Kalender.',
  'Company preference': 'Vorliebe des Betriebs',
  'working practice that a method goes against': 'Arbeitsweise, gegen die ein Verfahren geht',
  'What we are used to goes faster and safer.': 'Gewohntes geht schneller und sicherer.',
  'Usual practice': 'Übliche Praxis',
  'practice of the trade that a method goes against': 'Praxis des Handwerks, gegen die ein Verfahren geht',
  'What is done everywhere is known to work, and goes faster.':
    'Was überall gemacht wird, wirkt bekanntermaßen und geht schneller.',
  'Result that shows later': 'Ergebnis, das sich später zeigt',
  'method that shows nothing on the day, where a wash does':
    'Verfahren, das am Tag nichts zeigt, wo eine Wäsche es tut',
  'The customer looks at it on the day, and pays then.': 'Der Kunde sieht es am Tag an und zahlt dann.',
  'Another product on the property': 'Noch ein Produkt auf dem Grundstück',
  'A sheet to know, a sprayer to rinse, a thing to spill.':
    'Ein Blatt zu kennen, ein Sprüher zu spülen, etwas zu verschütten.',
  'Opposed agents in one run-off': 'Unverträgliche Mittel in einem Ablaufwasser',
  'pair of agents': 'Paar von Mitteln',
  'Rinse, neutralise, read and wait between them.': 'Dazwischen spülen, neutralisieren, messen und warten.',
  'Another visit to the property': 'Noch ein Einsatz auf dem Grundstück',
  'Everybody comes again, whatever for.': 'Alle kommen noch einmal, wofür auch immer.',
  'Most that a surface gives up': 'Das Meiste, was eine Fläche aufgibt',
  'job: points below its own best': 'Auftrag: Punkte unter ihrem eigenen Besten',
  'For fewer products no surface gets a treatment that is far from its own best.':
    'Für weniger Produkte bekommt keine Fläche eine Behandlung weit unter ihrem eigenen Besten.',
  'Over to another side': 'Hinüber auf eine andere Seite',
  'change of side': 'Seitenwechsel',
  'The hose and the tools go over too. Where the ways to both sides were paced, half of it, and the metres between them.':
    'Schlauch und Werkzeug gehen mit. Wo die Wege zu beiden Seiten abgeschritten sind, die Hälfte davon, und die Meter dazwischen.',
  'Another tool taken up': 'Anderes Werkzeug',
  'change of tool': 'Werkzeugwechsel',
  'Put down, taken up, the tip changed.': 'Hingelegt, aufgenommen, Düse gewechselt.',
  'Another mix taken up': 'Anderer Ansatz',
  'change of mix': 'Ansatzwechsel',
  'Another sprayer is fetched, or this one rinsed.': 'Ein anderer Sprüher wird geholt, oder dieser gespült.',
  'Tower or lift moved': 'Rollgerüst oder Bühne versetzt',
  'Cleared, moved, levelled and secured again; a tower by two people.':
    'Geräumt, versetzt, ausgerichtet und neu gesichert; ein Rollgerüst von zwei Personen.',
  'Tower put up': 'Rollgerüst aufgebaut',
  'Base levelled and braced, decks and guard rails in, by two people.':
    'Basis ausgerichtet und ausgesteift, Beläge und Seitenschutz drin, von zwei Personen.',
  'Tower taken down': 'Rollgerüst abgebaut',
  'By two people, handed down piece by piece.': 'Von zwei Personen, Teil für Teil heruntergereicht.',
  'How far work strays from its time': 'Wie weit Arbeit von ihrer Zeit abweicht',
  'standard deviation of one thing that is done': 'Standardabweichung eines einzelnen Vorgangs',
  'The same wall takes one crew 50 minutes and the next 70.':
    'Dieselbe Wand kostet ein Team 50 Minuten und das nächste 70.',
  'How far setting out and clearing up stray': 'Wie weit Aufbauen und Abräumen abweichen',
  'standard deviation': 'Standardabweichung',
  'The tap is where nobody said, the gate is locked, somebody talks.':
    'Der Hahn ist, wo niemand es sagte, das Tor ist zu, jemand redet.',
  'How far whole days stray': 'Wie weit ganze Tage abweichen',
  'standard deviation of all work of a day together': 'Standardabweichung aller Arbeit eines Tages zusammen',
  'Weather, the mood, a tap that runs slower than it was measured.':
    'Wetter, Stimmung, ein Hahn, der langsamer läuft als gemessen.',
  'How far the weather strays': 'Wie weit das Wetter abweicht',
  'standard deviation of how long things stay wet, of a day':
    'Standardabweichung davon, wie lange etwas nass bleibt, eines Tages',
  'A breeze or a cloud that nobody forecast.': 'Eine Brise oder eine Wolke, die niemand vorhersah.',
  'One application for two findings': 'Ein Auftragen für zwei Befunde',
  'It saves a whole wet cycle.': 'Das spart einen ganzen Nassgang.',
  'Pre-wet the surface?': 'Die Fläche vornässen?',
  'Absorbent surfaces': 'Saugende Flächen',
  'Absorbent, overgrown or sun-hot surfaces soak the mix up.':
    'Saugende, bewachsene oder sonnenheiße Flächen saugen den Ansatz auf.',
  Always: 'Immer',
  'In heat, or where what lies below must be wetted anyway.':
    'Bei Hitze, oder wo das darunter ohnehin nass gemacht werden muss.',
  'Apply dry': 'Trocken auftragen',
  'A mild cleaner should soak in; a wet film would dilute the first coat.':
    'Ein milder Reiniger soll einziehen; ein Wasserfilm würde den ersten Auftrag verdünnen.',
  'Hypochlorite for growth?': 'Hypochlorit gegen Bewuchs?',
  Hypochlorite: 'Hypochlorit',
  'Masonry, concrete and coated cladding away from planting.':
    'Mauerwerk, Beton und beschichtete Verkleidung fern von Pflanzen.',
  'Oxygen, alkaline or neutral': 'Sauerstoff, alkalisch oder neutral',
  'Natural timber, dense planting, old stone, water.': 'Naturholz, dichte Pflanzung, alter Stein, Wasser.',
  Roofs: 'Dächer',
  'By material': 'Nach Material',
  'Shingle soft wash; slate and fragile tile by hand or biocide; sound heavy tile reduced washing; metal brushed and rinsed.':
    'Schindeln sanft gewaschen; Schiefer und spröde Ziegel von Hand oder mit Biozid; gesunde schwere Ziegel sanft maschinell; Metall gebürstet und gespült.',
  'Biocide only': 'Nur Biozid',
  'Slow and gentle, where nobody is waiting for the result.':
    'Langsam und sanft, wo niemand auf das Ergebnis wartet.',
  'Hypochlorite and rinse': 'Hypochlorit und Spülen',
  'The result is wanted the same day.': 'Das Ergebnis ist am selben Tag gewünscht.',
  'Chemistry or machine first?': 'Erst Chemie oder erst Maschine?',
  'Pre-treat, then wash': 'Vorbehandeln, dann waschen',
  'The machine travels faster and softer.': 'Die Maschine fährt schneller und sanfter.',
  'Wash first': 'Erst waschen',
  'Sound joints and thin growth: only what remains is treated, which saves product.':
    'Gesunde Fugen und dünner Bewuchs: nur der Rest wird behandelt, das spart Produkt.',
  'Direction of application': 'Richtung des Auftragens',
  'Bottom up': 'Von unten nach oben',
  'No streaks and no runs over dry surface.': 'Keine Streifen und keine Läufer auf trockener Fläche.',
  'Top down, twice': 'Von oben nach unten, zweimal',
  'Where reach or glare leaves no choice; a second pass takes out the streaks.':
    'Wo Reichweite oder Blendung keine Wahl lässt; ein zweiter Gang nimmt die Streifen.',
  Strength: 'Stärke',
  'Weakest that works': 'Die schwächste, die wirkt',
  'Longer dwell, repeated while wet.': 'Längeres Einwirken, noch nass wiederholt.',
  'Stronger first': 'Erst stärker',
  'Neglected, robust surfaces: one grade stronger and the shorter dwell.':
    'Vernachlässigte, robuste Flächen: eine Stufe stärker und kürzeres Einwirken.',
  'Scrub or dwell?': 'Bürsten oder einwirken?',
  'Dwell first': 'Erst einwirken',
  'Only what stays is scrubbed.': 'Nur was bleibt, wird gebürstet.',
  'Scrub each coat': 'Jeden Auftrag bürsten',
  'Chalk, biofilm, or a result that must show the same day.':
    'Kreide, Biofilm, oder ein Ergebnis, das am selben Tag zu sehen sein muss.',
  'When the result is wanted': 'Wann das Ergebnis gewünscht ist',
  'Same day': 'Am selben Tag',
  'The customer inspects and pays that day.': 'Der Kunde sieht es sich an und zahlt am selben Tag.',
  'Left on, over months': 'Bleibt darauf, über Monate',
  'Right where the customer has it in writing what to expect and when.':
    'Richtig, wo der Kunde schriftlich hat, was wann zu erwarten ist.',
  'Delivery of a mix': 'Ausbringen eines Ansatzes',
  'By strength and distance': 'Nach Stärke und Entfernung',
  'Each mix goes out with whatever reaches that far at that strength.':
    'Jeder Ansatz geht mit dem hinaus, was in dieser Stärke so weit reicht.',
  'Backpack sprayer': 'Rückensprüher',
  'Small surfaces a long way from the vehicle.': 'Kleine Flächen weit weg vom Fahrzeug.',
  'Dedicated pump': 'Eigene Pumpe',
  'Large surfaces within hose length of the vehicle.': 'Große Flächen in Schlauchlänge vom Fahrzeug.',
  'Mixes of a day': 'Ansätze eines Tages',
  Shared: 'Gemeinsam',
  'One strength that does it on every surface: fewer jugs, sprayers and slips.':
    'Eine Stärke, die auf jeder Fläche reicht: weniger Kanister, Sprüher und Verwechslungen.',
  'Own mix': 'Eigener Ansatz',
  'A surface gets exactly what it wants, or is watched apart from the others.':
    'Eine Fläche bekommt genau, was sie will, oder wird getrennt beobachtet.',
  'Floor along a door': 'Boden an einer Tür',
  'Strong strip first': 'Erst starker Streifen',
  'Growth is much: chemistry does it there, and the machine passes fast and drives no water in.':
    'Viel Bewuchs: dort tut es die Chemie, und die Maschine fährt schnell vorbei und treibt kein Wasser hinein.',
  'As the rest': 'Wie der Rest',
  'The door is tight, or one mix less counts for more.':
    'Die Tür ist dicht, oder ein Ansatz weniger zählt mehr.',
  Plants: 'Pflanzen',
  'Wet before, during, after': 'Vorher, dabei und danach nässen',
  'Where water is at hand all the time.': 'Wo die ganze Zeit Wasser zur Hand ist.',
  'Cover or bag': 'Abdecken oder einhüllen',
  'For a short time, never in hot sun.': 'Für kurze Zeit, nie in heißer Sonne.',
  'Catch all run-off': 'Alles Ablaufwasser auffangen',
  'Where nothing may reach the roots or open water.':
    'Wo nichts die Wurzeln oder offenes Wasser erreichen darf.',
  'Sand joints after washing': 'Sandfugen nach dem Waschen',
  'Dry sand': 'Trockener Sand',
  'Terraces and paths.': 'Terrassen und Wege.',
  'Sand and sealer': 'Sand und Versiegelung',
  'Where the customer wants the colour deepened and weeds kept out.':
    'Wo der Kunde kräftigere Farbe und kein Unkraut will.',
  'Stabilised sand': 'Gebundener Sand',
  'Where sweepers or slopes take loose sand out.': 'Wo Kehrmaschinen oder Gefälle losen Sand herausholen.',
  'By others': 'Durch andere',
  'For resin-type jointing.': 'Für Harzfugen.',
  'Dry enough for sand and sealer': 'Trocken genug für Sand und Versiegelung',
  'By meter reading': 'Nach Messgerät',
  'The meter decides; days are only for planning ahead.':
    'Das Messgerät entscheidet; Tage sind nur zum Vorausplanen.',
  'By days alone': 'Nur nach Tagen',
  'Without a meter, in steady weather.': 'Ohne Messgerät, bei beständigem Wetter.',
};
