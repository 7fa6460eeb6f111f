import type { MIXES as ENGLISH } from '../../../messages/english/mixes.ts';

export const MIXES: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'solid/too-strong':
    '{strength} g/L de sólido calientan la mezcla {kelvin} K: por encima de {limit} g/L puede hervir y salpicar, así que no se hace de sólido. Comprarlo líquido o usar una mezcla más débil.',
  'solid/at-once':
    '{strength} g/L de sólido calientan la mezcla {kelvin} K: espolvorear despacio en el agua, revolviendo; nunca echarle agua encima.',
  'solid/in-steps':
    '{strength} g/L de sólido calientan la mezcla {kelvin} K: disolver en {steps} partes y dejar que se entibie entre ellas; nunca echarle agua encima.',
  'injector/too-weak':
    'Toma el {percent} % de lo que entrega: de {tank} g/L en el tanque llegan como mucho {reachable} g/L a la superficie, y hacen falta {needed}. Salidas: {ways}.',
  'injector/way/at-the-end': 'un inyector al final de la lanza, medido otra vez',
  'injector/way/pump': 'una bomba propia de baja presión con la mezcla lista',
  'injector/way/hand': 'un rociador de mano con la mezcla lista',
  'mix/ready': '{agent}, listo para usar',
  'mix/powder': '{agent}, en polvo',
  'mix/water': 'Agua',
  'mix/surfactant': 'Surfactante no iónico',
  'mix/cover': '{area} × ({cover})',
  'mix/sum': '{area} + {percent} % de pérdida = {amount}',
  'mix/sum/injector': '{area} + {percent} % de pérdida = {amount}, de lo que el inyector toma {drawn} %',
  'mix/cover/mists': '{cover} + {passes, plural, one {# rociada} other {# rociadas}} × {rate} L/m²',
  'mix/on-wet': '{strength} g/L × {rate} ÷ ({rate} + {film} kg/m² del premojado) = {left} g/L',
  'lot/measured': 'medido {strength} g/L con {how} el {day}',
  'lot/label': '{strength} g/L según la etiqueta, comprado {day}',
  'lot/aged':
    '{start}; {days, plural, one {# día} other {# días}} a {coolest} °C dejan unos {strength} g/L, ±20 % de la pérdida: una tira de prueba vale más',
  'lot/aged/span':
    '{start}; {days, plural, one {# día} other {# días}} de {coolest} a {warmest} °C dejan unos {strength} g/L, ±20 % de la pérdida: una tira de prueba vale más',
  'lot/other-product': 'de otro producto que “{product}”, que está en uso',
  'lot/unused-product': 'de un producto que no está en uso',
  'lot/bought-later': 'comprado {day}, después del día del trabajo',
  'lot/expired': 'vencido {day}',
};
