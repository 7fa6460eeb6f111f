import type { Severity } from '../contaminant.ts';
import type { RateRange } from '../method.ts';

const severityTimeFactor: Readonly<Record<Severity, number>> = { 1: 0.6, 2: 1, 3: 1.4, 4: 2 };
const spray: RateRange = { lowSquareMetresPerHour: 250, highSquareMetresPerHour: 400 };
const plainRinse: RateRange = { lowSquareMetresPerHour: 150, highSquareMetresPerHour: 250 };

/** Figures of the trade that belong to no single entry; each will be a setting of the company. Source: trade default. */
export const TRADE_DEFAULTS = {
  // Ranking; the weights are entries of their own.
  /** Run-off that reaches water multiplies the weight of harm around. */
  waterHarmFactor: 2,
  /** Grades of risk more: salts in a stone that they burst, a machine's jet on what is weak or old. */
  saltsRisk: 1,
  frailRisk: 2,
  /** Buildings from before may hold asbestos in cement and felt, or lead in paint; the bans differ by country. */
  asbestosUntil: 2000,
  leadUntil: 1980,
  /** From this severity on growth soaks the mix up; from this air on a surface in the sun does. */
  preWet: { overgrownFrom: 4, hotFromCelsius: 25 },
  /** From this severity on the strip of a floor along a door gets the strong mix: how wide, and how long by a door and by a garage or roller door. */
  doorStrip: { severityFrom: 3, metresWide: 0.5, metresAlong: 1.2, metresAlongGates: 2.5 },
  /** pH of the run-off of a class of agents, as the rinse thins it: what it does to other surfaces by that alone. */
  runOffPH: { acid: 2.5, caustic: 12.8, 'mild-alkaline': 11.5 } as Readonly<Record<string, number>>,
  /** Goes in a wash on the day; a biocide that is left on takes weeks for it. */
  washesOff: ['green-algae', 'red-algae', 'mildew', 'biofilm', 'roof-streaks'] as readonly string[],
  /** A method with such a result removes what it treats; below it lessens it. */
  removesFrom: 4,
  /** From this severity on something that only lessens it is proposed only where nothing removes it. */
  severeFrom: 3,
  /** What goes slower than this is for spots and details, up to so much of a surface. */
  bitByBitSquareMetresPerHour: 8,
  bitByBitSquareMetres: 10,
  /** What others do is proposed last. */
  byOthersMalus: 20,
  /** How what is put on a face comes to something else, beside run-off over it. */
  mostHarmed: 4,
  exposure: { drip: 2, runOff: 1, beside: 0.5 },
  /** Above this tilt what is sprayed drips. */
  overheadDegrees: 120,
  /** What is on for no longer harms so much less; so does what is brushed or laid on by hand. */
  brieflyMinutes: 2,
  brieflyShare: 0.5,
  byHandShare: 0.3,
  /** Floors from this size on are not worked by hand where a machine may go, on which a hand is slower than this. */
  handWorkSquareMetres: 50,
  handWorkSquareMetresPerHour: 60,
  /** A method that spares what stands below does it well enough with such a result. */
  sparesFrom: 3,
  /** A face gets one coat: each further one, or sand and a coat apart where one method is both. */
  secondCoatMalus: 20,

  // Production. Factors are on the time.
  severityTimeFactor,
  shadedTimeFactor: 1.25,
  highTimeFactor: 1.2,
  highAboveMetres: 3,
  spray,
  plainRinse,

  // Dwell: what warmth and cold take off or add, as a share of the span between its bounds.
  warmCelsius: 25,
  coolCelsius: 10,
  dwellTemperatureShare: 0.25,

  // Mixes.
  /** A mix does the same within these shares of the wanted strength; of a neutraliser more does no harm, of one that is an acid a little. */
  /** What other hours a day is compared with: a lunch of so long, a start so much earlier, and none before that time, s after midnight. */
  comparedLunchMinutes: 30,
  comparedEarlierSeconds: 5400,
  comparedEarliestSecond: 18_000,
  /** Whoever begins so long before it is light means to work at night by lamps, s. */
  nightWorkSeconds: 7200,
  /** However narrow the hours of a property and the light are, a day is so long, s. */
  shortestDaySeconds: 1800,
  /** A part of the day in which a face dries by no more than this share of its hardest hour is worth waiting for, */
  gentleShare: 0.75,
  /** if it is so many hours long. */
  leastGentleHours: 3,
  /** and if the face goes by so many minutes faster then. */
  gentleGainMinutes: 5,
  strengthBand: { weakestShare: 0.8, strongestShare: 1.25 },
  neutraliserStrongestShare: 5,

  // Chains.
  /** Faces that stand so much may be treated stronger first, kPa. */
  robustKilopascal: 60,
  /** Faces from this sorptivity on drink, kg/(m²·√s): pre-wetting pays. */
  thirstySorptivity: 0.008,
  readingMinutes: 2,
  neutraliserLitresPerSquareMetre: 0.3,
  neutraliserWorksSeconds: 60,
  /** After the rinse, while the face is still wet: wanted within the first, told to whoever plans from the second on. */
  neutraliseSoonSeconds: 300,
  neutraliseLateSeconds: 1800,
  /** Before what is left on a face that its method does not ask to be dry for longer: a weed killer wants a dry leaf. */
  dryLeafDays: 1,
  /** Between these a rinsed face counts as neutral, pH. */
  neutralPH: { from: 6, to: 8 },

  /** How badly the washing of a sand joint empties it. */
  washedJointSeverity: 2,

  /** Paving that neither the survey nor its material describes, mm. */
  usualPaving: { lengthMillimetres: 200, widthMillimetres: 100, jointMillimetres: 4, depthMillimetres: 60 },
  /** Loose and dry. */
  jointSandKilogramsPerCubicMetre: 1600,
  sandBagKilograms: 25,
  /** A sack that one person still carries when it is full of wet moss or silt. */
  solidsSackLitres: 40,

  // Wet windows and fronts.
  /** Kept back of the latest rinse by who stays with the front. */
  frontSlackMinutes: 0.5,
  /** What one reaches without a step to the side. */
  reachMetres: 1.2,
  /** Widths of strips in reaches. */
  stripReaches: [8, 6, 4, 3, 2, 1, 1 / 2, 1 / 3, 1 / 4, 1 / 6, 1 / 8, 1 / 12, 1 / 16, 1 / 24],
  smallestStripSquareMetres: 0.5,
  /** A strip across a floor or a roof is no longer than this. */
  longestFloorStripMetres: 5,
  /** Nobody keeps an eye on more than this at once. */
  /** A natural piece that is too large at once is worked in so many equal parts. */
  partsOfPiece: [2, 3, 4, 6, 8],
  greatestWetSquareMetres: 60,
  /** One tool put down and the next one taken up. */
  toolChangeMinutes: 0.25,
  /** After it a front is cut where all its strips are finished. */
  longestFrontMinutes: 90,
  /** Two people take the widest strips with which they are as quick as with any, or slower by this factor at most. */
  pairNearlyAsQuick: 1.1,
  /** A piece is left to dwell alone from this size on, or the whole surface, and for so long. */
  leastPieceSquareMetres: 8,
  leastAbsenceMinutes: 6,
  /** Mist passes come at this share of the wet window. */
  mistMargin: 0.8,
  /** Spreading a mist over what is wet goes faster than a coat. */
  mistSpeedFactor: 1.5,
  mistLitresPerSquareMetre: 0.06,
  shortestMistIntervalMinutes: 1 / 3,

  // The visit.
  /** Whoever comes later rigs for themselves, and packs up if they leave before the end. */
  joinSeconds: 300,
  /** Two pairs of hands take so much of the time of one; an end that is so much sooner is worth telling, and a rinse that is late so often. */
  helpedFactor: 0.6,
  helpfulSeconds: 240,
  lateWorthTelling: 0.02,
  /** A dwell that is longer by a tenth is no harm yet. */
  lateGraceShare: 0.1,
  /** A jet that puts on less than this share of what a face allows needs no drawing on an order. */
  forceWorthDrawing: 0.7,
  /** Conditions in which nobody stands on a roof. */
  notWalkedOn: [
    'slipped',
    'brittle',
    'cracked',
    'rotten',
    'corroded',
    'perhaps-asbestos',
  ] as readonly string[],
  watchesPerPerson: 2,
  setOutSeconds: 900,
  clearUpSeconds: 900,
  /** Gear on, measured, labelled and washed up; then the water runs in. */
  mixSeconds: 180,
  fillSecondsPerLitre: 5,
  /** What is ready to use is filled into the sprayer or the pail as it is. */
  pourSeconds: 60,
  /** People also walk, mix and wait for each other: a visit takes so much longer than its work shared out. */
  visitLongerFactor: 1.3,
  /** With hose and tools in hand to another side, and how much of the time for another side is put down and taken up. */
  carriedMetresPerSecond: 0.5,
  takenOverShare: 0.5,
  /** Who stays where they are may finish so much later than somebody who would come over: it reads and works better. */
  stayingSeconds: 90,
  /**
   * So much longer than its work shared out a day takes; beside it so much for each surface, for covers and ways, and so much for each
   * agent, for what is mixed, changed and waited for. Fitted to 77 days of made-up properties, of which 6 take longer
   */
  dayLikelyFactor: 1.2,
  besidesSeconds: 360,
  agentSeconds: 300,
  /** A face that is worked over more days than this is two jobs. */
  mostDaysOfFace: 12,
  /** Hands on the faces for less than this share of the day: it has room for all. */
  surelyFitsShare: 0.4,
  /** A visit takes about so much longer than the longest of its chains and loads. */
  visitLikelyFactor: 1.15,
  /** After a longer pause that is no dwell somebody is at something else: another round. */
  roundPauseMinutes: 10,
  /** A round fewer to read and to set up for is worth a day that ends so much later. */
  roundWorthSeconds: 180,
  /** A mix that does not last the day is put on so soon after it was made. */
  freshWithinMinutes: 5,
  /** From so many fillings of the sprayer on a drum is mixed, where there is one. */
  fillingsForDrum: 3,
  /** Nothing stronger stands in the tank of an injector, g/L. */
  strongestTankGramsPerLitre: 125,
  /** Untied work is cut so that a person is free again within half an hour. */
  longestPieceSeconds: 1800,
  /** Work from this height above a lower surface on is overhead. */
  overheadMetres: 3,
  /** A wall whose foot is no higher than this above a floor is splashed when the floor is washed. */
  splashMetres: 1,
  /** A face that lies flatter than this is a floor: water stands on it, and washing it splashes up. */
  levelDegrees: 20,
  footRinseMetres: 1,
  smallestMixLitres: 1,

  /** Wood is stained, oiled and sealed at this moisture or less. */
  greatestWoodMoisturePercent: 18,
  /** Of stone, brick, render and concrete before sand or a coat; a damp face is read again after so many days. */
  greatestMasonryMoisturePercent: 4,
  readAgainDays: 2,

  // Stock.
  /** From this loss on by the estimate alone a lot is read before it is mixed. */
  guessedLossShare: 0.2,

  /** A mix that keeps this long outlives the way from the yard and the day of work, h. */
  yardMixHours: 24,

  // Water.
  fedBrushLitresPerMinute: 4,
  plainRinseLitresPerSquareMetre: 4,
  /** Of a tap that nobody has measured: pressure, bar, and the least and the most that it is likely to give, L/min. */
  tapBar: 3,
  tapLitresPerMinute: [8, 20],
  /** Share of a pump's pressure that its hose may eat. */
  hoseMayLoseShare: 0.1,
  /** Carried beyond the way that was paced. */
  spareHoseShare: 0.1,
  /** A truck brings so much, unless the company says otherwise. */
  truckLitres: 1000,
  greatestTankLitres: 20_000,
  tankStepLitres: 50,
  /** A wide supply hose, three quarters of an inch. */
  wideHoseMillimetres: 19.05,
  /** Tips are changed for no less than this share of the flow. */
  leastNozzleShare: 0.2,
  handsMetres: 1.5,
  /** A proposal is stood by for so long; the customer is asked for water from so many litres on. */
  proposalDays: 30,
  /** Photos on it at most: more make it longer, not clearer. */
  proposalPhotos: 4,
  askedForWaterLitres: 20,
  /** Whose feet are higher than that on a ladder has somebody at its foot; a step ladder stands by itself. */
  footedFromMetres: 2,
  /** Nobody holds a pole straight overhead: so far from the foot of the face. */
  poleStandOffMetres: 1,
  /** Of what comes onto a face, what runs off it; thirsty faces keep more. */
  runOffShare: 0.95,
  thirstyRunOffShare: 0.8,

  // Diagnosis.
  /** From this probability on a mark may be settled as its most probable candidate. */
  surenessNeeded: 0.85,
  /** What a drop leaves on the area that it spreads over, kg/m²: 0.05 mL on 1.5 cm². */
  dropKilogramsPerSquareMetre: 0.33,
  /** A measured sorptivity is held within these, kg/(m²·√s). */
  leastSorptivity: 0.0001,
  greatestSorptivity: 0.3,

  // What the customer is told.
  /** Faces that drink so much show for days that they were wet, kg/(m²·√s). */
  patchySorptivity: 0.02,
  /** From so much on a face has pores in which something can stay. */
  poresFromSorptivity: 0.0005,
  /** From this share on a face counts as cleaned whole: no edge shows. */
  wholeFaceShare: 0.95,
  /** Between so many days what is left on shows its result. */
  slowResultDays: [180, 540],

  // Weather.
  /** Hours count as easy from this share of the largest section on. */
  easyHourShare: 0.8,
  /** Net W/m² on every face where the sun cannot be placed. */
  radiationWithoutSun: 250,
  /** From the coolest hour to the warmest under a clear sky, K; cloud takes the share of it that follows off. */
  clearDaySwingKelvin: 10,
  cloudTakesOffSwing: 0.6,
  /** The warmest hour by the sun's noon, hours after it. */
  warmestHoursAfterNoon: 2.5,
  /** Shares of the direct sun and of the sky that what stands around a side leaves. */
  sunShare: { open: 1, part: 0.6, trees: 0.3, building: 0.15 },
  skyShare: { open: 1, part: 0.8, trees: 0.6, building: 0.6 },
  /** From here on it counts as sun on a cover, net W/m². */
  sunWattsPerSquareMetre: 150,
  /** Above it spray reaches what stands on the same side. */
  driftReachMetresPerSecond: 3,
  driftWarnedMetresPerSecond: 5,
  driftStoppedMetresPerSecond: 8,
  /** Weed killer that drifts kills what is meant to live: as most labels have it. */
  weedKillerStoppedMetresPerSecond: 4,
  coldCelsius: 5,
} as const;
