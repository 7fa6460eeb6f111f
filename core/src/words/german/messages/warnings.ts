import type {
  MEETINGS as ENGLISH_MEETINGS,
  WARNINGS as ENGLISH,
} from '../../../messages/english/warnings.ts';

export const WARNINGS: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'out-of-scope': '{place}: nicht in diesem Auftrag.',
  'out-of-scope/why': '{place}: nicht in diesem Auftrag: {why}.',
  unmeasured: '{place}: {fault}.',
  'nothing-found': '{place}: nichts gefunden, daher keine Arbeit geplant.',
  'not-looked-at': '{place}: in diesem Auftrag noch nicht besichtigt, daher keine Arbeit geplant.',
  'no-permitted-method':
    '{place}: kein erlaubtes Verfahren für {dirt}. {rules} Aus dem Umfang nehmen, oder eine Regel, die das zulässt, mit Begründung aufheben.',
  'choice-not-applied': '{place}: {why}',
  'rule-set-aside': '{place}: {why}',
  'rule-set-aside/patch': '{place}: {agent} ohne Probefläche. {by}: „{reason}“. Die Regel: {rules}',
  'patch-missing':
    '{place}: {agent} erst auf einer Probefläche versuchen, {strength}, {minutes} min, und trocken ansehen. {rules}',
  'by-others': '{place}: {dirt} behandeln wir nicht: {method}.',
  'for-specialists':
    '{place}: so viel {dirt} ist Sache zugelassener Fachleute: der Staub macht krank. Übergabe wählen; wenn sie fertig sind, den Rest aufnehmen.',
  'not-workable-now': '{place}: {why}',
  'choice-without-finding':
    '{place}: {by} hat {method} für {dirt} gewählt, das hier nicht mehr gefunden ist. Die Wahl bleibt erhalten, falls es wiederkommt.',
  'choices-differ': '{place}: zwei Wahlen für {dirt}: {earlier}, dann {by} {method}. Die letzte gilt.',
  'out-of-reach':
    '{place} ist außer Reichweite. {why} Stange, Leiter, Rollgerüst oder Hubbühne eintragen (Vorrat), ein Verfahren wählen, das hinaufreicht, oder die Fläche aus dem Umfang nehmen.',
  'leaves-before':
    '{name} soll bis {until} gehen und wird bis {at} gebraucht. Länger bleiben lassen, früher beginnen, oder eine frühere Zeit eintragen, damit der Tag ab dann ohne die Person geplant wird.',
  'pin-void/nobody':
    '{place} war auf {name} festgelegt, nicht mehr im Team: ohne das geplant. Auf jemand anderen festlegen oder freigeben.',
  'pin-void/not-allowed':
    '{place} war auf {name} festgelegt, wofür die Befähigung oder Begleitung fehlt: ohne das geplant. Auf jemanden festlegen, der darf, oder freigeben.',
  'stand-alone/ladder':
    '{places}: von der Leiter gearbeitet, und den ganzen Tag ist niemand da, der sie hält. Gegen Wegrutschen sichern oder jemanden mitbringen.',
  'stand-alone/tower':
    '{places}: vom Rollgerüst gearbeitet, das zum Aufbauen und Versetzen zwei Personen braucht. Jemanden mitbringen, oder eines, das der Hersteller für eine Person zulässt.',
  'ticket-missing':
    'Für {what}, nötig an {places}, ist im Team niemand mit Nachweis eingetragen. Eintragen, wer ihn hat (Folge, Team), oder jemanden mitbringen; was das Gesetz verlangt, ist selbst zu prüfen.',
  'visit-gone':
    'Einsatz {asked} war gewählt, aber der Auftrag hat nur {planned, plural, one {# Einsatz} other {# Einsätze}}: geplant wird Einsatz {planned}.',
  'spray-drift/stop':
    'Wind {wind} m/s: über {limit} m/s wird nicht gesprüht. Auf eine ruhigere Stunde warten.',
  'spray-drift/warn':
    'Wind {wind} m/s trägt Sprühnebel: grobe Tropfen, nah an der Fläche arbeiten, Leute und Autos fernhalten.',
  cold: '{air} °C: unter {limit} °C wirken Mittel langsam, und nasser Boden kann gefrieren.',
  'drain-loop':
    'Ablaufwasser läuft im Kreis: {loop}. Wasser läuft bergab: eine der Verbindungen herausnehmen.',
  'nothing-to-do': 'Noch keine Arbeit: eine Fläche hinzufügen und was darauf ist.',
  'day-too-long/property':
    'Die Arbeit endet um {until}, und nach {end} darf niemand aufs Grundstück. Mehr Leute oder Maschinen, auf mehrere Einsätze verteilen, oder längere Zeiten erfragen (Begehung, Grundstück).',
  'day-too-long/light':
    'Die Arbeit endet um {until}, und ab {end} ist es dunkel. Früher beginnen, mehr Leute oder Maschinen, oder auf mehrere Einsätze verteilen.',
  'day-too-long':
    'Der Einsatz dauert {takes}; der Arbeitstag {day}. Mehr Leute oder Maschinen, unter Zeiten mehr vom Tag frei halten, damit weniger hineinkommt, oder Flächen aus dem Umfang nehmen.',
  'too-many-pieces':
    'Dieser Einsatz zerfällt in {pieces} Stücke, zu viele für eine Reihenfolge. Kühleres oder feuchteres Wetter abwarten, Verfahren mit längerer Einwirkzeit wählen, oder den Auftrag teilen.',
  'too-many-pieces/worst':
    'Dieser Einsatz zerfällt in {pieces} Stücke, {sections} davon in der Front an {place}: zu viele für eine Reihenfolge. Kühleres oder feuchteres Wetter abwarten, Verfahren mit längerer Einwirkzeit wählen, oder den Auftrag teilen.',
  'no-sequence':
    'Keine Reihenfolge geht auf: {why}. Die Maschine oder die Person hinzufügen, oder die Fläche aus dem Umfang nehmen.',
  'no-sequence/contradicts':
    'Keine Reihenfolge geht auf. {why} Zeiten oder Festlegungen ändern (Folge), oder die Fläche aus dem Umfang nehmen.',
  'no-sequence/fixed':
    'Mit dem Festgelegten ({fixed}) findet sich keine Reihenfolge, ohne es schon. Eine Festlegung freigeben, oder auf eine andere Zeit oder Person legen (Folge, Runden).',
  'mix-outlived':
    'Keine sichere Reihenfolge: {why}. Mehr Leute, oder die Arbeit auf mehrere Einsätze verteilen.',
  'unsafe-sequence':
    'Keine sichere Reihenfolge: {why}. Für eines von beiden ein anderes Verfahren wählen, oder es bei einem anderen Einsatz tun.',
  'water-refill':
    'Der Hahn füllt den Tank {times}: dann nimmt niemand Wasser, und nichts Neues wird begonnen. Was kein Wasser braucht und begonnen ist, geht weiter.',
  'water-short/tank': 'Der Tank läuft um {at} leer: {short} fehlen über den Tag. {ways}',
  'water-short/tap':
    'Ohne Tank nehmen die Pumpen ab {at} mehr, als die Hähne geben: {short} fehlen über den Tag. {ways}',
  'water-short/tank-unmeasured':
    'Niemand hat den Hahn gemessen. Bei {least} läuft der Tank um {at} leer, {short} fehlen über den Tag; bei {most} {best}. Einen Eimer darunter stoppen.',
  'water-short/tap-unmeasured':
    'Niemand hat den Hahn gemessen. Bei {least} nehmen die Pumpen ab {at} mehr, als er gibt, {short} fehlen über den Tag; bei {most} {best}. Einen Eimer darunter stoppen.',
  'hose-slow':
    'Die Hähne geben {supply}, weniger als die Schläuche nähmen: Spülen dauert über den Tag etwa {minutes} min länger als geplant. Ein zweiter Hahn, oder Spülen durch die Pumpe aus dem Tank, spart das.',
  'pump-stronger': '{place}, {tool}: {force} kPa auf der Fläche bei vollem Druck, Grenze {limit}. {advice}',
  'covered-too-long':
    '{place} wäre {takes} abgedeckt. In der Sonne verbrennen Pflanzen unter einer Abdeckung nach {minutes} min: zwischen den Flächen abnehmen, stattdessen nass halten, oder im Schatten arbeiten.',
  'neutralised-late':
    '{place} ist um {from} abgespült und wird erst um {at} neutralisiert, {takes} später: was in der Fläche bleibt, trocknet ein und wirkt weiter. Bis dahin nass halten, oder eine Person mehr für den Tag.',
  'sprayer-opposed':
    '{agents, plural, one {# Mittel wird} other {# Mittel werden}} gesprüht ({names}), mit {sprayers, plural, =0 {keinem Sprüher} one {# Sprüher} other {# Sprühern}}: Mittel, die nie zusammenkommen dürfen, hätten denselben. Mindestens {needed} mitnehmen, besser einen je Mittel.',
  'sprayer-shared':
    'Um {at} {atOnce, plural, one {ist # Sprüher} other {sind # Sprüher}} zugleich voll ({names}), dabei {sprayers, plural, =0 {ist keiner} one {ist #} other {sind #}}. {more} mehr mitnehmen, oder {rinses, plural, =0 {einen zwischen den Ansätzen spülen} one {einen einmal, dreimal durchgespült,} other {sie #-mal am Tag, jedes Mal dreimal durchgespült,}} bevor ein anderer Ansatz hineinkommt.',
  'too-thin':
    '{place}: ein Liter {product} wird auf {spread} m² verteilt, und über {most} m² wirkt es nicht. Mindestens {least} L/m² je Auftrag, oder die Ergiebigkeit auf dem Etikett prüfen.',
  'lot-unfit': '{agent}: {lots} nicht verwendbar.',
  'lot-unread':
    '{agent}, Charge {lots}: mehr als ein Fünftel der Stärke ist weg, nur geschätzt. Vor dem Mischen mit Teststreifen prüfen; ist sie stärker als geschätzt, ist es der Ansatz auch.',
  'stock-short':
    '{agent}: nicht genug im Lager. {litres} L Ansatz sind mit neuem Produkt in Etikettstärke gerechnet; was zu kaufen ist, steht im Vorrat.',
  'injector-too-weak': '{agent}: {why}',
  'data-sheet-missing':
    '„{product}“ ({agent}) hat kein Sicherheitsdatenblatt. Datei oder Adresse im Handbuch eintragen: ohne kommt nichts auf einen Auftrag.',
  'label-stricter': '{agent}. {note}',
  'label-looser': '{agent}. {note}',
  'label-note': '{agent}. {note}',
  'no-product':
    'Für {agents} ist kein eigenes Produkt eingetragen. Im Handbuch benennen: sein Etikett und Datenblatt gehen vor.',
  'house-value':
    'Der eigene Wert ist lockerer als der Richtwert: {entry}, {value} {own} statt {shipped}, gesetzt von {by}: „{reason}“.',
  'too-damp':
    '{place}: {read} % Feuchte am {on}; höchstens {most} % sind zulässig. Nicht vor {next}: dann neu messen.',
  'rained-on': '{place}: {read} mm Regen am {on}, das Trocknen beginnt von vorn. Nicht vor {next}.',
  'rained-on/moved':
    '{place}: {read} mm Regen am {on}, das Trocknen begann von vorn; dieser Einsatz kommt nicht vor {next}.',
  'after-event': 'Das Ergebnis zeigt sich erst nach dem Anlass am {event}: {places}.',
  'not-neutral/never':
    '{place}: pH {read} am {on}, es ist noch Säure da, und {agent} darf nie darauf treffen. Spülen, neutralisieren und neu messen, bis der Streifen {from} bis {to} zeigt.',
  'not-neutral/used-up':
    '{place}: pH {read} am {on}, es ist noch Lauge da; sie verbraucht {agent} und wird heiß. Spülen, neutralisieren und neu messen, bis der Streifen {from} bis {to} zeigt.',
  'not-neutral/acid':
    '{place}: pH {read} am {on}, es ist noch Säure da, und {agent} hält darauf nicht. Spülen, neutralisieren und neu messen, bis der Streifen {from} bis {to} zeigt.',
  'not-neutral/alkali':
    '{place}: pH {read} am {on}, es ist noch Lauge da, und {agent} hält darauf nicht. Spülen, neutralisieren und neu messen, bis der Streifen {from} bis {to} zeigt.',
  'chemistry-apart':
    '{later} beginnt erst, wenn {earlier} {count, plural, one {abgespült ist} other {abgespült sind}} und die Messung stimmt: {meets}, und das darf nie zusammenkommen. {caught}{way}',
  'chemistry-apart/several':
    '{place} wechselt sich mit dem ab, was nie darauf treffen darf: {turns}. Jedes beginnt erst, wenn das vorige abgespült ist und die Messung stimmt. {caught}{way}',
  'agent-on-other-face': '{place}: {agent} {comes}. {rules} Der Auftrag sagt, wie es geschützt wird. {way}',
  'ammonia-under-hypochlorite':
    '{place}: {agent} {comes}. Darauf liegen Kot oder Urin, und zusammen entsteht giftiges Gas: vor allem anderen mit klarem Wasser abspülen. {way}',
};

