export const DAMAGE: Readonly<Record<string, string>> = {
  'sign-here': 'Hier unterschreiben',
  'sign-again': 'Neu unterschreiben',
  'existing-damage-before-work-starts': 'Vorhandene Schäden, vor Arbeitsbeginn',
  walk: 'Begehung',
  'no-damage-recorded-look-once':
    'Kein Schaden eingetragen. Bei der {link} noch einmal hinsehen: was nicht auf diesem Blatt steht, wird später zum Streit.',
  'on-the-property': 'auf dem Grundstück',
  found: ' · gefunden {foundOn}',
  'no-photo-yet': '✕ noch kein Foto',
  taken: ' · aufgenommen {takenAt}',
  signatures: 'Unterschriften',
  'the-sheet-has-changed-since': '△ Das Blatt hat sich seitdem geändert: noch einmal zeigen.',
  'signature-of': 'Unterschrift von {name}',
  'utc-shown-by': '{name}, {at} UTC · gezeigt von {shownBy}',
  'who-signs': 'wer unterschreibt?',
  'seen-before-work-started': 'Vor Arbeitsbeginn gesehen',
  'i-was-shown-the-damage':
    'Mir wurden die Schäden oben vor Arbeitsbeginn gezeigt. Sie sind nicht durch die Arbeit entstanden.',
  name: 'Name',
  'sign-in-the-field-with':
    'Im Feld unterschreiben, mit Finger, Stift oder Maus; oder das Blatt drucken und auf Papier unterschreiben.',
  signed: 'Unterschrieben',
};
