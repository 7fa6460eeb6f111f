import type { WATER_AND_JETS as ENGLISH } from '../../../messages/english/water-and-jets.ts';

export const WATER_AND_JETS: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'section/one': 'Teil {number} von {count}',
  'water/flow-unknown': 'Menge nicht bekannt, gerechnet mit {least} bis {most}: einen Eimer stoppen',
  'water/best/lasts': 'reicht es',
  'water/best/dry': 'läuft er trotzdem um {at} leer',
  'water/flow/measured': '{flow} mit dem Eimer',
  'water/flow/told': '{flow} laut Auskunft',
  'water/hose': '{length} mit {inner} bei {bar} bar',
  'water/hose/assumed': '{length} mit {inner} bei {bar} bar (angenommen)',
  'water/let-through': '{flow}; {hose} lassen {arrives} durch',
  'water/let-all-through': '{flow}; {hose} lassen alles durch',
  'water/price': '{amount} m³ × {price}',
  'way-out/supply':
    '{needed} aus Hähnen würden reichen: {more} mehr als jetzt, von einem zweiten Hahn oder einem Hydranten mit Erlaubnis.',
  'way-out/hose': 'Ein ¾-Zoll-Schlauch an {point} lässt {arrives} statt {now} durch.',
  'way-out/hose/not-enough':
    'Ein ¾-Zoll-Schlauch an {point} lässt {arrives} statt {now} durch, allein reicht das nicht.',
  'way-out/tank': 'Ein Tank mit {size}, voll bei Arbeitsbeginn.',
  'way-out/pause-at': '{minutes} min um {at}',
  'way-out/pause':
    'Warten, während der Hahn den Tank füllt: {pauses}. Dann ist nichts nass und nichts beginnt; der Tag wird {longer} min länger.',
  'way-out/truck':
    '{trips, plural, one {# Lieferung} other {# Lieferungen}} zu {size} mit dem Tankwagen, die erste vor {by}.',
  'way-out/nozzle': 'Kleinere Düsen mit {percent} % der Menge: sanfter und etwa ebenso viel langsamer.',
  'way-out/or': '{one} Oder: {other}',
  'access/height': '{platform} + {hands} + {tool} = {reaches} m',
  'access/too-low': '{access} ist zu niedrig ({height})',
  'access/gap-unknown': '{access} ist hoch genug ({height}), die Basis ist {base} m breit: die Lücke messen',
  'access/fits': '{access} reicht ({height}), die Basis ist {base} m breit, die Lücke {gap} m',
  'access/too-wide': '{access} passt nicht: die Basis ist {base} m breit, die Lücke {gap} m',
  'reach/pole':
    'Eine gerade Stange bis zum First ist {pole} m lang und kommt ab {standOff} m Abstand über die Schräge',
  'reach/no-room': '{pole}; Platz sind {room} m. Schwanenhals, Rollgerüst oder Hubbühne nehmen.',
  'reach/too-long':
    '{pole}; die längste Stange hat {longest} m. Schwanenhals, Rollgerüst oder Hubbühne nehmen.',
  'reach/neither':
    '{pole}; Platz sind {room} m, und die längste Stange hat {longest} m. Schwanenhals, Rollgerüst oder Hubbühne nehmen.',
  'jet/same-tip':
    'Diese Pumpe gibt {running} durch diese Düse, gerechnet ist die Arbeit mit {judged}: Pumpe auf {down} an der Düse herunterdrehen',
  'jet/other-tip':
    'Düse {orifice} trifft bei {running} härter auf als Düse {judgedOrifice} bei {judged}, womit gerechnet ist: Pumpe auf {down} an der Düse herunterdrehen',
  'jet/within': '{advice}; auch bei vollem Druck bleibt es im Rahmen.',
  'jet/beyond': '{advice}; bei vollem Druck ist es mehr, als diese Fläche verträgt.',
  'jet/or-away': '{advice}, oder {distance} Abstand halten.',
  'jet/stand-off': '{fan}°-Düse ab {distance}: {pressure} auf einem Streifen von {width}',
  'pump/unloads':
    '{flow} durch Düse {orifice} bräuchten {wanted}, die Pumpe gibt {rated}: ihr Überströmventil öffnet, und {leaves} verlassen die Düse. Düse {fitting} nimmt alles.',
  'pump/gentle':
    'Düse {orifice} lässt {flow} schon bei {wanted} heraus, die Pumpe könnte {rated} geben: sanft, und langsamer als nötig. Düse {fitting} bringt sie auf ihren Nenndruck.',
  'pump/runs': 'Düse {orifice} lässt die Pumpe mit {wanted} von {rated} laufen.',
};