export const MEETINGS: Readonly<Record<keyof typeof ENGLISH_MEETINGS, string>> = {
  'meets/run-off': 'ihr Wasser kommt an {at} zusammen',
  'meets/beside': 'sie liegen nebeneinander',
  'meets/splash': 'beim Waschen spritzt es an den Fuß von {at}',
  'meets/drift': 'bei diesem Wind weht der Sprühnebel des einen auf das andere',
  'turns/both': 'nach {before} und vor {after}',
  'turns/after': 'nach {before}',
  'turns/before': 'vor {after}',
  'meets/caught-at': 'Was an {at} aufgefangen ist, dazwischen leeren und neutralisieren.',
  'meets/caught': 'Was dort aufgefangen ist, dazwischen leeren und neutralisieren.',
  'saves-the-wait': 'Das Warten spart: {method} an {place}.',
  'saves-the-waits': 'All dieses Warten spart: {method} an {place}.',
  'saves-the-wait/none': 'Kein anderes erlaubtes Verfahren spart das Warten.',
  'comes/run-off': 'läuft von {from} darüber',
  'comes/beside': 'kommt von {from} an den Rand',
  'comes/splash': 'spritzt von {from} darauf',
  'comes/drift': 'weht bei diesem Wind von {from} darauf',
  'spares-it': 'Das verschont sie: {method} an {place}.',
  'spares-it/none': 'Kein Wechsel eines einzelnen Verfahrens verschont sie.',
};
