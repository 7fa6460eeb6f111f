/** Agents and what care they take, by what they are in English. */
export const AGENTS: Readonly<Record<string, string>> = {
  'burns eyes and skin': 'verätzt Augen und Haut',
  'releases toxic gas with hypochlorite': 'setzt mit Hypochlorit giftiges Gas frei',
  'limestone, marble, lime mortar and render': 'Kalkstein, Marmor, Kalkmörtel und Putz',
  'zinc, aluminium, galvanised steel': 'Zink, Aluminium, verzinkter Stahl',
  'cement joints, slowly': 'Zementfugen, langsam',
  'Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Augen: unter fließendem Wasser fünfzehn Minuten offen halten und mit dem Datenblatt zum Arzt. Mit viel Wasser spülen, nasse Kleidung ausziehen, dem Datenblatt folgen; vergeht es nicht, die örtliche Notrufnummer wählen.',
  'closed, apart from alkalis and hypochlorite': 'geschlossen, getrennt von Laugen und Hypochlorit',
  'irritates eyes and skin': 'reizt Augen und Haut',
  'slippery underfoot': 'rutschig unter den Füßen',
  'bare aluminium and zinc': 'blankes Aluminium und Zink',
  'glass where it dries': 'Glas, wo es antrocknet',
  'unsealed wood turns dark': 'unversiegeltes Holz wird dunkel',
  'dry and closed, apart from acids': 'trocken und geschlossen, getrennt von Säuren',
  'Eyes: flush for at least 30 minutes, and go on flushing on the way to hospital with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Augen: mindestens 30 Minuten spülen und auf dem Weg ins Krankenhaus weiterspülen, Datenblatt mitnehmen. Mit viel Wasser spülen, nasse Kleidung ausziehen, dem Datenblatt folgen; vergeht es nicht, die örtliche Notrufnummer wählen.',
  'chemical apron': 'Chemikalienschürze',
  'a user’s licence where local code asks for one':
    'Sachkundenachweis, wo örtliche Vorschriften einen verlangen',
  'burns eyes': 'verätzt die Augen',
  'can cause a skin allergy': 'kann Hautallergie auslösen',
  'harms water life for a long time': 'schadet Wasserlebewesen auf lange Zeit',
  'water life': 'Leben im Wasser',
  'fresh growth around': 'frischer Bewuchs ringsum',
  'locked, frost-free, apart from soap': 'verschlossen, frostfrei, getrennt von Seife',
  'rubber boots': 'Gummistiefel',
  'burns skin and eyes at once, and deep': 'verätzt Haut und Augen sofort und tief',
  'heats up in water': 'wird in Wasser heiß',
  'aluminium, zinc, tin': 'Aluminium, Zink, Zinn',
  'closed, upright, above 12 °C or it crystallises, apart from acids and aluminium':
    'geschlossen, aufrecht, über 12 °C, sonst kristallisiert es, getrennt von Säuren und Aluminium',
  'releases toxic gas with acid, ammonia or urine': 'setzt mit Säure, Ammoniak oder Urin giftiges Gas frei',
  'bleaches cloth and paint': 'bleicht Stoff und Farbe',
  'stainless steel, copper, zinc and bare metal': 'Edelstahl, Kupfer, Zink und blankes Metall',
  'nylon and wool': 'Nylon und Wolle',
  'bare timber': 'rohes Holz',
  'plants and water life': 'Pflanzen und Leben im Wasser',
  'cool, dark, vented; loses a tenth of its strength a month at 20 °C, a sixth at 25, a third at 30':
    'kühl, dunkel, belüftet; verliert bei 20 °C ein Zehntel seiner Stärke im Monat, bei 25 ein Sechstel, bei 30 ein Drittel',
  'irritates eyes': 'reizt die Augen',
  'makes you dizzy in still air': 'macht in stehender Luft schwindlig',
  'glass and frames it splashes on': 'Glas und Rahmen, auf die es spritzt',
  'Fresh air. Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Frische Luft. Augen: unter fließendem Wasser fünfzehn Minuten offen halten und mit dem Datenblatt zum Arzt. Mit viel Wasser spülen, nasse Kleidung ausziehen, dem Datenblatt folgen; vergeht es nicht, die örtliche Notrufnummer wählen.',
  'closed, frost-free': 'geschlossen, frostfrei',
  'dust mask while weighing': 'Staubmaske beim Abwiegen',
  'Any contact: flush, calcium gluconate gel at once, and hospital at once even without pain. Tell them that it is fluoride, and take the data sheet.':
    'Jeder Kontakt: spülen, sofort Calciumgluconat-Gel und sofort ins Krankenhaus, auch ohne Schmerz. Dort sagen, dass es Fluorid ist, und das Datenblatt mitnehmen.',
  'chemical gloves': 'Chemikalienhandschuhe',
  'trade default; the product label and its safety data sheet come first':
    'Richtwert des Handwerks; Etikett und Sicherheitsdatenblatt des Produkts gehen vor',
  'respirator as the data sheet says': 'Atemschutz, wie das Datenblatt sagt',
  'nothing listed here': 'hier nichts aufgeführt',
  'dry and closed': 'trocken und geschlossen',
  'sets fire going where it dries on cloth or sawdust': 'entzündet, wo es auf Stoff oder Sägemehl antrocknet',
  'bursts closed containers': 'sprengt geschlossene Behälter',
  'some dyes and stains': 'manche Farbstoffe und Beizen',
  'unsealed copper': 'unversiegeltes Kupfer',
  'dry, cool, away from anything that burns': 'trocken, kühl, fern von allem, was brennt',
  'pH strip reads 6 to 8; on cement and lime what an untreated spot beside it reads under the same water':
    'pH-Streifen zeigt 6 bis 8; auf Zement und Kalk das, was eine unbehandelte Stelle daneben unter demselben Wasser zeigt',
  'dries out the skin': 'trocknet die Haut aus',
  'catches fire': 'brennbar',
  'paint, sealers, plastics, rubber, bitumen': 'Farbe, Versiegelungen, Kunststoff, Gummi, Bitumen',
  'closed, cool, away from flames and sparks': 'geschlossen, kühl, fern von Flammen und Funken',
  'Swallowed: rinse the mouth, drink nothing more, call poison control with the data sheet. Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Verschluckt: Mund ausspülen, nichts mehr trinken, mit dem Datenblatt den Giftnotruf anrufen. Augen: unter fließendem Wasser fünfzehn Minuten offen halten und mit dem Datenblatt zum Arzt. Mit viel Wasser spülen, nasse Kleidung ausziehen, dem Datenblatt folgen; vergeht es nicht, die örtliche Notrufnummer wählen.',
  'Sodium hypochlorite': 'Natriumhypochlorit',
  'chlorine strip reads 0': 'Chlorstreifen zeigt 0',
  'Acid, ammonia, urine or droppings release toxic gas: flush with water first.':
    'Säure, Ammoniak, Urin oder Kot setzen giftiges Gas frei: erst mit Wasser wegspülen.',
  'Bleaches cloth, burns plants, pits bare metal: wet and rinse whatever is near.':
    'Bleicht Stoff, verbrennt Pflanzen, frisst blankes Metall an: vornässen und spülen, was in der Nähe ist.',
  'Sodium percarbonate': 'Natriumpercarbonat',
  'Seriously damages eyes: goggles on before the bag is opened.':
    'Schädigt Augen schwer: Schutzbrille auf, bevor der Sack geöffnet wird.',
  'The mix gives off oxygen: never close it up, use it within the hour.':
    'Der Ansatz gibt Sauerstoff ab: nie verschließen, in einer Stunde verbrauchen.',
  'Quaternary biocide': 'Quartäres Biozid',
  'Leave on: rain within 24 h carries it off. Wind below the drift limit.':
    'Bleibt darauf: Regen in den ersten 24 h trägt es weg. Wind unter der Driftgrenze.',
  'Harms water life: keep it out of ponds and streams. A licence may be needed.':
    'Schadet Wasserlebewesen: von Teichen und Bächen fernhalten. Ein Sachkundenachweis kann nötig sein.',
  'Soap that foams by anionic surfactants stops it: rinse such soap off first.':
    'Seife, die mit anionischen Tensiden schäumt, macht es unwirksam: solche Seife erst abspülen.',
  'Hydrogen peroxide': 'Wasserstoffperoxid',
  'face shield': 'Gesichtsschild',
  'Above 12 % its sale is controlled in many places: ask your supplier, or buy it weaker.':
    'Über 12 % ist der Verkauf vielerorts beschränkt: Lieferanten fragen oder schwächer kaufen.',
  'Breaks down violently with alkali, metals and dirt: clean vessels of plastic only.':
    'Zersetzt sich heftig mit Lauge, Metallen und Schmutz: nur saubere Kunststoffgefäße.',
  'Whitens and burns skin: rinse at once.': 'Macht die Haut weiß und verätzt sie: sofort spülen.',
  'Vented cap only; never back into the container.':
    'Nur Verschluss mit Entlüftung; nie zurück in den Behälter.',
  'Oxidising shadow gel': 'Oxidierendes Schattengel',
  'Only once the film is off; vented cap.': 'Erst wenn der Film weg ist; Verschluss mit Entlüftung.',
  'harms plants that it touches': 'schadet Pflanzen, die es berührt',
  'every plant that takes it up': 'jede Pflanze, die es aufnimmt',
  'Systemic weed killer': 'Systemischer Unkrautvernichter',
  'Dry leaf, no wind, no rain for a day; a week to ten days until it has reached the root.':
    'Trockenes Blatt, kein Wind, einen Tag kein Regen; eine Woche bis zehn Tage, bis es die Wurzel erreicht hat.',
  'Licensed users only where the law says so; banned on hard surfaces in some places.':
    'Nur mit Sachkundenachweis, wo das Gesetz es verlangt; auf befestigten Flächen mancherorts verboten.',
  'smells sharp': 'riecht stechend',
  'every leaf it wets': 'jedes Blatt, das es benetzt',
  'Contact weed killer (fatty acid)': 'Kontakt-Unkrautmittel (Fettsäure)',
  'Burns the leaf, not the root: repeat.': 'Verbrennt das Blatt, nicht die Wurzel: wiederholen.',
  'Licensed users only where the law says so.': 'Nur mit Sachkundenachweis, wo das Gesetz es verlangt.',
  'Quaternary biocide, ready to use': 'Quartäres Biozid, gebrauchsfertig',
  'Caustic degreaser (sodium hydroxide)': 'Laugen-Entfetter (Natriumhydroxid)',
  'Burns skin and eyes at once: rinse for a long time and follow the data sheet.':
    'Verätzt Haut und Augen sofort: lange spülen und dem Datenblatt folgen.',
  'Always caustic into water, never water onto caustic: it heats up.':
    'Immer Lauge ins Wasser, nie Wasser auf Lauge: sie wird heiß.',
  'Mild alkaline cleaner (metasilicate)': 'Mild alkalischer Reiniger (Metasilikat)',
  'The powder and strong mixes burn skin and eyes.': 'Pulver und starke Ansätze verätzen Haut und Augen.',
  'Short contact only: it etches glass and attacks bare aluminium where it dries.':
    'Nur kurzer Kontakt: angetrocknet ätzt es Glas und greift blankes Aluminium an.',
  'Oxalic acid': 'Oxalsäure',
  'Poisonous: no eating or smoking; wash your hands.': 'Giftig: nicht essen oder rauchen; Hände waschen.',
  'Never where hypochlorite may still be: toxic gas.': 'Nie, wo noch Hypochlorit sein kann: giftiges Gas.',
  'Phosphoric acid': 'Phosphorsäure',
  'Acid into water, never water onto acid.': 'Säure ins Wasser, nie Wasser auf Säure.',
  'Sulfamic acid': 'Amidosulfonsäure',
  'Burns eyes: rinse for a long time and follow the data sheet.':
    'Verätzt die Augen: lange spülen und dem Datenblatt folgen.',
  'Citric acid': 'Zitronensäure',
  'Sodium ascorbate': 'Natriumascorbat',
  'Mix it fresh: it loses strength in air.': 'Frisch ansetzen: an der Luft verliert es Stärke.',
  'Sodium bicarbonate': 'Natriumhydrogencarbonat',
  'Foams on acid: small amounts first.': 'Schäumt auf Säure: erst kleine Mengen.',
  'Phosphate alkaline cleaner': 'Phosphat-Alkalireiniger',
  'Feeds algae in water: not where run-off reaches a pond; banned in some places.':
    'Düngt Algen im Wasser: nicht, wo Ablaufwasser einen Teich erreicht; mancherorts verboten.',
  'Hydrochloric acid': 'Salzsäure',
  'Its fumes rust all metal nearby and it leaves chlorides in concrete: only for cement haze, on a pre-wetted surface.':
    'Ihre Dämpfe lassen alles Metall in der Nähe rosten, und sie hinterlässt Chloride im Beton: nur für Zementschleier, auf vorgenässter Fläche.',
  'Alkaline shadow gel': 'Alkalisches Schattengel',
  'Only once the film is off; fence it off while it works overnight.':
    'Erst wenn der Film weg ist; absperren, während es über Nacht wirkt.',
  'Fluoride acids go through skin and bone without pain at first and have killed people: Etappe explains them and never schedules them.':
    'Flusssäure und ihre Salze gehen durch Haut und Knochen, zuerst ohne Schmerz, und haben Menschen getötet: Etappe erklärt sie und plant sie nie ein.',
  'goes through skin to the bone, often without pain at first':
    'geht durch die Haut bis auf den Knochen, oft zuerst ohne Schmerz',
  'can stop the heart': 'kann das Herz anhalten',
  'granite polish': 'Granitpolitur',
  'everything other acids attack': 'alles, was andere Säuren angreifen',
  'Bifluoride acid cleaner': 'Bifluorid-Säurereiniger',
  'specialists only': 'nur für Fachleute',
  'Any contact: rinse, calcium gluconate gel, hospital at once.':
    'Jeder Kontakt: spülen, Calciumgluconat-Gel, sofort ins Krankenhaus.',
  'Bicarbonate takes the acid away, not the fluoride: the rinse stays poisonous.':
    'Hydrogencarbonat nimmt die Säure weg, nicht das Fluorid: das Spülwasser bleibt giftig.',
  'releases sulfur dioxide with acid': 'setzt mit Säure Schwefeldioxid frei',
  'Sodium thiosulfate': 'Natriumthiosulfat',
  'Stops chlorine; never where acid is or will be.': 'Stoppt Chlor; nie, wo Säure ist oder sein wird.',
  'Acetic acid': 'Essigsäure',
  'Its vapour tarnishes lead and copper near it: rinse soon.':
    'Ihr Dampf läuft Blei und Kupfer in der Nähe an: bald spülen.',
  'Traffic-film remover': 'Verkehrsfilm-Entferner',
  'Never in the sun or on hot metal: it dries to streaks that stay.':
    'Nie in der Sonne oder auf heißem Metall: es trocknet zu Streifen, die bleiben.',
  'Slippery underfoot until it is rinsed.': 'Rutschig, bis es abgespült ist.',
  'Low-alkali wood cleaner': 'Alkaliarmer Holzreiniger',
  'Oak, cedar and larch darken for a while: a brightener brings them back.':
    'Eiche, Zeder und Lärche werden eine Weile dunkler: ein Aufheller bringt sie zurück.',
  'Alkaline stripper of sealers': 'Alkalischer Abbeizer für Versiegelungen',
  'Very slippery: fence it off until it is rinsed.': 'Sehr rutschig: absperren, bis es abgespült ist.',
  'The slurry carries the sealer: lift it, never into a drain.':
    'Der Schlamm trägt die Versiegelung: aufnehmen, nie in einen Ablauf.',
  'Neutral biocidal stone cleaner': 'Neutraler biozider Steinreiniger',
  'Harms water life: keep it out of ponds and streams.':
    'Schadet Wasserlebewesen: von Teichen und Bächen fernhalten.',
  'Neutral citrate rust gel': 'Neutrales Citrat-Rostgel',
  'Slow: it stays under film, and comes off whole before it is rinsed.':
    'Langsam: es bleibt unter Folie und wird ganz abgenommen, bevor gespült wird.',
  'toxic if swallowed': 'giftig beim Verschlucken',
  'gives off toxic gas with acid': 'setzt mit Säure giftiges Gas frei',
  'reacts hard with chlorine and peroxide': 'reagiert heftig mit Chlor und Peroxid',
  'copper, brass and silver turn black': 'Kupfer, Messing und Silber werden schwarz',
  'closed, cool, apart from acids and from anything that bleaches':
    'geschlossen, kühl, getrennt von Säuren und allem, was bleicht',
  'Thioglycolate rust gel': 'Thioglykolat-Rostgel',
  'Smells of sulfur: only in the open or with the air moving.':
    'Riecht nach Schwefel: nur im Freien oder bei bewegter Luft.',
  'Never with or after acid, chlorine or peroxide: rinse and read in between.':
    'Nie mit oder nach Säure, Chlor oder Peroxid: dazwischen spülen und messen.',
  'Neutral detergent, non-ionic': 'Neutralreiniger, nichtionisch',
  'Foam harms water life: keep it out of ponds and streams.':
    'Schaum schadet Wasserlebewesen: von Teichen und Bächen fernhalten.',
  'Gluconate stain remover': 'Gluconat-Fleckentferner',
  'Slow: keep it wet under film.': 'Langsam: unter Folie nass halten.',
  'Enzyme cleaner': 'Enzymreiniger',
  'Works slowly, above 10 °C; chlorine, caustic and quaternary biocides stop it.':
    'Wirkt langsam, über 10 °C; Chlor, Lauge und quartäre Biozide machen ihn unwirksam.',
  'Clay poultice': 'Ton-Kompresse',
  'dust mask while mixing': 'Staubmaske beim Anmischen',
  'Left on until it is dry and cracks: drying is what draws stains out of the pores.':
    'Bleibt darauf, bis sie trocken ist und reißt: das Trocknen zieht Flecken aus den Poren.',
  'Neutral glass cleaner': 'Neutraler Glasreiniger',
  'No ammonia in it: it may follow hypochlorite only after a full rinse.':
    'Kein Ammoniak darin: nach Hypochlorit nur nach vollständigem Spülen.',
  'Masonry-strength paint remover': 'Farbentferner für Mauerwerk',
  'Keep sparks and flames away; keep the air moving.': 'Funken und Flammen fernhalten; für Luftzug sorgen.',
  'Catch the run-off: it carries paint and remover.': 'Ablaufwasser auffangen: es trägt Farbe und Entferner.',
  'Mild paint remover': 'Milder Farbentferner',
  'Try it on a hidden spot: the coating below must stay hard.':
    'An verdeckter Stelle versuchen: die Beschichtung darunter muss hart bleiben.',
  'Keep sparks and flames away.': 'Funken und Flammen fernhalten.',
  'Citrus degreaser': 'Zitrus-Entfetter',
  'Can cause a skin allergy; rags soaked with it can catch fire by themselves.':
    'Kann Hautallergie auslösen; getränkte Lappen können sich selbst entzünden.',
  Isopropanol: 'Isopropanol',
  'Catches fire easily: no sparks, no hot metal, small bottles only.':
    'Sehr leicht entzündlich: keine Funken, kein heißes Metall, nur kleine Flaschen.',
  'Rinse before and after chlorine or peroxide.': 'Vor und nach Chlor oder Peroxid spülen.',
  'Silane impregnator': 'Silan-Imprägnierung',
  'On a dry surface only; wipe off glass at once.': 'Nur auf trockene Fläche; von Glas sofort abwischen.',
  'Acrylic sealer': 'Acrylversiegelung',
  'Turns milky on damp: let it dry for a week first; no frost, no dew.':
    'Wird auf Feuchtem milchig: erst eine Woche trocknen lassen; kein Frost, kein Tau.',
  'Wood oil or stain': 'Holzöl oder Lasur',
  'Oily rags catch fire by themselves: put them in water or spread them out.':
    'Ölige Lappen entzünden sich selbst: in Wasser legen oder ausbreiten.',
  'Wood moisture at most 15 to 18 %.': 'Holzfeuchte höchstens 15 bis 18 %.',
  'Sacrificial coating against tags': 'Opferschicht gegen Schmierereien',
  'Comes off with hot water together with the tag: renew it after each.':
    'Geht mit heißem Wasser zusammen mit der Schmiererei ab: nach jeder erneuern.',
  'Joint sealer for sand': 'Fugenversiegelung für Sand',
  'Flooded on so that it sinks into the sand; what stands on the stone is spread within minutes.':
    'Satt aufgebracht, damit sie in den Sand sinkt; was auf dem Stein steht, wird in Minuten verteilt.',
  'Turns milky on damp: no rain and no dew for a day.':
    'Wird auf Feuchtem milchig: einen Tag kein Regen und kein Tau.',
};
