/** Limits and what can happen, by what they are in English. */
export const LIMITS: Readonly<Record<string, string>> = {
  'No acid on calcareous stone: acid dissolves it.':
    'Keine Säure auf kalkhaltigem Stein: Säure löst ihn auf.',
  'The surface is etched for good.': 'Die Fläche ist für immer geätzt.',
  'No acid on bare aluminium, zinc, lead or copper.':
    'Keine Säure auf blankem Aluminium, Zink, Blei oder Kupfer.',
  'The metal is eaten away and gives off gas.': 'Das Metall wird zerfressen und gibt Gas ab.',
  'No acid on metal whose paint is oxidised or flaking: it reaches the metal.':
    'Keine Säure auf Metall mit verwittertem oder abblätterndem Anstrich: sie erreicht das Metall.',
  'Blistered paint, eaten metal.': 'Blasen im Anstrich, zerfressenes Metall.',
  'No hypochlorite on this stone: its salts stay in the pores.':
    'Kein Hypochlorit auf diesem Stein: seine Salze bleiben in den Poren.',
  'The stone flakes off over the next few winters.': 'Der Stein blättert in den nächsten Wintern ab.',
  'No hypochlorite on bare metal.': 'Kein Hypochlorit auf blankem Metall.',
  'Pitting and stains.': 'Lochfraß und Flecken.',
  'Hypochlorite pulps the fibres of bare timber; an oxygen cleaner does the work.':
    'Hypochlorit zerfasert rohes Holz; ein Sauerstoffreiniger tut die Arbeit.',
  'Furry, bleached boards.': 'Pelzige, gebleichte Bretter.',
  'Run-off from here reaches open water; hypochlorite kills what lives there. Only with all run-off caught.':
    'Ablaufwasser von hier erreicht offenes Wasser; Hypochlorit tötet, was dort lebt. Nur wenn alles Ablaufwasser aufgefangen wird.',
  'Dead fish and newts, a fine.': 'Tote Fische und Molche, ein Bußgeld.',
  'Leave-on biocide washes off with the first rain and run-off from here reaches open water.':
    'Biozid, das darauf bleibt, wäscht der erste Regen ab, und Ablaufwasser von hier erreicht offenes Wasser.',
  'Dead water life, a fine.': 'Totes Leben im Wasser, ein Bußgeld.',
  'No alkali on bare aluminium, zinc or lead.': 'Keine Lauge auf blankem Aluminium, Zink oder Blei.',
  'The metal dissolves with gas and heat, the surface turns black.':
    'Das Metall löst sich mit Gas und Hitze auf, die Fläche wird schwarz.',
  'Caustic strips paint.': 'Lauge löst Anstriche ab.',
  'The coating comes off in sheets.': 'Die Beschichtung kommt in Bahnen herunter.',
  'Caustic breaks down wood.': 'Lauge zersetzt Holz.',
  'Dark, soft, furry boards.': 'Dunkle, weiche, pelzige Bretter.',
  'Caustic leaves salts in this stone.': 'Lauge lässt Salze in diesem Stein.',
  'White bloom, then flaking.': 'Weiße Ausblühung, dann Abblättern.',
  'No alkali on glass: it etches where it dries.': 'Keine Lauge auf Glas: angetrocknet ätzt sie.',
  'A permanent grey haze.': 'Ein bleibender grauer Schleier.',
  'Masonry-strength remover takes the coating with the tag.':
    'Entferner für Mauerwerk nimmt mit der Schmiererei die Beschichtung.',
  'A bare patch where the tag was.': 'Eine blanke Stelle, wo die Schmiererei war.',
  'The jet hits with {jetKilopascal} kPa; in its state this surface stands {jetLimitKilopascal} kPa.':
    'Der Strahl trifft mit {jetKilopascal} kPa auf; in ihrem Zustand verträgt diese Fläche {jetLimitKilopascal} kPa.',
  'Wand marks, torn fibres, lifted paint or sand washed from the surface.':
    'Lanzenspuren, zerrissene Fasern, abgehobener Anstrich oder ausgewaschener Sand.',
  'No pressure jet on chalking or flaking paint.':
    'Kein Hochdruckstrahl auf kreidendem oder abblätterndem Anstrich.',
  'Permanent wand marks; paint in the flower beds.': 'Bleibende Lanzenspuren; Farbe in den Beeten.',
  'It leaves soda in this stone, which no rinse takes out.':
    'Es lässt Soda in diesem Stein, das kein Spülen herausholt.',
  'This material takes hypochlorite weak and short only: up to 20 g/L, and off within a quarter of an hour.':
    'Dieses Material verträgt Hypochlorit nur schwach und kurz: bis 20 g/L, und in einer Viertelstunde ab.',
  'Bleached, dull or chalky surfaces.': 'Gebleichte, stumpfe oder kreidige Flächen.',
  'This material takes hypochlorite for a quarter of an hour at most.':
    'Dieses Material verträgt Hypochlorit höchstens eine Viertelstunde.',
  'It takes the seal off with the dirt.': 'Es nimmt mit dem Schmutz die Versiegelung.',
  'A dull patch, and the whole surface has to be sealed again.':
    'Eine stumpfe Stelle, und die ganze Fläche muss neu versiegelt werden.',
  'Sealers are for what drinks: on glass and metal they burn in as a film.':
    'Versiegelungen sind für Saugendes: auf Glas und Metall brennen sie als Film ein.',
  'A haze that only polishing takes off.': 'Ein Schleier, den nur Polieren entfernt.',
  'It takes the patina off with the stain.': 'Es nimmt mit dem Fleck die Patina.',
  'A bright patch that stays for years.': 'Eine helle Stelle, die jahrelang bleibt.',
  'No acid and no strong alkali on historic brick.':
    'Keine Säure und keine starke Lauge auf historischem Ziegel.',
  'The fired skin is etched, salts stay, joints are eaten.':
    'Die Brennhaut wird geätzt, Salze bleiben, Fugen werden angefressen.',
  'Hot water softens paint.': 'Heißes Wasser weicht Anstriche auf.',
  'Lifted paint.': 'Abgehobener Anstrich.',
  'The jet hits with {jetKilopascal} kPa: paint stands 25 kPa where it is sound.':
    'Der Strahl trifft mit {jetKilopascal} kPa auf: gesunder Anstrich verträgt 25 kPa.',
  'No tip of a pressure washer near chalking or flaking paint, however far off.':
    'Keine Düse eines Hochdruckreinigers in der Nähe von kreidendem oder abblätterndem Anstrich, wie weit auch immer.',
  'No tip of a pressure washer on this material: a hand nearer and it does damage. Garden force does it.':
    'Keine Düse eines Hochdruckreinigers auf diesem Material: eine Handbreit näher, und es geht kaputt. Gartendruck schafft es.',
  'Granules, mortar, patina or tiles are gone; water gets behind.':
    'Granulat, Mörtel, Patina oder Ziegel sind weg; Wasser kommt dahinter.',
  'No tip of a pressure washer on a surface in this state.':
    'Keine Düse eines Hochdruckreinigers auf einer Fläche in diesem Zustand.',
  'What is loose comes off, and water gets behind.': 'Loses kommt herunter, und Wasser kommt dahinter.',
  'No scraper and no broom on this material: granules come off, or it scratches.':
    'Kein Schaber und kein Besen auf diesem Material: Granulat geht ab, oder es zerkratzt.',
  'Bald shingles, scratched panes, a broken patina.':
    'Kahle Schindeln, zerkratzte Scheiben, eine aufgebrochene Patina.',
  'Run-off from here reaches open water: no weed killer. Weeds are pulled or steamed.':
    'Ablaufwasser von hier erreicht offenes Wasser: kein Unkrautmittel. Unkraut wird gezogen oder gedämpft.',
  'Run-off from here reaches plants that are meant to live: no weed killer.':
    'Ablaufwasser von hier erreicht Pflanzen, die leben sollen: kein Unkrautmittel.',
  'A dead bed or lawn.': 'Ein totes Beet oder ein toter Rasen.',
  'Biocidal cleaner kills what lives in water, and run-off from here reaches a pond or stream.':
    'Biozider Reiniger tötet, was im Wasser lebt, und Ablaufwasser von hier erreicht einen Teich oder Bach.',
  'It harms water life, and run-off from here reaches a pond or stream. Only with all run-off caught.':
    'Es schadet Wasserlebewesen, und Ablaufwasser von hier erreicht einen Teich oder Bach. Nur wenn alles Ablaufwasser aufgefangen wird.',
  'Phosphate feeds algae, and run-off from here reaches a pond or stream. Only with all run-off caught.':
    'Phosphat düngt Algen, und Ablaufwasser von hier erreicht einen Teich oder Bach. Nur wenn alles Ablaufwasser aufgefangen wird.',
  'A green pond, a fine.': 'Ein grüner Teich, ein Bußgeld.',
  'It burns plants whatever is wetted, and run-off from here reaches them. Only with all run-off caught.':
    'Es verbrennt Pflanzen trotz Nässen, und Ablaufwasser von hier erreicht sie. Nur wenn alles Ablaufwasser aufgefangen wird.',
  'A dead bed.': 'Ein totes Beet.',
  'No pressure jet on splintering or rotten wood.':
    'Kein Hochdruckstrahl auf splitterndem oder morschem Holz.',
  'The fibres split and stand up.': 'Die Fasern spalten sich und stehen auf.',
  'No stiff brush on a surface that comes away under a thumb.':
    'Keine harte Bürste auf einer Fläche, die sich unter dem Daumen löst.',
  'The surface is brushed off with the dirt.': 'Die Oberfläche wird mit dem Schmutz abgebürstet.',
  'Hot water under pressure softens paint and opens wood.':
    'Heißes Wasser unter Druck weicht Anstriche auf und öffnet Holz.',
  'Lifted paint, raised grain.': 'Abgehobener Anstrich, aufgestellte Fasern.',
  'Fibres or lead in the air, in the soil and in people; a roof that is ruined.':
    'Fasern oder Blei in der Luft, im Boden und in Menschen; ein ruiniertes Dach.',
  'This agent is for specialists: it is explained here and never scheduled.':
    'Dieses Mittel ist für Fachleute: es wird hier erklärt und nie eingeplant.',
  'Burns that kill.': 'Verätzungen, die töten.',
  'This material does not tolerate hypochlorite.': 'Dieses Material verträgt kein Hypochlorit.',
  'Pitting, burst surfaces, torn fibres or cloudy sheets.':
    'Lochfraß, geplatzte Flächen, zerrissene Fasern oder trübe Platten.',
  'This material does not tolerate oxygen cleaners.': 'Dieses Material verträgt keine Sauerstoffreiniger.',
  'Bleached or brittle surfaces.': 'Gebleichte oder spröde Flächen.',
  'Removers dissolve this material or what binds it.':
    'Entferner lösen dieses Material oder sein Bindemittel auf.',
  'Cloudy, crazed or sticky surfaces; stones that come loose.':
    'Trübe, rissige oder klebrige Flächen; Steine, die sich lösen.',
  'This material does not tolerate hot water.': 'Dieses Material verträgt kein heißes Wasser.',
  'Cracks, warped sheets, softened binders, burst panes.':
    'Risse, verzogene Platten, erweichte Bindemittel, geplatzte Scheiben.',
  'No stiff brush on this surface in its state.': 'Keine harte Bürste auf dieser Fläche in ihrem Zustand.',
  'Scratches that stay, a surface that is brushed off with the dirt.':
    'Kratzer, die bleiben, eine Oberfläche, die mit dem Schmutz abgebürstet wird.',
  'No brush at all on this surface in its state.': 'Gar keine Bürste auf dieser Fläche in ihrem Zustand.',
  'Granules, patina or grains come off with the dirt.':
    'Granulat, Patina oder Körner gehen mit dem Schmutz ab.',
  'The agent has pH {agentPH}; this material tolerates pH {pHLow} to {pHHigh}.':
    'Das Mittel hat pH {agentPH}; dieses Material verträgt pH {pHLow} bis {pHHigh}.',
  'An etched, dull or stained surface.': 'Eine geätzte, stumpfe oder fleckige Fläche.',
  'An etched, darkened or stained surface.': 'Eine geätzte, verdunkelte oder fleckige Fläche.',
  'The agent works from {agentColdestCelsius} °C up; the plan expects {temperatureCelsius} °C.':
    'Das Mittel wirkt ab {agentColdestCelsius} °C; der Plan rechnet mit {temperatureCelsius} °C.',
  'It sits there doing nothing, freezes, or leaves a film.':
    'Es steht nutzlos da, gefriert oder hinterlässt einen Film.',
  'The head of a surface cleaner is wider than a tread: it tips, and the jet stands free at the edge.':
    'Der Kopf eines Flächenreinigers ist breiter als eine Stufe: er kippt, und der Strahl steht an der Kante frei.',
  'Chipped nosings, a jet at shin height.': 'Abgeplatzte Kanten, ein Strahl auf Schienbeinhöhe.',
  'Hydrochloric acid only where sulfamic acid has left cement haze, tried on a hidden spot: that takes a name and a reason every time.':
    'Salzsäure nur, wo Amidosulfonsäure Zementschleier übrig ließ, an verdeckter Stelle versucht: das braucht jedes Mal einen Namen und eine Begründung.',
  'Etched joints, chlorides in the concrete, rust on all metal near.':
    'Geätzte Fugen, Chloride im Beton, Rost an allem Metall in der Nähe.',
  'No acid on cement less than 28 days old.': 'Keine Säure auf Zement unter 28 Tagen.',
  'The cement loses its skin and stays patchy.': 'Der Zement verliert seine Haut und bleibt fleckig.',
};
