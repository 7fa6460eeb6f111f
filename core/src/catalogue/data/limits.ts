import { inLanguage } from '../../language/in-language.ts';
import type { Limit } from '../limit.ts';

const TRADE = 'trade default';

export const LIMITS: readonly Limit[] = inLanguage([
  {
    id: 'no-acid-on-calcareous', when: [{ fact: 'agentClass', is: 'acid' }, { fact: 'calcareous', is: true }],
    text: 'No acid on calcareous stone: acid dissolves it.', whatCanHappen: 'The surface is etched for good.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-acid-on-bare-metal', when: [{ fact: 'agentClass', is: 'acid' }, { fact: 'material', oneOf: ['painted-aluminium', 'anodised-aluminium', 'zinc', 'zinc-roof', 'galvanised-steel', 'lead', 'copper'] }, { fact: 'finish', is: 'bare' }],
    text: 'No acid on bare aluminium, zinc, lead or copper.', whatCanHappen: 'The metal is eaten away and gives off gas.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-acid-on-weak-metal-paint', when: [{ fact: 'agentClass', is: 'acid' }, { fact: 'family', is: 'metal' }, { fact: 'conditions', includesAnyOf: ['chalking', 'flaking'] }],
    text: 'No acid on metal whose paint is oxidised or flaking: it reaches the metal.', whatCanHappen: 'Blistered paint, eaten metal.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-chlorine-on-salt-sensitive', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'saltSensitive', is: true }],
    text: 'No hypochlorite on this stone: its salts stay in the pores.', whatCanHappen: 'The stone flakes off over the next few winters.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-chlorine-on-bare-metal', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'family', is: 'metal' }, { fact: 'finish', is: 'bare' }],
    text: 'No hypochlorite on bare metal.', whatCanHappen: 'Pitting and stains.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-chlorine-on-bare-timber', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'family', is: 'timber' }, { fact: 'finish', is: 'bare' }],
    text: 'Hypochlorite pulps the fibres of bare timber; an oxygen cleaner does the work.', whatCanHappen: 'Furry, bleached boards.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-chlorine-to-water', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'drainsToWater', is: true }, { fact: 'captured', is: false }],
    text: 'Run-off from here reaches open water; hypochlorite kills what lives there. Only with all run-off caught.', whatCanHappen: 'Dead fish and newts, a fine.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-biocide-to-water', when: [{ fact: 'agentClass', is: 'quaternary' }, { fact: 'drainsToWater', is: true }],
    text: 'Leave-on biocide washes off with the first rain and run-off from here reaches open water.', whatCanHappen: 'Dead water life, a fine.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-caustic-on-bare-metal', when: [{ fact: 'agentClass', oneOf: ['caustic', 'mild-alkaline'] }, { fact: 'material', oneOf: ['painted-aluminium', 'anodised-aluminium', 'zinc', 'zinc-roof', 'galvanised-steel', 'lead'] }, { fact: 'finish', is: 'bare' }],
    text: 'No alkali on bare aluminium, zinc or lead.', whatCanHappen: 'The metal dissolves with gas and heat, the surface turns black.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-caustic-on-paint', when: [{ fact: 'agentClass', is: 'caustic' }, { fact: 'finish', is: 'painted' }],
    text: 'Caustic strips paint.', whatCanHappen: 'The coating comes off in sheets.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-caustic-on-timber', when: [{ fact: 'agentClass', is: 'caustic' }, { fact: 'family', is: 'timber' }],
    text: 'Caustic breaks down wood.', whatCanHappen: 'Dark, soft, furry boards.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-caustic-on-soft-stone', when: [{ fact: 'agentClass', is: 'caustic' }, { fact: 'saltSensitive', is: true }],
    text: 'Caustic leaves salts in this stone.', whatCanHappen: 'White bloom, then flaking.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-alkali-on-glass', when: [{ fact: 'agentClass', oneOf: ['caustic', 'mild-alkaline'] }, { fact: 'family', is: 'glass' }],
    text: 'No alkali on glass: it etches where it dries.', whatCanHappen: 'A permanent grey haze.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-strong-remover-on-paint', when: [{ fact: 'agentClass', is: 'solvent' }, { fact: 'finish', is: 'painted' }],
    text: 'Masonry-strength remover takes the coating with the tag.', whatCanHappen: 'A bare patch where the tag was.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'jet-above-limit', when: [{ fact: 'jetKilopascal', aboveFact: 'jetLimitKilopascal' }],
    text: 'The jet hits with {jetKilopascal} kPa; in its state this surface stands {jetLimitKilopascal} kPa.', whatCanHappen: 'Wand marks, torn fibres, lifted paint or sand washed from the surface.',
    standing: 'overridable', source: 'estimate from orifice, pressure, fan and distance; a test patch confirms it',
  },
  {
    id: 'no-jet-on-weak-paint', when: [{ fact: 'jetKilopascal', above: 2.5 }, { fact: 'conditions', includesAnyOf: ['chalking', 'flaking'] }],
    text: 'No pressure jet on chalking or flaking paint.', whatCanHappen: 'Permanent wand marks; paint in the flower beds.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-alkaline-salts-in-soft-stone', when: [{ fact: 'agent', oneOf: ['percarbonate', 'metasilicate', 'trisodium-phosphate'] }, { fact: 'material', oneOf: ['limestone', 'travertine', 'sandstone', 'lime-render', 'lime-mortar-joint', 'terracotta'] }],
    text: 'It leaves soda in this stone, which no rinse takes out.', whatCanHappen: 'White bloom, then flaking.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'chlorine-too-strong-for-long', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'chlorine', oneOf: ['short', 'no'] }, { fact: 'strongestGramsPerLitre', above: 20 }],
    text: 'This material takes hypochlorite weak and short only: up to 20 g/L, and off within a quarter of an hour.', whatCanHappen: 'Bleached, dull or chalky surfaces.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'chlorine-too-long', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'chlorine', oneOf: ['short', 'no'] }, { fact: 'longestDwellMinutes', above: 15 }],
    text: 'This material takes hypochlorite for a quarter of an hour at most.', whatCanHappen: 'Bleached, dull or chalky surfaces.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'strips-the-seal', when: [{ fact: 'strips', is: false }, { fact: 'agentClass', oneOf: ['solvent', 'caustic'] }, { fact: 'finish', is: 'sealed' }],
    text: 'It takes the seal off with the dirt.', whatCanHappen: 'A dull patch, and the whole surface has to be sealed again.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-sealer-on-glass-or-metal', when: [{ fact: 'agent', oneOf: ['silane-impregnator', 'acrylic-sealer'] }, { fact: 'family', oneOf: ['glass', 'metal'] }],
    text: 'Sealers are for what drinks: on glass and metal they burn in as a film.', whatCanHappen: 'A haze that only polishing takes off.',
    standing: 'floor', source: 'data sheets of silane and acrylic sealers; the sheet itself comes first',
  },
  {
    id: 'strips-the-patina', when: [{ fact: 'agent', oneOf: ['citrate-gel', 'thioglycolate-gel', 'gluconate-chelate'] }, { fact: 'material', oneOf: ['copper', 'lead', 'zinc', 'zinc-roof', 'weathering-steel'] }],
    text: 'It takes the patina off with the stain.', whatCanHappen: 'A bright patch that stays for years.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-acid-on-historic-brick', when: [{ fact: 'agentClass', oneOf: ['acid', 'caustic'] }, { fact: 'family', is: 'masonry' }, { fact: 'conditions', includesAnyOf: ['historic'] }],
    text: 'No acid and no strong alkali on historic brick.', whatCanHappen: 'The fired skin is etched, salts stay, joints are eaten.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-hot-jet-on-paint', when: [{ fact: 'hot', is: true }, { fact: 'finish', is: 'painted' }],
    text: 'Hot water softens paint.', whatCanHappen: 'Lifted paint.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'jet-on-paint', when: [{ fact: 'jetKilopascal', above: 25 }, { fact: 'finish', is: 'painted' }],
    text: 'The jet hits with {jetKilopascal} kPa: paint stands 25 kPa where it is sound.', whatCanHappen: 'Lifted paint.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-pressure-tip-on-weak-paint', when: [{ fact: 'pressureTip', is: true }, { fact: 'conditions', includesAnyOf: ['chalking', 'flaking'] }],
    text: 'No tip of a pressure washer near chalking or flaking paint, however far off.', whatCanHappen: 'Permanent wand marks; paint in the flower beds.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-pressure-tip', when: [{ fact: 'pressureTip', is: true }, { fact: 'material', oneOf: ['asphalt-shingle', 'roofing-felt', 'single-ply', 'membrane', 'lime-mortar-joint', 'lime-render', 'copper', 'zinc', 'zinc-roof', 'lead', 'timber-shingles', 'slate-roof', 'marble-memorial', 'acrylic-awning', 'loose-gravel', 'clay-roof-tile', 'polycarbonate', 'acrylic-sheet', 'coated-glass', 'laminated-glass', 'solar-panel'] }],
    text: 'No tip of a pressure washer on this material: a hand nearer and it does damage. Garden force does it.', whatCanHappen: 'Granules, mortar, patina or tiles are gone; water gets behind.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-pressure-tip-in-its-state', when: [{ fact: 'pressureTip', is: true }, { fact: 'conditions', includesAnyOf: ['splintering', 'rotten', 'soft-stone', 'spalling', 'hollow', 'brittle', 'slipped'] }],
    text: 'No tip of a pressure washer on a surface in this state.', whatCanHappen: 'What is loose comes off, and water gets behind.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-scraping', when: [{ fact: 'scrapes', is: true }, { fact: 'material', oneOf: ['asphalt-shingle', 'solar-panel', 'acrylic-sheet', 'polycarbonate', 'coated-glass', 'laminated-glass', 'zinc', 'zinc-roof', 'acrylic-awning', 'glass-fibre'] }],
    text: 'No scraper and no broom on this material: granules come off, or it scratches.', whatCanHappen: 'Bald shingles, scratched panes, a broken patina.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-weed-killer-to-water', when: [{ fact: 'agentClass', is: 'herbicide' }, { fact: 'drainsToWater', is: true }],
    text: 'Run-off from here reaches open water: no weed killer. Weeds are pulled or steamed.', whatCanHappen: 'Dead water life, a fine.',
    standing: 'floor', source: 'label rule of most weed killers; the label itself comes first',
  },
  {
    id: 'no-weed-killer-on-plants', when: [{ fact: 'agentClass', is: 'herbicide' }, { fact: 'drainsToPlants', is: true }],
    text: 'Run-off from here reaches plants that are meant to live: no weed killer.', whatCanHappen: 'A dead bed or lawn.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-biocidal-cleaner-to-water', when: [{ fact: 'agent', is: 'neutral-biocidal' }, { fact: 'drainsToPond', is: true }],
    text: 'Biocidal cleaner kills what lives in water, and run-off from here reaches a pond or stream.', whatCanHappen: 'Dead water life, a fine.',
    standing: 'floor', source: 'data sheets of biocidal cleaners; the sheet itself comes first',
  },
  {
    id: 'no-harm-to-water', when: [{ fact: 'harmsWaterLife', is: true }, { fact: 'agentClass', oneOf: ['acid', 'caustic', 'solvent', 'mild-solvent', 'coating'] }, { fact: 'drainsToPond', is: true }, { fact: 'captured', is: false }],
    text: 'It harms water life, and run-off from here reaches a pond or stream. Only with all run-off caught.', whatCanHappen: 'Dead fish and newts, a fine.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-phosphate-to-water', when: [{ fact: 'agent', is: 'trisodium-phosphate' }, { fact: 'drainsToPond', is: true }, { fact: 'captured', is: false }],
    text: 'Phosphate feeds algae, and run-off from here reaches a pond or stream. Only with all run-off caught.', whatCanHappen: 'A green pond, a fine.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-harm-to-plants', when: [{ fact: 'agentClass', oneOf: ['caustic', 'solvent'] }, { fact: 'drainsToPlants', is: true }, { fact: 'captured', is: false }],
    text: 'It burns plants whatever is wetted, and run-off from here reaches them. Only with all run-off caught.', whatCanHappen: 'A dead bed.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-jet-on-weak-wood', when: [{ fact: 'jetKilopascal', above: 2.5 }, { fact: 'conditions', includesAnyOf: ['splintering', 'rotten'] }],
    text: 'No pressure jet on splintering or rotten wood.', whatCanHappen: 'The fibres split and stand up.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'no-scrub-on-soft-face', when: [{ fact: 'abrasive', is: true }, { fact: 'conditions', includesAnyOf: ['soft-stone', 'rotten', 'flaking'] }],
    text: 'No stiff brush on a surface that comes away under a thumb.', whatCanHappen: 'The surface is brushed off with the dirt.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-hot-water-on-timber-or-metal-paint', when: [{ fact: 'hot', is: true }, { fact: 'family', oneOf: ['timber', 'metal'] }],
    text: 'Hot water under pressure softens paint and opens wood.', whatCanHappen: 'Lifted paint, raised grain.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'hand-over', when: [{ fact: 'handOver', is: true }],
    text: '{handOverReason}', whatCanHappen: 'Fibres or lead in the air, in the soil and in people; a roof that is ruined.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'specialist-only-agent', when: [{ fact: 'specialistOnly', is: true }],
    text: 'This agent is for specialists: it is explained here and never scheduled.', whatCanHappen: 'Burns that kill.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'chlorine-not-tolerated', when: [{ fact: 'agentClass', is: 'hypochlorite' }, { fact: 'chlorine', is: 'no' }],
    text: 'This material does not tolerate hypochlorite.', whatCanHappen: 'Pitting, burst surfaces, torn fibres or cloudy sheets.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'peroxide-not-tolerated', when: [{ fact: 'agentClass', is: 'peroxide' }, { fact: 'peroxide', is: 'no' }],
    text: 'This material does not tolerate oxygen cleaners.', whatCanHappen: 'Bleached or brittle surfaces.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'solvent-not-tolerated', when: [{ fact: 'agentClass', oneOf: ['solvent', 'mild-solvent'] }, { fact: 'solvent', is: 'no' }],
    text: 'Removers dissolve this material or what binds it.', whatCanHappen: 'Cloudy, crazed or sticky surfaces; stones that come loose.',
    standing: 'floor', source: TRADE,
  },
  {
    id: 'heat-not-tolerated', when: [{ fact: 'hot', is: true }, { fact: 'heat', is: 'no' }],
    text: 'This material does not tolerate hot water.', whatCanHappen: 'Cracks, warped sheets, softened binders, burst panes.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'brush-too-stiff', when: [{ fact: 'abrasive', is: true }, { fact: 'brush', oneOf: ['soft', 'none'] }],
    text: 'No stiff brush on this surface in its state.', whatCanHappen: 'Scratches that stay, a surface that is brushed off with the dirt.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-brush-at-all', when: [{ fact: 'scrubs', is: true }, { fact: 'brush', is: 'none' }],
    text: 'No brush at all on this surface in its state.', whatCanHappen: 'Granules, patina or grains come off with the dirt.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'ph-too-low', when: [{ fact: 'pHLow', aboveFact: 'agentPH' }],
    text: 'The agent has pH {agentPH}; this material tolerates pH {pHLow} to {pHHigh}.', whatCanHappen: 'An etched, dull or stained surface.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'ph-too-high', when: [{ fact: 'agentPH', aboveFact: 'pHHigh' }],
    text: 'The agent has pH {agentPH}; this material tolerates pH {pHLow} to {pHHigh}.', whatCanHappen: 'An etched, darkened or stained surface.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'too-cold-for-agent', when: [{ fact: 'agentColdestCelsius', aboveFact: 'temperatureCelsius' }],
    text: 'The agent works from {agentColdestCelsius} °C up; the plan expects {temperatureCelsius} °C.', whatCanHappen: 'It sits there doing nothing, freezes, or leaves a film.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-surface-cleaner-on-treads', when: [{ fact: 'barMetres', above: 0 }, { fact: 'conditions', includesAnyOf: ['narrow-treads'] }],
    text: 'The head of a surface cleaner is wider than a tread: it tips, and the jet stands free at the edge.', whatCanHappen: 'Chipped nosings, a jet at shin height.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'hydrochloric-only-for-haze', when: [{ fact: 'agent', is: 'hydrochloric-acid' }],
    text: 'Hydrochloric acid only where sulfamic acid has left cement haze, tried on a hidden spot: that takes a name and a reason every time.', whatCanHappen: 'Etched joints, chlorides in the concrete, rust on all metal near.',
    standing: 'overridable', source: TRADE,
  },
  {
    id: 'no-acid-on-new-cement', when: [{ fact: 'agentClass', is: 'acid' }, { fact: 'conditions', includesAnyOf: ['new'] }],
    text: 'No acid on cement less than 28 days old.', whatCanHappen: 'The cement loses its skin and stays patchy.',
    standing: 'overridable', source: TRADE,
  },
]); // prettier-ignore
