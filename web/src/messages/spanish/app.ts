export const APP: Readonly<Record<string, string>> = {
  'light-colours': 'Colores claros',
  'dark-colours-for-evening-work': 'Colores oscuros para la tarde',
  language: 'Idioma',
  'crew-order-and-safety': 'orden de trabajo y seguridad',
  'a-new-version-is-ready': 'Hay una versión nueva.',
  reload: 'Recargar',
  'cannot-reach-the-server': 'No se alcanza el servidor.',
  print: 'Imprimir',
};
