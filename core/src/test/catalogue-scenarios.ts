import type { TreatmentScenario } from './treatment-scenarios.ts';

const algae = [['green-algae', 3]] as const;
const moss = [['moss', 3]] as const;
const rust = [['surface-rust', 2]] as const;
const scale = [['hard-water-scale', 2]] as const;
const JETS = ['surface-cleaner-40', 'surface-cleaner-50', 'surface-cleaner-60', 'rotating-tip', 'hot-fan'];

/** Materials, dirt, tools and figures that a conservator, a chemist and a trainer missed or found wrong; beside the first scenarios. */
export const CATALOGUE_SCENARIOS: readonly TreatmentScenario[] = [
  // Paving of soft stone is paving; what binds stones loosely gets the gentle head.
  { name: 'sandstone flags are washed, gently', material: 'sandstone-flags', found: algae, must: ['rinse'], never: JETS },
  { name: 'sandstone flags take the gentle head where somebody picks it', material: 'sandstone-flags', found: algae, picks: { 'green-algae': 'gentle-clean-water' }, must: ['surface-cleaner-gentle'], never: JETS },
  { name: 'sandstone ashlar does not', material: 'sandstone', found: algae, picks: { 'green-algae': 'gentle-clean-water' }, must: [], never: ['surface-cleaner-gentle'] },
  { name: 'limestone flags never meet acid', material: 'limestone-flags', found: rust, must: ['rinse'], never: ['acid'] },
  { name: 'algae on limestone flags: no acid, no hard head', material: 'limestone-flags', found: algae, must: ['rinse'], never: ['acid', ...JETS] },
  { name: 'pool coping: neither acid nor a hard jet', material: 'pool-coping', found: algae, must: ['rinse'], never: ['acid', ...JETS, 'surface-cleaner-gentle'] },
  { name: 'scale on pool coping is accepted or lifted by a conservator', material: 'pool-coping', found: scale, must: [], never: ['acid'] },
  { name: 'flags in resin joints: no solvent, no hard head', material: 'flags-resin', found: algae, must: ['hypochlorite'], never: ['solvent', ...JETS] },
  { name: 'printed concrete: the gentle head at most', material: 'stamped-concrete', found: moss, must: ['rinse'], never: JETS },
  { name: 'asphalt: the gentle head at most', material: 'asphalt-paving', found: moss, must: ['rinse'], never: ['solvent', ...JETS] },
  { name: 'porcelain paving bears what concrete does', material: 'porcelain-paving', found: algae, must: ['rinse'], never: ['nothing'] },
  { name: 'oil on porcelain: no stain in it, no poultice', material: 'porcelain-paving', found: [['mineral-oil', 2]], must: ['rinse'], never: ['clay-poultice'] },
  { name: 'brick pavers in sand: the small head, and sand afterwards', material: 'brick-pavers', found: algae, must: ['fill', 'wait-dry'], never: ['surface-cleaner-50', 'surface-cleaner-60'] },
  { name: 'brick pavers: washed-out joints are filled', material: 'brick-pavers', found: [['empty-joints', 3]], must: ['fill-dry-sand'], never: ['jet'] },
  { name: 'sand does not go into cement joints', material: 'flags', found: [['empty-joints', 3]], must: [], never: ['fill-dry-sand', 'fill-stabilised-sand', 'sand-and-seal'] },
  { name: 'loose gravel is never washed nor brushed', material: 'loose-gravel', found: [['weeds', 3]], must: [], never: ['jet', 'surface-cleaner-gentle', 'stiff-brush'] },

  // Renders and stone that come loose, and what is old.
  { name: 'pebbledash: no jet, no stiff brush', material: 'pebbledash', found: algae, must: ['rinse'], never: ['jet', 'stiff-brush'] },
  { name: 'roughcast: chemistry at garden force', material: 'roughcast', found: algae, must: ['hypochlorite'], never: ['jet'] },
  { name: 'mineral paint: no acid', material: 'mineral-painted-render', found: rust, must: ['rinse'], never: ['acid'] },
  { name: 'mineral paint: algae by a wash within its pH', material: 'mineral-painted-render', found: algae, must: ['rinse'], never: ['metasilicate', 'trisodium-phosphate'] },
  { name: 'a marble memorial: water, soft brush, neutral; no tip', material: 'marble-memorial', found: algae, must: [], never: ['jet', 'acid', 'hypochlorite', 'stiff-brush', 'caustic'] },
  { name: 'lichen on a marble memorial', material: 'marble-memorial', found: [['lichen', 3]], must: [], never: ['jet', 'acid', 'hypochlorite', 'hand-scraper'] },
  { name: 'scale on limestone: what dissolves it would dissolve the stone', material: 'limestone', found: scale, must: [], never: ['acid', 'apply'] },
  { name: 'lime bloom on clay brick: a weak acid', material: 'clay-brick', found: [['lime-bloom', 2]], must: ['acid', 'neutralise'], never: ['hydrochloric-acid'] },
  { name: 'lime bloom on lime mortar: no acid', material: 'lime-mortar-joint', found: [['lime-bloom', 2]], must: [], never: ['acid'] },
  { name: 'soluble salts are brushed off dry', material: 'clay-brick', found: [['efflorescence', 3]], must: ['brush-off-bloom'], never: ['acid'] },
  { name: 'vanadium on brick: alkali, never acid on it', material: 'clay-brick', found: [['vanadium-stain', 3]], must: ['vanadium-caustic'], never: ['oxalic-acid', 'hydrochloric-acid', 'sulfamic-acid', 'phosphoric-acid'] },
  { name: 'manganese on brick: weak acid, then peroxide', material: 'clay-brick', found: [['manganese-stain', 3]], must: ['acetic-acid', 'hydrogen-peroxide'], never: ['hydrochloric-acid', 'phosphoric-acid'] },
  { name: 'manganese on painted brick: no caustic', material: 'clay-brick', finish: 'painted', found: [['vanadium-stain', 3]], must: [], never: ['caustic'] },

  // Plastics, cloth, glass.
  { name: 'an acrylic awning: a soft brush at most', material: 'acrylic-awning', found: [['mildew', 3]], must: ['rinse'], never: ['jet', 'stiff-brush', 'solvent', 'hand-scraper'] },
  { name: 'hypochlorite on an awning stays weak', material: 'acrylic-awning', found: [['mildew', 4]], must: ['rinse'], never: ['roof-soft-wash', 'lichen-spot-hypochlorite', 'caustic'] },
  { name: 'gel coat: no scraper', material: 'glass-fibre', found: [['tree-sap', 2]], must: [], never: ['hand-scraper', 'jet', 'caustic'] },
  { name: 'ink on a pane: isopropanol or mild remover', material: 'clear-glass', found: [['felt-tip', 2]], must: ['mild-solvent'], never: ['solvent', 'caustic', 'mild-alkaline'] },
  { name: 'no blade on coated glass', material: 'coated-glass', found: [['paint-drips', 2]], must: [], never: ['glass-blade', 'hand-scraper'] },
  { name: 'no gel on solar panels', material: 'solar-panel', found: rust, must: [], never: ['citrate-gel', 'acid'] },
  { name: 'dust on solar panels: water and a soft brush', material: 'solar-panel', found: [['pollen', 3]], must: ['rinse'], never: ['jet', 'hypochlorite', 'vacuum-dry', 'wet-vacuum'] },
  { name: 'no weeding on glass', material: 'clear-glass', found: [['pollen', 2]], must: ['rinse'], never: ['weed-by-hand', 'vacuum-dry'] },

  // Metal and its paint.
  { name: 'chalk on painted aluminium: rinsed, scrubbed soft, short contact', material: 'painted-aluminium', finish: 'painted', conditions: ['chalking'], found: [['paint-chalk', 3]], must: ['oxidation-scrub', 'mild-alkaline', 'soft-brush', 'rinse'], never: ['jet', 'acid', 'caustic', 'stiff-brush'] },
  { name: 'chalk on bare aluminium has no alkali', material: 'painted-aluminium', finish: 'bare', found: [['paint-chalk', 2]], must: [], never: ['mild-alkaline', 'acid', 'caustic'] },
  { name: 'tiger stripes on coated steel: short alkali, no acid', material: 'coated-steel', finish: 'painted', found: [['tiger-stripes', 3]], must: ['mild-alkaline', 'rinse'], never: ['acid', 'jet', 'caustic'] },
  { name: 'rust runs on painted aluminium: no strong acid', material: 'painted-aluminium', finish: 'painted', found: rust, must: ['rinse'], never: ['oxalic-acid', 'phosphoric-acid', 'sulfamic-acid', 'citric-acid'] },
  { name: 'scale on stainless steel: acid is allowed there', material: 'stainless-steel', found: scale, must: ['acid', 'rinse'], never: ['hydrochloric-acid', 'hypochlorite'] },
  { name: 'a bare zinc roof: neither acid, alkali nor chlorine', material: 'zinc-roof', found: algae, must: [], never: ['acid', 'hypochlorite', 'mild-alkaline', 'caustic', 'soft-brush', 'jet'] },
  { name: 'soot on coated steel: film remover or neutral, rinsed', material: 'coated-steel', finish: 'painted', found: [['traffic-soot', 3]], must: ['rinse'], never: ['acid', 'jet', 'solvent'] },

  // Roofs and boards of cement.
  { name: 'fibre-cement known new is cleaned', material: 'new-fibre-cement', finish: 'painted', found: algae, must: ['apply'], never: ['nothing', 'jet'] },
  { name: 'of unknown age nobody touches it', material: 'fibre-cement', found: algae, must: ['nothing'], never: ['apply'] },
  { name: 'perhaps old: unsure between the two, nobody touches it', material: 'new-fibre-cement', unsureBetween: ['new-fibre-cement', 'fibre-cement'], found: algae, must: ['nothing'], never: ['apply'] },
  { name: 'black streaks on shingles: the brushless wash', material: 'asphalt-shingle', found: [['roof-streaks', 3]], must: ['shingle-soft-wash'], never: ['jet', 'soft-brush', 'broom', 'hand-scraper'] },
  { name: 'black streaks on slates: by hand and biocide, no jet', material: 'slate-roof', found: [['roof-streaks', 2]], must: ['quaternary'], never: ['jet'] },

  // Dirt that was missing.
  { name: 'black spot on concrete flags: strong, twice, then off', material: 'flags', found: [['black-spot', 3]], must: ['black-spot-hypochlorite', 'rinse'], never: ['acid'] },
  { name: 'black spot and slime on one patio: one application takes both', material: 'flags', found: [['black-spot', 2], ['biofilm', 2]], must: ['black-spot-hypochlorite'], never: ['pre-treat-and-surface-clean', 'paving-wash'] },
  { name: 'black spot on limestone flags: no strong chlorine', material: 'limestone-flags', found: [['black-spot', 3]], must: [], never: ['black-spot-hypochlorite', 'acid'] },
  { name: 'black spot near a pond: no chlorine, no biocide', material: 'flags', found: [['black-spot', 3]], toPond: true, must: [], never: ['hypochlorite', 'quaternary', 'neutral-biocidal'] },
  { name: 'biofilm on concrete goes with a wash', material: 'concrete', found: [['biofilm', 3]], must: ['rinse'], never: ['acid', 'quaternary'] },
  { name: 'fresh oil is taken up before anything wet', material: 'concrete', found: [['fresh-oil', 3]], must: ['absorb-oil', 'broom'], never: ['caustic', 'jet'] },
  { name: 'fresh oil on block paving too', material: 'block-paving', found: [['fresh-oil', 2]], must: ['absorb-oil'], never: ['solvent'] },
  { name: 'faeces: wetted, lifted, never swept dry', material: 'concrete', found: [['faeces', 3]], must: ['droppings-wet-lift'], never: ['broom', 'wet-vacuum'] },
  { name: 'litter is swept up', material: 'concrete', found: [['litter', 3]], must: ['broom'], never: ['apply'] },
  { name: 'sludge is shovelled before water comes', material: 'concrete', found: [['sludge', 3]], must: ['broom'], never: ['acid', 'caustic'] },
  { name: 'gutters are emptied, nothing flushed first', material: 'coated-steel', finish: 'painted', found: [['gutter-silt', 3]], must: ['gutter-by-hand'], never: ['apply', 'jet'] },
  { name: 'tannin from cedar on render below: oxalic', material: 'cement-render', finish: 'bare', found: [['tannin-bleed', 2]], must: ['acid', 'neutralise'], never: ['hypochlorite'] },
  { name: 'tannin on lime render: no acid', material: 'lime-render', found: [['tannin-bleed', 2]], must: [], never: ['acid'] },
  { name: 'tannin bleed on cedar: a brightener', material: 'cedar-boards', found: [['tannin-bleed', 2]], must: ['acid'], never: ['hypochlorite', 'caustic'] },
  { name: 'a milky seal is stripped, lifted, brought to rest', material: 'concrete', finish: 'sealed', found: [['white-sealer', 3]], must: ['strip-sealer', 'neutralise', 'broom'], never: ['acrylic-sealer'] },

  // What was too strict or noise.
  { name: 'hairline cracks do not keep the surface cleaner off', material: 'concrete', conditions: ['hairline'], found: algae, must: ['surface-cleaner-50'], never: [] },
  { name: 'cracks that water runs into do', material: 'concrete', conditions: ['cracked'], found: algae, must: [], never: [...JETS, 'surface-cleaner-gentle'] },
  { name: 'old wand marks do not keep the small head off', material: 'concrete', conditions: ['jet-marked'], found: algae, must: ['rinse'], never: ['surface-cleaner-50', 'surface-cleaner-60'] },
  { name: 'no surface cleaner on narrow treads', material: 'concrete', conditions: ['narrow-treads'], found: algae, must: ['rinse'], never: ['surface-cleaner-40', 'surface-cleaner-50', 'surface-cleaner-gentle'] },
  { name: 'no descaling acid on timber', material: 'hardwood', found: scale, must: [], never: ['sulfamic-acid', 'hydrochloric-acid'] },

  // Figures.
  { name: 'lichen on render: the soft wash alone is no answer', material: 'cement-render', finish: 'bare', found: [['lichen', 3]], must: ['quaternary'], never: [] },
  { name: 'urine on brick: enzyme, damp for hours', material: 'clay-brick', found: [['urine', 3]], must: ['enzyme'], never: ['hypochlorite'] },
  { name: 'an oil shadow in sandstone: a poultice, dried, lifted', material: 'sandstone', found: [['mineral-oil', 2]], picks: { 'mineral-oil': 'clay-poultice' }, must: ['clay-poultice', 'wait-work', 'hand-scraper'], never: ['caustic'] },
  { name: 'sand and sealer floods the joints twice', material: 'block-paving', found: [['empty-joints', 3]], schools: { joints: 'sand-and-sealer' }, must: ['joint-sealer', 'wait-set'], never: ['acrylic-sealer'] },
  { name: 'boards stained with a coat: low-alkali or neutral, no oxygen on paint', material: 'larch-boards', finish: 'painted', found: [['green-algae', 2]], must: ['rinse'], never: ['percarbonate', 'oxalic-acid', 'caustic', 'jet'] },
]; // prettier-ignore
