import type { Severity } from '../catalogue/contaminant.ts';
import type { Finish } from '../catalogue/material.ts';
import type { FeatureKind } from '../survey/feature.ts';
import type { Band, SURROUNDING_FIELDS } from '../survey/surface.ts';

/** Nouns for a face and the height band that each lies in; the noun names the surface. */
export const PLACE_NOUNS: readonly (readonly [Band, readonly string[]])[] = [
  ['roof', ['roof', 'roof slope', 'dormer', 'ridge', 'canopy roof']],
  [
    'upper-wall',
    [
      'upper wall',
      'first floor wall',
      'upstairs wall',
      'gable wall',
      'parapet',
      'canopy',
      'soffit',
      'fascia',
      'eaves',
      'chimney',
      'awning',
      'balcony front',
    ],
  ],
  [
    'wall',
    [
      'wall',
      'facade',
      'elevation',
      'plinth',
      'fence',
      'rail',
      'pillar',
      'column',
      'gable end',
      'garden wall',
      'boundary wall',
      'retaining wall',
      'shed',
      'railing',
      'handrail',
    ],
  ],
  ['opening', ['window', 'door', 'shutter', 'roller door', 'garage door', 'garage', 'window frame']],
  [
    'floor',
    [
      'floor',
      'path',
      'footpath',
      'patio',
      'terrace',
      'yard',
      'drive',
      'driveway',
      'deck',
      'step',
      'stair',
      'ramp',
      'paving',
      'pavement',
      'walkway',
      'court',
      'courtyard',
      'landing',
      'balcony',
      'dock',
      'jetty',
      'pier',
      'pontoon',
      'kerb',
      'car park',
      'parking',
      'platform',
      'forecourt',
      'apron',
      'slab',
    ],
  ],
];

/** Where a side looks, by word, degrees from north. */
export const ASPECT_WORDS: readonly (readonly [number, string, readonly string[]])[] = [
  [0, 'North', ['north', 'northern', 'north side']],
  [45, 'North-east', ['north-east', 'northeast', 'north east', 'ne']],
  [90, 'East', ['east', 'eastern', 'east side']],
  [135, 'South-east', ['south-east', 'southeast', 'south east', 'se']],
  [180, 'South', ['south', 'southern', 'south side']],
  [225, 'South-west', ['south-west', 'southwest', 'south west', 'sw']],
  [270, 'West', ['west', 'western', 'west side']],
  [315, 'North-west', ['north-west', 'northwest', 'north west', 'nw']],
];

export const SEVERITY_TERMS: readonly (readonly [Severity, readonly string[]])[] = [
  [
    1,
    [
      'trace',
      'slight',
      'slightly',
      'faint',
      'light',
      'lightly',
      'a bit of',
      'bit of',
      'a little',
      'little',
      'a touch of',
      'hint of',
      'minor',
    ],
  ],
  [2, ['some', 'moderate', 'medium', 'visible', 'visible film']],
  [3, ['heavy', 'heavily', 'covered', 'thick', 'bad', 'badly', 'lots of', 'a lot of', 'strong', 'severe']],
  [4, ['caked', 'very heavy', 'very thick', 'very bad', 'extreme', 'solid', 'matted']],
];

export const SHARE_TERMS: readonly (readonly [number, readonly string[]])[] = [
  [1, ['all over', 'everywhere', 'the whole', 'all of it']],
  [0.75, ['three quarter', 'three quarter of']],
  [0.5, ['half', 'half of']],
  [0.33, ['a third', 'third', 'one third', 'a third of']],
  [0.25, ['a quarter', 'quarter', 'one quarter', 'a quarter of']],
];

export const FINISH_TERMS: readonly (readonly [Finish, readonly string[]])[] = [
  ['painted', ['painted', 'coated']],
  ['sealed', ['sealed', 'varnished', 'oiled']],
  ['bare', ['bare', 'unpainted', 'unsealed', 'untreated', 'raw']],
];

