/**
 * What an experienced contractor would decide, as data: one face each, what is on it, and what the plan must and must
 * never hold. Words are ids of agents, classes of agents, tools, methods and kinds of stages; `jet` is any tool of the
 * pressure washer or the hot washer, `nothing` is that no method is permitted.
 */
export interface TreatmentScenario {
  readonly name: string;
  readonly material: string;
  readonly finish?: 'bare' | 'painted' | 'sealed';
  readonly conditions?: readonly string[];
  /** Contaminant and severity. */
  readonly found: readonly (readonly [string, 1 | 2 | 3 | 4])[];
  /** Run-off reaches a pond. */
  readonly toPond?: boolean;
  readonly schools?: Readonly<Record<string, string>>;
  readonly temperatureC?: number;
  readonly unsureBetween?: readonly string[];
  readonly must: readonly string[];
  readonly never: readonly string[];
}

const algae = [['green-algae', 3]] as const;
const rust = [['surface-rust', 2]] as const;
const oil = [['mineral-oil', 3]] as const;
const oxygen = { 'growth-chemistry': 'oxygen-or-neutral' };

export const TREATMENT_SCENARIOS: readonly TreatmentScenario[] = [
  // Growth, by material.
  { name: 'growth on painted render: chemistry at garden force', material: 'painted-render', found: algae, must: ['hypochlorite', 'rinse'], never: ['jet', 'acid'] },
  { name: 'growth on chalking render: still no jet', material: 'painted-render', conditions: ['chalking'], found: algae, must: ['rinse'], never: ['jet'] },
  { name: 'growth on lime render: nothing sour', material: 'lime-render', found: algae, must: ['rinse'], never: ['acid', 'jet'] },
  { name: 'growth on limestone: neither acid nor chlorine', material: 'limestone', found: algae, must: ['neutral'], never: ['acid', 'hypochlorite', 'jet'] },
  { name: 'growth on marble: neither acid nor chlorine', material: 'marble', found: algae, must: ['neutral'], never: ['acid', 'hypochlorite', 'jet'] },
  { name: 'growth on travertine: neither acid nor chlorine', material: 'travertine', found: algae, must: ['neutral'], never: ['acid', 'hypochlorite', 'jet'] },
  { name: 'growth on sandstone: no salts', material: 'sandstone', found: algae, must: ['rinse'], never: ['hypochlorite', 'caustic'] },
  { name: 'growth on concrete paving: pre-treated, then the machine travels fast', material: 'concrete', found: algae, must: ['hypochlorite', 'surface-cleaner-50', 'rinse'], never: ['acid'] },
  { name: 'growth on new concrete: no machine on it', material: 'concrete', conditions: ['new'], found: algae, must: ['rinse'], never: ['surface-cleaner-50', 'acid'] },
  { name: 'growth on sound larch: oxygen and a brightener', material: 'larch-boards', found: algae, must: ['percarbonate', 'rinse'], never: ['hypochlorite', 'caustic'] },
  { name: 'growth on splintering larch: soft wash only', material: 'larch-boards', conditions: ['splintering'], found: algae, must: ['peroxide'], never: ['jet', 'hypochlorite'] },
  { name: 'growth on rotten boards: no jet, no brush', material: 'larch-boards', conditions: ['rotten'], found: algae, must: [], never: ['jet', 'agitate', 'stiff-brush'] },
  { name: 'growth on painted aluminium: no jet on its paint', material: 'painted-aluminium', finish: 'painted', conditions: ['chalking'], found: algae, must: ['rinse'], never: ['jet', 'caustic'] },
  { name: 'growth on bare aluminium: nothing that eats it', material: 'painted-aluminium', finish: 'bare', found: algae, must: [], never: ['hypochlorite', 'caustic', 'mild-alkaline', 'acid'] },
  { name: 'growth on asphalt shingles: chemistry, no jet, no feet', material: 'asphalt-shingle', found: algae, must: [], never: ['jet', 'roof-cleaner'] },
  { name: 'growth on clay tiles: no jet', material: 'clay-roof-tile', found: algae, must: [], never: ['jet', 'roof-cleaner'] },
  { name: 'growth on slate roof: no jet', material: 'slate-roof', found: algae, must: [], never: ['jet', 'roof-cleaner'] },
  { name: 'growth on vinyl cladding: soft wash', material: 'vinyl-cladding', found: algae, must: ['rinse'], never: ['jet', 'solvent'] },
  { name: 'growth on composite boards: no pressure tip', material: 'composite-boards', found: algae, must: ['rinse'], never: ['wide-fan', 'narrow-fan'] },
  { name: 'growth on natural rope: soft', material: 'natural-rope', found: algae, must: [], never: ['jet', 'hypochlorite'] },
  { name: 'growth on synthetic rope: no chlorine on nylon', material: 'synthetic-rope', found: algae, must: ['rinse'], never: ['hypochlorite', 'jet'] },
  { name: 'growth on copper: nothing touches it but water', material: 'copper', found: algae, must: [], never: ['hypochlorite', 'acid', 'caustic', 'agitate'] },
  { name: 'growth on zinc: neither acid nor alkali', material: 'zinc', found: algae, must: [], never: ['hypochlorite', 'acid', 'caustic', 'mild-alkaline'] },
  { name: 'growth on soft brick: no close jet', material: 'clay-brick', conditions: ['soft-stone'], found: algae, must: ['rinse'], never: ['jet', 'stiff-brush'] },
  { name: 'growth on a historic face: no chlorine, no pressure', material: 'granite', conditions: ['historic'], found: algae, must: [], never: ['hypochlorite', 'surface-cleaner-50', 'stiff-brush'] },
  { name: 'lichen on granite: time, not force', material: 'granite', found: [['lichen', 3]], must: [], never: ['acid'] },
  { name: 'moss on block paving: joints stay whole', material: 'block-paving', conditions: ['loose-joints'], found: [['moss', 3]], must: [], never: ['surface-cleaner-50'] },
  { name: 'growth on polycarbonate: nothing that clouds it', material: 'polycarbonate', found: algae, must: ['rinse'], never: ['solvent', 'mild-solvent', 'jet'] },
  { name: 'growth on artificial turf: no hot water', material: 'artificial-turf', found: algae, must: [], never: ['hot-fan', 'steam-lance'] },

  // What is around.
  { name: 'growth on render above a pond: no chlorine, no biocide', material: 'painted-render', found: algae, toPond: true, must: ['rinse'], never: ['hypochlorite', 'quaternary'] },
  { name: 'growth on concrete above a pond: no chlorine', material: 'concrete', found: algae, toPond: true, must: [], never: ['hypochlorite', 'quaternary'] },
  { name: 'growth on granite above a pond: no leave-on', material: 'granite', found: [['lichen', 3]], toPond: true, must: [], never: ['quaternary', 'hypochlorite'] },
  { name: 'growth on a cold day: no agent that does not work', material: 'concrete', found: algae, temperatureC: 2, must: [], never: ['hypochlorite', 'quaternary'] },

  // Schools of practice, both sides.
  { name: 'hypochlorite school on brick', material: 'clay-brick', found: algae, must: ['hypochlorite'], never: [] },
  { name: 'oxygen school on brick', material: 'clay-brick', found: algae, schools: oxygen, must: [], never: ['hypochlorite'] },
  { name: 'hypochlorite school on concrete', material: 'concrete', found: algae, must: ['hypochlorite'], never: [] },
  { name: 'oxygen school on concrete', material: 'concrete', found: algae, schools: oxygen, must: [], never: ['hypochlorite'] },
  { name: 'pre-wet school by thirst: a smooth coat is not wetted first', material: 'painted-render', found: algae, must: [], never: ['pre-wet'] },
  { name: 'pre-wet school always: wetted first', material: 'painted-render', found: algae, schools: { 'pre-wet': 'always' }, must: ['pre-wet'], never: [] },
  { name: 'pre-wet school never: put on dry even where it drinks', material: 'sandstone', found: algae, schools: { 'pre-wet': 'never' }, must: [], never: ['pre-wet'] },
  { name: 'thirsty stone is wetted first by default', material: 'limestone', found: algae, must: ['pre-wet'], never: [] },

  // Stains.
  { name: 'rust on concrete: acid, neutralised and read', material: 'concrete', found: rust, must: ['acid', 'neutralise', 'reading', 'rinse'], never: ['hydrochloric-acid'] },
  { name: 'rust on limestone: bound at neutral pH', material: 'limestone', found: rust, must: ['neutral'], never: ['acid'] },
  { name: 'rust on lime mortar: bound at neutral pH', material: 'lime-mortar-joint', found: rust, must: [], never: ['acid'] },
  { name: 'rust on bare aluminium: no acid', material: 'painted-aluminium', finish: 'bare', found: rust, must: [], never: ['acid'] },
  { name: 'rust that may be on limestone: the strictest holds', material: 'granite', unsureBetween: ['limestone'], found: rust, must: [], never: ['acid'] },
  { name: 'cement haze on brick: sulfamic before hydrochloric', material: 'clay-brick', found: [['cement-haze', 2]], must: ['acid', 'neutralise'], never: ['hydrochloric-acid'] },
  { name: 'scale on glass: acid without fluoride', material: 'clear-glass', found: [['hard-water-scale', 2]], must: [], never: ['ammonium-bifluoride', 'caustic', 'stiff-brush'] },
  { name: 'bloom on brick: dry, since water carries it in', material: 'clay-brick', found: [['efflorescence', 2]], must: ['clear'], never: ['hypochlorite'] },
  { name: 'copper stain on stone: bound, no acid on limestone', material: 'limestone', found: [['copper-stain', 2]], must: [], never: ['acid'] },
  { name: 'black crust on limestone: water and time', material: 'limestone', found: [['black-crust', 3]], must: [], never: ['acid', 'jet', 'stiff-brush'] },

  // Oil, tags, soil.
  { name: 'oil on concrete: alkali and hot water', material: 'concrete', found: oil, must: ['caustic'], never: ['acid', 'hypochlorite'] },
  { name: 'oil on timber: no caustic', material: 'larch-boards', found: oil, must: [], never: ['caustic', 'hot-fan'] },
  { name: 'oil on painted render: no caustic on paint', material: 'painted-render', found: oil, must: [], never: ['caustic', 'jet'] },
  { name: 'spray paint on bare brick: coats of remover', material: 'clay-brick', found: [['spray-paint', 3]], must: ['solvent'], never: ['hypochlorite'] },
  { name: 'spray paint on painted metal: the mild remover', material: 'coated-steel', finish: 'painted', found: [['spray-paint', 2]], must: ['mild-solvent'], never: ['solvent', 'jet'] },
  { name: 'spray paint under a sacrificial coat: no solvent', material: 'clay-brick', conditions: ['sacrificial-coat'], found: [['spray-paint', 2]], must: [], never: ['solvent', 'mild-solvent'] },
  { name: 'soot on render: soap and a soft brush', material: 'painted-render', found: [['traffic-soot', 3]], must: ['soft-brush'], never: ['jet', 'acid'] },
  { name: 'urine on concrete: flushed or eaten, never bleached unflushed', material: 'concrete', found: [['urine', 3]], must: ['rinse'], never: ['acid'] },
  { name: 'pollen on glass: water and a brush', material: 'clear-glass', found: [['pollen', 2]], must: [], never: ['acid', 'caustic', 'jet'] },
  { name: 'gum on stone: off by hand or heat', material: 'granite', found: [['chewing-gum', 2]], must: [], never: ['acid', 'hypochlorite'] },
  { name: 'weeds in paving', material: 'block-paving', found: [['weeds', 3]], must: [], never: ['hypochlorite', 'acid'] },

  // Chains.
  { name: 'growth and rust: chlorine brought to rest before the acid', material: 'concrete', found: [...algae, ...rust], must: ['hypochlorite', 'sodium-ascorbate', 'reading', 'acid'], never: [] },
  { name: 'oil and rust: alkali rinsed and read before the acid', material: 'concrete', found: [...oil, ...rust], must: ['caustic', 'citric-acid', 'reading', 'acid'], never: [] },
  { name: 'growth and mildew: one application for both', material: 'painted-render', found: [...algae, ['mildew', 2]], must: ['hypochlorite'], never: ['peroxide'] },

  // Hand-overs.
  { name: 'fibre-cement of unknown age: nothing', material: 'fibre-cement', found: algae, must: ['nothing'], never: ['rinse', 'clear'] },
  { name: 'thatch: nothing', material: 'thatch', found: [['moss', 3]], must: ['nothing'], never: ['rinse', 'clear'] },
  { name: 'perhaps lead paint: nothing', material: 'painted-render', conditions: ['lead-paint'], found: algae, must: ['nothing'], never: ['rinse', 'agitate'] },
]; // prettier-ignore
