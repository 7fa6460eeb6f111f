import type { Protection } from '../protection/protection-acts.ts';

const WHO: Readonly<Record<Protection['who'], string>> = {
  crew: '',
  owner: 'with the owner',
  competent: 'by a competent person',
};

/** "Rose bed: wet the bed through (hose, 3 min)". */
export function protectionLine({ placeName, text, material, minutes, who }: Protection): string {
  const more = [material ?? '', minutes > 0 ? `${minutes} min` : '', WHO[who]].filter((w) => w !== '');
  return `${placeName}: ${text}${more.length > 0 ? ` (${more.join(', ')})` : ''}`;
}
