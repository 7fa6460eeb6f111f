/** The colours of the interface, the one place of them: Ant Design gets them as tokens, style sheets as custom properties. */
export interface Colours {
  readonly ground: string;
  readonly raised: string;
  readonly ink: string;
  readonly quiet: string;
  readonly placeholder: string;
  readonly wet: string;
  /** As a fill; as text it is `dwellInk`. */
  readonly dwell: string;
  readonly dwellInk: string;
  readonly stop: string;
  readonly growth: string;
  readonly line: string;
  /** On what is filled with `wet`. */
  readonly onWet: string;
  /** Grounds of alerts: a breath of their colour. */
  readonly dwellTint: string;
  readonly stopTint: string;
  readonly wetTint: string;
  readonly growthTint: string;
}

export const LIGHT: Colours = {
  ground: '#f5f2ea',
  raised: '#fcfaf5',
  ink: '#16302b',
  quiet: '#4b605a',
  placeholder: '#66776f',
  wet: '#1f6f6b',
  dwell: '#c58a1c',
  dwellInk: '#7a540c',
  stop: '#a63a2b',
  growth: '#4f6a2b',
  line: '#cfc8b8',
  onWet: '#ffffff',
  dwellTint: '#fbf4e2',
  stopTint: '#fbeeea',
  wetTint: '#eaf2ef',
  growthTint: '#eff3e6',
};
export const DARK: Colours = {
  ground: '#12211e',
  raised: '#1a2d29',
  ink: '#ece7da',
  quiet: '#b5bfb4',
  placeholder: '#97a59c',
  wet: '#6fbdb6',
  dwell: '#e0ac4a',
  dwellInk: '#e0ac4a',
  stop: '#f0907f',
  growth: '#a9c47a',
  line: '#3b504a',
  onWet: '#12211e',
  dwellTint: '#29281c',
  stopTint: '#2f2522',
  wetTint: '#1b312d',
  growthTint: '#223023',
};

const PROPERTIES = {
  ground: '--ground',
  raised: '--raised',
  ink: '--ink',
  quiet: '--quiet',
  wet: '--wet',
  dwell: '--dwell',
  dwellInk: '--dwell-ink',
  stop: '--stop',
  growth: '--growth',
  line: '--line',
} as const satisfies Partial<Record<keyof Colours, string>>;

const declarations = (colours: Colours) =>
  Object.entries(PROPERTIES)
    .map(([name, property]) => `${property}: ${colours[name as keyof typeof PROPERTIES]};`)
    .join(' ');

/** The custom properties, by day and in the evening, as a style sheet. */
export function colourSheet(): string {
  return `:root { ${declarations(LIGHT)} } :root[data-evening='true'] { ${declarations(DARK)} color-scheme: dark; }`;
}