/** Words by which a surface stands to what is around it. */
export const RELATION_TERMS: readonly (readonly [(typeof SURROUNDING_FIELDS)[number], readonly string[]])[] =
  [
    ['below', ['above', 'over']],
    [
      'beside',
      [
        'beside',
        'next to',
        'near',
        'near to',
        'by',
        'close to',
        'alongside',
        'along',
        'around',
        'under',
        'below',
        'mind',
      ],
    ],
    ['behind', ['in front of', 'hiding']],
    [
      'drainsOnto',
      [
        'drain to',
        'drain onto',
        'drain into',
        'drain on',
        'drain on to',
        'run to',
        'run onto',
        'run into',
        'run on to',
        'run off to',
        'run-off to',
        'draining to',
        'draining onto',
        'draining into',
        'onto',
        'flow to',
        'flow into',
      ],
    ],
  ];

/** Further words for kinds of features, besides the names of the kinds. */
export const FEATURE_TERMS: readonly (readonly [FeatureKind, readonly string[]])[] = [
  [
    'plant-bed',
    ['plant', 'flower bed', 'flower', 'flowerbed', 'bed', 'shrub', 'bush', 'hedge', 'planting', 'border'],
  ],
  ['lawn', ['lawn', 'grass']],
  ['pool', ['pool', 'swimming pool']],
  ['pond', ['pond', 'lake']],
  ['stream', ['stream', 'river', 'brook', 'canal', 'ditch']],
  ['drain', ['drain', 'gully', 'grate']],
  ['cellar-drain', ['cellar drain', 'basement drain']],
  ['door', ['door']],
  ['sill', ['sill', 'window sill', 'threshold']],
  ['gap', ['gap', 'vent', 'air brick']],
  ['electrics', ['socket', 'cable', 'electric', 'outlet', 'meter box']],
  ['lamp', ['lamp', 'light fitting', 'lantern']],
  ['electrical-panel', ['electrical panel', 'control panel', 'fuse box', 'meter cabinet']],
  ['solar-panel', ['solar panel', 'solar module', 'photovoltaic panel']],
  ['panel', ['panel']],
  ['glass', ['glass', 'glazing', 'pane']],
  ['bare-metal', ['bare metal', 'copper', 'lead flashing', 'flashing']],
  ['timber', ['bare timber', 'unsealed timber']],
  ['vehicle', ['car', 'vehicle', 'van']],
  ['bin', ['bin', 'wheelie bin', 'rubbish bin', 'trash can']],
  ['furniture', ['furniture', 'bench', 'table', 'planter']],
  ['goods', ['goods', 'stock']],
  ['nest', ['nest', 'bird nest', 'wasp nest']],
  ['animals', ['animal', 'dog', 'fish', 'hen']],
  ['footway', ['footway', 'public path', 'public footpath', 'public footway']],
];

export const REMOVAL_TERMS = ['no', 'without', 'no more', 'remove', 'not'];
export const SAME_TERMS = ['same as', 'like', 'as on', 'same as on'];
export const OUT_OF_SCOPE_TERMS = [
  'left out',
  'leave out',
  'out of scope',
  'skip',
  'skip it',
  'not in scope',
  'leave it',
];
export const NOTHING_TERMS = ['nothing on it', 'nothing found', 'nothing', 'clean', 'is clean'];
export const MAYBE_TERMS = ['maybe', 'perhaps', 'possibly', 'probably', 'might be', 'looks like'];
export const NEW_TERMS = ['new', 'another', 'a new', 'add'];
export const NOTE_TERMS = ['note'];
export const EVERY_SIDE_TERMS = ['all side', 'every side', 'all round', 'all around'];
export const BOTH_SIDES_TERMS = ['both side', 'both'];
export const HIGH_TERMS = ['high', 'tall', 'in height', 'height'];
export const TOP_TERMS = ['top', 'top at', 'up to'];
export const FOOT_TERMS = ['foot', 'foot at', 'from', 'start at'];
export const TILT_TERMS = ['pitch', 'tilt', 'slope'];
export const NAME_TERMS = ['called', 'named', 'name'];

/** Words that carry nothing by themselves. */
export const FILLERS: ReadonlySet<string> = new Set([
  'a',
  'an',
  'the',
  'of',
  'on',
  'with',
  'and',
  'is',
  'are',
  'it',
  'its',
  'at',
  'there',
  'has',
  'have',
  'in',
  'to',
  'about',
  'also',
  'then',
  'this',
  'that',
  'here',
  'side',
  'severity',
  'grade',
  'level',
  'plus',
  'size',
  'area',
  'made',
  'please',
  'but',
  'except',
  'instead',
  'okay',
  'ok',
  'set',
  'over',
  ',',
  '.',
  ':',
  '-',
  '–',
  '—',
  '!',
]);
