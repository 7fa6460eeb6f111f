/**
 * What an experienced contractor would decide, as data: one face each, what is on it, and what the plan must and must
 * never hold. Words are ids of agents, classes of agents, tools, methods and kinds of stages, over all visits; `jet` is any
 * tool of the pressure washer or the hot washer, `nothing` is that nobody of the crew touches the face, `visits-2` how
 * often one comes, `wait-dry` what is waited for, `bottom-up` and `top-down` the way a mix goes on.
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
  /** Methods that a person has picked, by contaminant. */
  readonly picks?: Readonly<Record<string, string>>;
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
  { name: 'growth on lime render: nothing sour', material: 'lime-render', found: algae, must: ['quaternary'], never: ['acid', 'jet'] },
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

  // What follows on the clean face, and what is waited for.
  { name: 'block paving washed: its joints are filled again when they are dry', material: 'block-paving', found: algae, must: ['surface-cleaner-40', 'wait-dry', 'reading', 'fill-dry-sand', 'visits-2'], never: ['surface-cleaner-50', 'acrylic-sealer'] },
  { name: 'cobbles in sand: no machine, so nothing to fill', material: 'cobbles', found: [['mud', 3]], picks: { mud: 'paving-wash' }, must: ['rinse'], never: ['surface-cleaner-40', 'fill'] },
  { name: 'flags in cement washed: nothing to fill', material: 'flags', found: algae, must: [], never: ['fill', 'wait-dry'] },
  { name: 'weeds at the root first, washed a week later, filled after that', material: 'block-paving', found: [['weeds', 3], ...algae], picks: { weeds: 'weed-systemic' }, must: ['systemic-weed-killer', 'wait-work', 'wash', 'wait-dry', 'fill', 'visits-3'], never: [] },
  { name: 'joints empty, nothing else: filled the same day', material: 'block-paving', found: [['empty-joints', 3]], must: ['fill-dry-sand', 'visits-1'], never: ['wait-dry', 'rinse'] },
  { name: 'paving to be sealed: a week of drying', material: 'block-paving', found: [...algae, ['unprotected-face', 3]], picks: { 'unprotected-face': 'seal-paving' }, must: ['acrylic-sealer', 'wait-dry'], never: [] },
  { name: 'brick to be protected: impregnated when dry', material: 'clay-brick', found: [...algae, ['unprotected-face', 3]], must: ['silane-impregnator', 'wait-dry', 'visits-2'], never: ['acrylic-sealer'] },
  { name: 'dry boards after washing: oiled by the moisture of the wood', material: 'larch-boards', found: [...algae, ['dry-timber', 3]], must: ['percarbonate', 'oxalic-acid', 'wood-oil', 'wait-dry', 'reading'], never: ['hypochlorite'] },
  { name: 'tagged again and again: a sacrificial coat after the tag is off', material: 'clay-brick', found: [['spray-paint', 2], ['often-tagged', 3]], must: ['solvent', 'sacrificial-coating', 'wait-dry'], never: [] },
  { name: 'a sealer below five degrees: not today', material: 'block-paving', found: [['unprotected-face', 3]], temperatureC: 3, must: [], never: ['acrylic-sealer', 'silane-impregnator'] },
  { name: 'a leave-on beside a wet treatment: another day, on the dry face', material: 'granite', found: [['lichen', 3], ...rust], picks: { lichen: 'leave-on-biocide' }, must: ['quaternary-biocide', 'wait-dry', 'oxalic-acid', 'visits-2'], never: [] },
  { name: 'a leave-on alone: no wait', material: 'granite', found: [['lichen', 3]], picks: { lichen: 'leave-on-biocide' }, must: ['quaternary-biocide', 'visits-1'], never: ['rinse', 'wait-dry'] },
  { name: 'a poultice lies overnight', material: 'limestone', found: [['mineral-oil', 3]], picks: { 'mineral-oil': 'clay-poultice' }, must: ['clay-poultice', 'wait-work', 'hand-scraper', 'visits-2'], never: ['caustic'] },
  { name: 'sludge is lifted, not washed down', material: 'block-paving', found: [['moss', 4]], must: ['clear'], never: ['acid'] },

  // The other schools, both sides.
  { name: 'joints school sand and sealer', material: 'block-paving', found: algae, schools: { joints: 'sand-and-sealer' }, must: ['fill', 'joint-sealer', 'wait-set'], never: [] },
  { name: 'joints school stabilised sand', material: 'block-paving', found: algae, schools: { joints: 'stabilised-sand' }, must: ['fill-stabilised-sand'], never: ['acrylic-sealer'] },
  { name: 'joints school by others', material: 'block-paving', found: algae, schools: { joints: 'by-others' }, picks: { 'empty-joints': 'joints-by-others' }, must: ['wash'], never: ['fill'] },
  { name: 'drying school by fixed days: no reading', material: 'block-paving', found: [['mud', 3]], picks: { mud: 'paving-wash' }, schools: { drying: 'fixed-days' }, must: ['wait-dry', 'fill'], never: ['reading'] },
  { name: 'roofs by material: slate is not jetted', material: 'slate-roof', found: [['moss', 3]], must: [], never: ['jet'] },
  { name: 'roofs school biocide only', material: 'concrete-roof-tile', found: [['moss', 3]], schools: { roofs: 'biocide-only' }, must: ['quaternary-biocide'], never: ['hypochlorite', 'jet'] },
  { name: 'roofs school hypochlorite and rinse', material: 'concrete-roof-tile', found: [['moss', 3]], schools: { roofs: 'hypochlorite-and-rinse' }, must: ['hypochlorite', 'rinse'], never: ['quaternary-biocide'] },
  { name: 'machine first: water alone, no pre-treatment', material: 'concrete', found: [['green-algae', 1]], schools: { 'chemistry-or-machine': 'wash-first' }, must: ['wash'], never: ['hypochlorite'] },
  { name: 'chemistry first: pre-treated', material: 'concrete', found: [['green-algae', 2]], must: ['hypochlorite', 'wash'], never: [] },
  { name: 'direction school bottom up', material: 'painted-render', found: algae, must: ['bottom-up'], never: [] },
  { name: 'direction school top down', material: 'painted-render', found: algae, schools: { direction: 'top-down' }, must: ['top-down'], never: ['bottom-up'] },
  { name: 'scrub school on render', material: 'painted-render', found: algae, schools: { 'scrub-or-dwell': 'scrub' }, must: ['agitate'], never: [] },
  { name: 'dwell school on render', material: 'painted-render', found: algae, must: ['apply'], never: ['agitate'] },
  { name: 'result school leave-on', material: 'clay-brick', found: algae, schools: { result: 'leave-on' }, must: ['quaternary-biocide'], never: ['rinse'] },
  { name: 'delivery school backpack', material: 'painted-render', found: algae, schools: { delivery: 'backpack' }, must: ['backpack-sprayer'], never: ['soft-wash-pump'] },
  { name: 'delivery school pump', material: 'painted-render', found: algae, schools: { delivery: 'pump' }, must: ['soft-wash-pump'], never: ['backpack-sprayer'] },

  // Others do it.
  { name: 'loose joints repaired first where a person says so', material: 'clay-brick', conditions: ['loose-joints'], found: algae, picks: { 'green-algae': 'repair-first' }, must: ['nothing'], never: ['rinse'] },
  { name: 'sound brick: there is nothing to repair', material: 'clay-brick', found: algae, picks: { 'green-algae': 'repair-first' }, must: ['hypochlorite'], never: ['nothing'] },
  { name: 'anything is handed over where a person says so', material: 'granite', found: rust, picks: { 'surface-rust': 'hand-over' }, must: ['nothing'], never: ['acid'] },

  // What is there goes: from severity 3 on a method suffices.
  { name: 'grease caked on concrete: alkali, no enzyme alone', material: 'concrete', found: [['cooking-grease', 4]], must: [], never: ['enzyme-soak'] },
  { name: 'grease on granite: lifted, not lessened', material: 'granite', found: [['cooking-grease', 3]], must: [], never: ['enzyme-soak', 'neutral-wash'] },
  { name: 'fertiliser rust caked on concrete: acid that takes it', material: 'concrete', found: [['fertiliser-rust', 4]], must: ['oxalic-acid', 'neutralise', 'reading'], never: [] },
  { name: 'a trace of fertiliser rust may go the gentle way', material: 'concrete', found: [['fertiliser-rust', 1]], must: [], never: ['hydrochloric-acid'] },
  { name: 'fertiliser rust on limestone: still nothing sour', material: 'limestone', found: [['fertiliser-rust', 4]], must: [], never: ['acid'] },
  { name: 'clay iron on block paving: taken out', material: 'block-paving', found: [['iron-clay', 3]], must: ['oxalic-acid'], never: [] },
  { name: 'pads of ivy on granite: brushed off dry', material: 'granite', found: [['ivy-pads', 3]], must: ['stiff-brush'], never: ['jet'] },
  { name: 'pads of ivy on soft brick: no stiff brush on it', material: 'clay-brick', conditions: ['soft-stone'], found: [['ivy-pads', 3]], must: [], never: ['stiff-brush'] },
  { name: 'moss mat on a brick wall: nobody steams it by hand', material: 'clay-brick', found: [['moss', 4]], must: [], never: ['steam-lance'] },
  { name: 'oxygen company, algae caked on brick: its own way, strong enough', material: 'clay-brick', found: [['green-algae', 4]], schools: oxygen, must: ['percarbonate'], never: ['hypochlorite'] },
  { name: 'leave-on company, algae on concrete: its own way', material: 'concrete', found: algae, schools: { result: 'leave-on' }, must: ['quaternary-biocide'], never: [] },
  { name: 'oil soaked into concrete: degreased', material: 'concrete', found: [['mineral-oil', 4]], must: ['rinse'], never: ['neutral-wash'] },
  { name: 'oil and growth on concrete: both are treated to the end', material: 'concrete', found: [['mineral-oil', 3], ['green-algae', 3]], must: ['rinse'], never: ['enzyme-soak', 'neutral-wash'] },
  { name: 'black crust caked on limestone: water and time', material: 'limestone', found: [['black-crust', 4]], must: [], never: ['acid', 'jet', 'hypochlorite'] },

  // Dry before wet.
  { name: 'weeds beside a pond are pulled, nothing is sprayed', material: 'block-paving', found: [['weeds', 3]], toPond: true, must: ['weed-by-hand'], never: ['hypochlorite', 'quaternary'] },
  { name: 'gum is lifted off the flags', material: 'flags', found: [['chewing-gum', 2]], must: ['clear'], never: ['acid'] },
]; // prettier-ignore
