import type { LEFT_OUT as ENGLISH } from '../../../messages/english/left-out.ts';

export const LEFT_OUT: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'left-out/gear': 'Es braucht Gerät, das nicht jeder Betrieb hat: wählen, wenn es da ist.',
  'left-out/by-others': 'Das machen andere; was wir selbst tun, kommt zuerst.',
  'left-out/second': 'Es ist für das, was ein anderes Verfahren übrig lässt, wenn das getan ist.',
  'left-out/unworkable': 'Hier ist es nicht nass zu halten und rechtzeitig abzuspülen; ein anderes geht.',
  'left-out/drips':
    'Es würde auf das tropfen, was darunter steht, und es verbrennen; ein anderes schafft es gut genug.',
  'left-out/practice': 'Es widerspricht unserer Arbeitsweise.',
  'left-out/insufficient': 'So viel davon würde es nicht entfernen.',
  'left-out/bit-by-bit': 'Es geht Stück für Stück: für Flecken und Details, nicht für so viel.',
  'left-out/cleaned-before': 'Dieses Dach wurde schon gereinigt: Biozid allein hält es sauber.',
  'left-out/by-hand': 'Ein so großer Boden wird nicht von Hand bearbeitet, wo eine Maschine fahren kann.',
};
