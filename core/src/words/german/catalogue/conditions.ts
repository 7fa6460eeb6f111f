/** States of a surface, by what they are in English. */
export const CONDITIONS: Readonly<Record<string, string>> = {
  'chalking or oxidised paint': 'kreidender oder verwitterter Anstrich',
  'a finger comes away in the colour of the paint': 'ein Finger nimmt die Farbe des Anstrichs an',
  'flaking paint': 'abblätternder Anstrich',
  'edges lift under a fingernail': 'Kanten heben sich unter dem Fingernagel',
  'splintering wood': 'splitterndes Holz',
  'loose fibres stand up, a key presses in': 'lose Fasern stehen auf, ein Schlüssel drückt sich ein',
  'rotten wood': 'morsches Holz',
  'a key sinks in': 'ein Schlüssel sinkt ein',
  'soft stone': 'weicher Stein',
  'grains come off under a thumb': 'Körner lösen sich unter dem Daumen',
  'spalling surface': 'abplatzende Oberfläche',
  'flakes as large as a coin have come off': 'münzgroße Schuppen sind abgefallen',
  'hollow render': 'hohl liegender Putz',
  'sounds hollow when tapped': 'klingt hohl beim Klopfen',
  'loose or hollow joints': 'lose oder hohle Fugen',
  'mortar or sand missing, a flag that rocks': 'Mörtel oder Sand fehlt, eine Platte wackelt',
  'hairline cracks': 'Haarrisse',
  'a hair wide, wet lines that dry last; water does not run in':
    'haarbreit, nasse Linien, die zuletzt trocknen; Wasser läuft nicht hinein',
  'cracked through': 'durchgerissen',
  'water disappears into it': 'Wasser verschwindet darin',
  'slipped or loose tiles': 'verrutschte oder lose Ziegel',
  'a tile out of its row': 'ein Ziegel aus der Reihe',
  'brittle with age': 'altersspröde',
  'it cracks when bent a little': 'bricht etwas, wenn man es biegt',
  'corroded metal': 'korrodiertes Metall',
  'the metal itself has pits or blisters': 'das Metall selbst hat Löcher oder Blasen',
  'failed seal': 'kaputte Dichtung',
  'the seal lifts, or is milky': 'die Dichtung hebt sich oder ist milchig',
  'marked by an earlier jet': 'von früherem Strahl gezeichnet',
  'stripes or arcs of even width in low light': 'gleich breite Streifen oder Bögen im Streiflicht',
  'new, under 28 days': 'neu, unter 28 Tagen',
  'laid or rendered in the last four weeks': 'in den letzten vier Wochen verlegt oder verputzt',
  'historic or listed': 'historisch oder denkmalgeschützt',
  'a plaque, an old date, or the owner says so':
    'eine Tafel, eine alte Jahreszahl, oder der Eigentümer sagt es',
  'waxed or oiled': 'gewachst oder geölt',
  'water beads, a coin draws a soft line': 'Wasser perlt ab, eine Münze zieht eine weiche Linie',
  'worn or scratched anodising': 'abgenutztes oder zerkratztes Eloxal',
  'dull grey patches, scratches down to bright metal':
    'stumpfe graue Stellen, Kratzer bis aufs blanke Metall',
  'under a sacrificial coat': 'unter einer Opferschicht',
  'a soft sheen up to one height, or the owner says so':
    'ein weicher Glanz bis zu einer Höhe, oder der Eigentümer sagt es',
  'narrow treads': 'schmale Stufen',
  'treads narrower than the head of a surface cleaner': 'Stufen schmaler als der Kopf eines Flächenreinigers',
  'perhaps asbestos': 'vielleicht Asbest',
  'cement slates, felt, textured coat or corrugated sheet from before asbestos was banned':
    'Zementschiefer, Dachpappe, Strukturanstrich oder Wellplatten aus der Zeit vor dem Asbestverbot',
  'It may hold asbestos: nothing is scratched, brushed, jetted or broken before a laboratory has looked; licensed specialists deal with it.':
    'Es kann Asbest enthalten: nichts wird gekratzt, gebürstet, abgestrahlt oder gebrochen, bevor ein Labor es angesehen hat; zugelassene Fachleute kümmern sich darum.',
  'perhaps old lead paint': 'vielleicht alte Bleifarbe',
  'many thick old coats, from before lead paint was banned':
    'viele dicke alte Schichten, aus der Zeit vor dem Bleifarbenverbot',
  'It may be lead paint: nothing is rubbed, jetted or heated before it is tested; licensed specialists take it off.':
    'Es kann Bleifarbe sein: nichts wird gerieben, abgestrahlt oder erhitzt, bevor sie geprüft ist; zugelassene Fachleute nehmen sie ab.',
};
