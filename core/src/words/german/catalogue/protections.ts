/** Protections, safety floor and what is worn, by what they are in English. */
export const PROTECTIONS: Readonly<Record<string, string>> = {
  'Pole, tower, ladder and roof work stops above the wind limit of the maker and the code, 10 m/s where neither says. On roofs and lifts a harness on a tested anchor; guard rails complete on towers; the ground below fenced off.':
    'Arbeit mit Stange, Rollgerüst, Leiter und auf dem Dach ruht über der Windgrenze von Hersteller und Vorschrift, 10 m/s, wo keine eine nennt. Auf Dächern und Bühnen ein Gurt an geprüftem Anker; an Gerüsten vollständiger Seitenschutz; der Boden darunter abgesperrt.',
  'The product label, its safety data sheet, local codes and licensed practice come before anything written here.':
    'Etikett, Sicherheitsdatenblatt, örtliche Vorschriften und zugelassene Praxis gehen allem vor, was hier steht.',
  'Before mixing, put on the eye, hand, foot, hearing and breathing protection listed for each agent and task. Ventilate; eyewash and plain water at hand.':
    'Vor dem Mischen den Augen-, Hand-, Fuß-, Gehör- und Atemschutz anlegen, der für jedes Mittel und jede Arbeit genannt ist. Lüften; Augendusche und klares Wasser zur Hand.',
  'Water first, then acid or caustic; never the other way round. Never mix agents: own sprayer for each, every jug labelled.':
    'Erst Wasser, dann Säure oder Lauge; nie umgekehrt. Mittel nie mischen: eigener Sprüher für jedes, jeder Kanister beschriftet.',
  'Never point a jet at a person or an animal; lock the tip before pulling the trigger. Engine exhaust away from openings, fuel shut for transport.':
    'Strahl nie auf Mensch oder Tier richten; Düse sichern, bevor der Abzug gezogen wird. Motorabgas weg von Öffnungen, Kraftstoff zum Transport geschlossen.',
  'Ladders, roofs and towers: competent people only, nobody below. Electricity: have it isolated and cover it. Suspected asbestos cement, lead paint, needles or dead animals: stop and hand over to licensed specialists.':
    'Leitern, Dächer und Gerüste: nur Befähigte, niemand darunter. Strom: freischalten lassen und abdecken. Verdacht auf Asbestzement, Bleifarbe, Nadeln oder tote Tiere: aufhören und an zugelassene Fachleute übergeben.',
  'In an emergency flush with plenty of water, follow the data sheet and call the local emergency number.':
    'Im Notfall mit viel Wasser spülen, dem Datenblatt folgen und die örtliche Notrufnummer wählen.',
  'Wet it through before work with {agents} starts on {from}: wet, it takes up less.':
    'Durchnässen, bevor die Arbeit mit {agents} an {from} beginnt: nass nimmt es weniger auf.',
  'Keep plain water running over it during work with {agents} on {from}; nothing dries on it.':
    'Während der Arbeit mit {agents} an {from} klares Wasser darüber laufen lassen; nichts trocknet darauf.',
  'Rinse it from its top edge down after the last rinse of {from}.':
    'Nach dem letzten Spülen von {from} von der Oberkante abwärts abspülen.',
  'Hang film over it, taped tight along its top edge, before work with {agents} starts on {from}: not a drop may run behind it.':
    'Folie davor hängen, an der Oberkante dicht abgeklebt, bevor die Arbeit mit {agents} an {from} beginnt: kein Tropfen darf dahinter laufen.',
  'film and tape': 'Folie und Klebeband',
  'Look behind the film at every section; where it is wet, flood with plain water and stop.':
    'Bei jedem Abschnitt hinter die Folie sehen; wo es nass ist, mit klarem Wasser fluten und aufhören.',
  'Take the film off after the last rinse of {from}, then rinse it all the same.':
    'Folie nach dem letzten Spülen von {from} abnehmen, dann trotzdem abspülen.',
  'Lay {length} of sand sleeves along its edge; lead {agents} from {from} away from it, or catch it.':
    '{length} Sandschläuche an der Kante entlang legen; {agents} von {from} davon weg leiten oder auffangen.',
  'sand sleeves, pump, drum': 'Sandschläuche, Pumpe, Fass',
  'Keep it flooded with plain water where drops reach it; watch the sleeves.':
    'Mit klarem Wasser fluten, wo Tropfen hinkommen; die Schläuche im Auge behalten.',
  'Lift the sleeves after the last rinse of {from}, then rinse it all the same.':
    'Schläuche nach dem letzten Spülen von {from} aufnehmen, dann trotzdem abspülen.',
  'Wet the bed through, leaf and soil.': 'Das Beet durchnässen, Blatt und Boden.',
  'Keep it wet as long as product is in use nearby.':
    'Nass halten, solange in der Nähe Produkt in Gebrauch ist.',
  'Rinse leaves and soil with plenty of water.': 'Blätter und Boden mit viel Wasser spülen.',
  'Wet the grass along the wall.': 'Das Gras an der Wand entlang nass machen.',
  'Rinse the grass.': 'Das Gras spülen.',
  'Lay {length} of bund between the work and the water; set up the catch.':
    '{length} Sperre zwischen Arbeit und Wasser legen; den Auffang aufstellen.',
  'Empty the catch before it is full; read pH and chlorine of what is in it.':
    'Den Auffang leeren, bevor er voll ist; pH und Chlor darin messen.',
  'Lift the {length} of bund last, when the catch is empty and the reading neutral.':
    'Die {length} Sperre zuletzt aufnehmen, wenn der Auffang leer und die Messung neutral ist.',
  'Find out where it leads; block it where it leads to open water.':
    'Herausfinden, wohin er führt; verschließen, wo er in offenes Wasser führt.',
  'drain mat': 'Ablaufmatte',
  'Unblock it when run-off is clear and neutral.': 'Öffnen, wenn das Ablaufwasser klar und neutral ist.',
  'Block it: it leads to open water. Take up what stands before it.':
    'Verschließen: er führt in offenes Wasser. Aufnehmen, was davor steht.',
  'Keep product out of it: it soaks away into the ground.': 'Kein Produkt hinein: es versickert im Boden.',
  'Keep sludge and solids out of it.': 'Schlamm und Feststoffe fernhalten.',
  'Rinse it through with plain water.': 'Mit klarem Wasser durchspülen.',
  'Find out where it leads. Until then put a sleeve on its downpipe and catch what comes.':
    'Herausfinden, wohin sie führt. Bis dahin eine Manschette ans Fallrohr setzen und auffangen, was kommt.',
  'downpipe sleeve, drum': 'Fallrohrmanschette, Fass',
  'Empty the catch before it is full.': 'Den Auffang leeren, bevor er voll ist.',
  'Flush the gutter clear, then take the sleeve off when the water is neutral.':
    'Die Rinne klarspülen, dann die Manschette abnehmen, wenn das Wasser neutral ist.',
  'Put a sleeve on its downpipe and lead it to the catch: it runs to open water.':
    'Eine Manschette ans Fallrohr setzen und in den Auffang leiten: es läuft in offenes Wasser.',
  'Put a sleeve on its downpipe and lead it to the catch: it soaks away into the ground.':
    'Eine Manschette ans Fallrohr setzen und in den Auffang leiten: es versickert im Boden.',
  'Lift out what lies in it; keep moss and solids out of the downpipe.':
    'Herausnehmen, was darin liegt; Moos und Feststoffe vom Fallrohr fernhalten.',
  'Flush it with plain water and see that the downpipe runs.':
    'Mit klarem Wasser spülen und sehen, dass das Fallrohr läuft.',
  'Test with a bucket that it runs. Never block it: a blocked cellar drain floods the basement.':
    'Mit einem Eimer prüfen, dass er läuft. Nie verschließen: ein verstopfter Kellerablauf flutet den Keller.',
  'Look down now and then: it must run.': 'Ab und zu hinuntersehen: er muss laufen.',
  'Clear it of sludge and test it with a bucket again.':
    'Von Schlamm befreien und nochmals mit einem Eimer prüfen.',
  'Cover the pool with the owner; keep all run-off out of it.':
    'Das Becken mit dem Eigentümer abdecken; kein Ablaufwasser hinein.',
  'pool cover': 'Beckenabdeckung',
  'Rinse the cover and take it off; the owner tests the water before anybody swims.':
    'Abdeckung spülen und abnehmen; der Eigentümer prüft das Wasser, bevor jemand schwimmt.',
  'Shut it, seal its foot, and ask what is behind it.':
    'Schließen, unten abdichten, und fragen, was dahinter ist.',
  'Untape it, wipe the threshold; look behind it for water.':
    'Klebeband ab, Schwelle wischen; dahinter nach Wasser sehen.',
  'Clear the sill; never spray up at it.': 'Die Fensterbank frei räumen; nie von unten dagegen sprühen.',
  'Rinse the sill and wipe it dry.': 'Die Fensterbank spülen und trocken wischen.',
  'Have it isolated by somebody competent, then cover it: it must never get wet.':
    'Von einer Elektrofachkraft freischalten lassen, dann abdecken: es darf nie nass werden.',
  'Uncover it once all is dry; leave switching on to somebody competent.':
    'Abdeckung ab, wenn alles trocken ist; das Einschalten einer Elektrofachkraft überlassen.',
  'No jet and no product on it; with the owner’s consent cover it or keep it wet.':
    'Kein Strahl und kein Produkt darauf; mit Erlaubnis des Eigentümers abdecken oder nass halten.',
  'Keep it wet where it is not covered.': 'Nass halten, wo es nicht abgedeckt ist.',
  'Uncover and rinse with plain water.': 'Abdeckung ab und mit klarem Wasser spülen.',
  'Wet natural timber and keep it wet, or cover it.': 'Naturholz nass machen und nass halten, oder abdecken.',
  'Uncover and rinse.': 'Abdeckung ab und spülen.',
  'Have goods moved off the door and off the floor; seal the foot of the door.':
    'Waren vom Tor und vom Boden wegräumen lassen; das Tor unten abdichten.',
  'Open up with the owner and look for water.': 'Mit dem Eigentümer öffnen und nach Wasser sehen.',
  'Have animals taken away with their bowls and bedding.': 'Tiere mit Napf und Lager wegbringen lassen.',
  'They stay away until it is dry.': 'Sie bleiben weg, bis es trocken ist.',
  'Rinse where they walk; they come back when it is dry.':
    'Spülen, wo sie laufen; sie kommen zurück, wenn es trocken ist.',
  'Tape and sheet the gap; ask what is behind it.':
    'Den Spalt abkleben und mit Folie schließen; fragen, was dahinter ist.',
  'Untape, look behind it for water.': 'Klebeband ab, dahinter nach Wasser sehen.',
  'Wet the glass.': 'Das Glas nass machen.',
  'Keep the glass wet: nothing dries on it.': 'Das Glas nass halten: nichts trocknet darauf.',
  'Rinse the glass before anything dries on it.': 'Das Glas spülen, bevor etwas darauf trocknet.',
  'Hang film over the glass and its frames: a sealer that dries on it stays.':
    'Folie über Glas und Rahmen hängen: eine Versiegelung, die darauf trocknet, bleibt.',
  'Take the film off once the coat no longer sticks; wipe off at once what got through.':
    'Folie abnehmen, sobald die Schicht nicht mehr klebt; sofort abwischen, was durchkam.',
  'Cover bare metal, or keep it wet throughout.': 'Blankes Metall abdecken oder durchgehend nass halten.',
  'Have the vehicle moved.': 'Das Fahrzeug wegfahren lassen.',
  'Tell the owner it can come back.': 'Dem Eigentümer sagen, dass es zurück kann.',
  'It cannot be moved: wet it, cover it to the ground, tape the cover.':
    'Es kann nicht weg: nass machen, bis zum Boden abdecken, Abdeckung abkleben.',
  'Rinse the cover and take it off; rinse the vehicle.':
    'Abdeckung spülen und abnehmen; das Fahrzeug spülen.',
  'Wheel it out of the spray and of the run-off, lid shut.':
    'Aus Sprühnebel und Ablaufwasser rollen, Deckel zu.',
  'Wheel it back once the ground is rinsed.': 'Zurückrollen, wenn der Boden gespült ist.',
  'Have it wheeled out of the way before we begin.': 'Vor Beginn aus dem Weg rollen lassen.',
  'Say that it can come back.': 'Sagen, dass sie zurück kann.',
  'Move it away or cover it.': 'Wegräumen oder abdecken.',
  'dust sheet': 'Abdecktuch',
  'Put it back dry.': 'Trocken zurückstellen.',
  'Keep away and ask: an occupied nest may be protected by law.':
    'Abstand halten und fragen: ein bewohntes Nest kann gesetzlich geschützt sein.',
  'Nobody works within sight of it.': 'Niemand arbeitet in Sichtweite.',
  'Leave it as it was.': 'Lassen, wie es war.',
  'Close it with signs on both ends and a lookout.':
    'Mit Schildern an beiden Enden und einem Posten sperren.',
  'signs, cones': 'Schilder, Kegel',
  'Nobody walks through spray; the lookout stays.': 'Niemand geht durch Sprühnebel; der Posten bleibt.',
  'Rinse it, look for slippery spots, open it again.':
    'Spülen, nach rutschigen Stellen sehen, wieder öffnen.',
  'Cover it or move it.': 'Abdecken oder wegräumen.',
  'Uncover it.': 'Abdeckung ab.',
  'Before work with {agents} starts on {from}, pick up what lies there wet and flush with plenty of plain water until nothing smells: together they release toxic gas.':
    'Bevor die Arbeit mit {agents} an {from} beginnt, nass aufnehmen, was dort liegt, und mit viel klarem Wasser spülen, bis nichts mehr riecht: zusammen entsteht giftiges Gas.',
  'Nobody stands downwind of it; if eyes or nose sting, stop, leave and let it air.':
    'Niemand steht in Windrichtung; brennen Augen oder Nase, aufhören, weggehen und lüften lassen.',
  'Flush it once more with plain water.': 'Nochmals mit klarem Wasser spülen.',
  'Wet the plants, then cover or bag them; never in hot sun.':
    'Die Pflanzen nass machen, dann abdecken oder einhüllen; nie in heißer Sonne.',
  'breathing cover': 'atmende Abdeckung',
  'Lift the cover as soon as the surface beside it is rinsed.':
    'Die Abdeckung abnehmen, sobald die Fläche daneben abgespült ist.',
  'Count the covers back; rinse leaves and soil.': 'Abdeckungen zurückzählen; Blätter und Boden spülen.',
  'Lay {length} of bund along the foot of the surface and catch all run-off: nothing reaches the roots.':
    '{length} Sperre am Fuß der Fläche entlang legen und alles Ablaufwasser auffangen: nichts erreicht die Wurzeln.',
  'Lift the {length} of bund last, when the reading is neutral; rinse leaves all the same.':
    'Die {length} Sperre zuletzt aufnehmen, wenn die Messung neutral ist; Blätter trotzdem spülen.',
  'Rinse gear is laid and charged before any product touches a surface; people and cars are away.':
    'Spülgerät liegt und ist gefüllt, bevor Produkt eine Fläche berührt; Leute und Autos sind weg.',
  'Plants and neighbouring surfaces are rinsed once more; every cover, tape and bund is counted back.':
    'Pflanzen und Nachbarflächen werden noch einmal gespült; jede Abdeckung, jedes Band und jede Sperre wird zurückgezählt.',
  'closed boots': 'geschlossene Stiefel',
  'hearing protection': 'Gehörschutz',
  'dust mask P2': 'Staubmaske P2',
  'heat-proof gloves': 'Hitzeschutzhandschuhe',
  'long sleeves': 'lange Ärmel',
};
