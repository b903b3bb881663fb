import { UNCORRECTED } from './corrected';
import { USUAL_WRITTEN } from './written';
import { USUAL_CLOTH } from './cutting';
import { EASE_MM, WHIP_TAKE_UP_STITCHES } from '@/core/defaults';
import { DESIGN_FORMAT, DESIGN_VERSION, type Design, type Settings, type SwatchId } from './schema';
import { NOTHING_MORE } from './upgrades';

/** Bodies of the starters, besides what every body has. Sizes ours, rough. */
const STRIP = { kind: 'fold-over-strip', workedFrom: 'front-edge' } as const;
const IN_ROUNDS = { rounds: 'joined', narrowing: null, roundWalk: null } as const;

/** Small working bags to start from, so that nobody begins with an empty form. Their sizes are ours, rough. */
export const STARTERS = [
  {
    id: 'thirds',
    name: 'Clutch in thirds',
    size: [228, 132],
    body: STRIP,
    flap: { kind: 'straight', dropMm: 104 },
  },
  { id: 'letter', name: 'Letter pouch', size: [190, 146], body: STRIP, flap: { kind: 'straight', dropMm: 66 } },
  { id: 'tall', name: 'Tall pouch', size: [124, 176], body: STRIP, flap: { kind: 'straight', dropMm: 92 } },
  {
    id: 'envelope',
    name: 'Envelope',
    size: [206, 134],
    body: STRIP,
    flap: { kind: 'pointed', dropMm: 96, pointMm: 68 },
  },
  {
    id: 'rounded',
    name: 'Rounded satchel',
    size: [218, 172],
    body: STRIP,
    flap: { kind: 'rounded-corners', dropMm: 118, radiusMm: 52 },
  },
  { id: 'open', name: 'Open pouch', size: [152, 196], body: STRIP, flap: { kind: 'none', dropMm: 98 } },
  {
    id: 'half-moon',
    name: 'Half-moon clutch',
    size: [214, 138],
    body: STRIP,
    flap: { kind: 'half-disc', dropMm: 88, increases: 'staggered' },
  },
  {
    id: 'gusset',
    name: 'Satchel with a gusset',
    size: [232, 178],
    body: {
      kind: 'gusset',
      depthMm: 58,
      radiusMm: 37,
      gussetWorked: 'crosswise',
      bandJoined: 'sewn',
      stripTrial: null,
    },
    flap: { kind: 'round', dropMm: 122 },
  },
  {
    id: 'side-bands',
    name: 'Bag with a band in each side',
    size: [224, 146],
    body: { kind: 'side-bands', workedFrom: 'front-edge', depthMm: 54, bandJoined: 'sewn', stripTrial: null },
    flap: { kind: 'straight', dropMm: 97 },
  },
  {
    id: 'boxed',
    name: 'Box bag',
    size: [186, 141],
    body: { kind: 'boxed-corners', workedFrom: 'front-edge', depthMm: 66 },
    flap: { kind: 'tapered', dropMm: 84, edgeWidthMm: 132 },
  },
  {
    id: 'round',
    name: 'Round purse',
    size: [168, 168],
    body: {
      kind: 'round-purse',
      depthMm: 46,
      openMm: 178,
      rounds: 'joined',
      increases: 'staggered',
      bandJoined: 'sewn',
      stripTrial: null,
    },
    flap: { kind: 'none', dropMm: 84 },
  },
  {
    id: 'seamless',
    name: 'Seamless pouch',
    size: [172, 153],
    body: { kind: 'around-chain', start: 'chain', endStitches: 1, ...IN_ROUNDS },
    flap: { kind: 'scalloped', dropMm: 82, scallops: 5, depthMm: 21 },
  },
  {
    id: 'oval',
    name: 'Oval shopper',
    size: [246, 207],
    body: { kind: 'oval-base', depthMm: 92, increases: 'staggered', ...IN_ROUNDS, narrowing: 9 },
    flap: { kind: 'none', dropMm: 96 },
  },
] as const;
export type StarterId = (typeof STARTERS)[number]['id'];

/** The usual settings before a maker has said otherwise. */
export const USUAL_SETTINGS: Settings = {
  lengthUnit: 'cm',
  terms: 'us',
  hand: 'right',
  turningChain: 'does-not-count',
  foundation: 'chain',
};

/** The yarn's weight class, and the hook, that a bag is begun with before anything is measured. */
export interface YarnAndHook {
  /** 0 to 7. */
  weightClass: number;
  hookMm: number;
}

/** What is offered before she names her own: a common yarn, on a hook that gives a firm fabric of it. */
export const USUAL_YARN: YarnAndHook = { weightClass: 3, hookMm: 4 };

/**
 * A whole, workable design from one of the starters, in settings that the maker used last. Nothing of it is measured: its swatch is the
 * yarn's class and the hook, without a reading.
 */
export function starterDesign(
  starterId: StarterId,
  swatchId: SwatchId,
  settings: Settings = USUAL_SETTINGS,
  { weightClass, hookMm }: YarnAndHook = USUAL_YARN,
): Design {
  const starter = STARTERS.find(({ id }) => id === starterId) ?? STARTERS[0];
  const [widthMm, heightMm] = starter.size;
  const inRounds = starter.body.kind !== 'gusset' && !('workedFrom' in starter.body);
  return {
    format: DESIGN_FORMAT,
    version: DESIGN_VERSION,
    name: starter.name,
    notes: '',
    settings,
    contents: {
      items: [],
      thicknessMm: null,
      massG: null,
      firmness: 'soft',
      easeMm: EASE_MM,
      chosenPacking: null,
      carried: 'in-the-hand',
    },
    swatch: {
      id: swatchId,
      name: 'Swatch to be worked',
      yarn: {
        name: `Yarn of class ${weightClass}`,
        colour: 'harbour',
        weightClass,
        ballMassG: null,
        ballLengthM: null,
      },
      hookMm,
      hookLetter: null,
      strands: 1,
      heldWith: [],
      stitch: 'sc',
      standsFor: inRounds ? 'rounds' : 'panel',
      state: 'as-worked',
      stitchReadings: [],
      rowReadings: [],
      thicknessMm: null,
      weighed: null,
    },
    stitch: 'sc',
    ownStitches: [],
    plainEdge: 0,
    body: {
      ...starter.body,
      sizesFrom: 'outside',
      widthMm,
      heightMm,
      chosenStitches: null,
      chosenRows: { front: null, back: null, bridge: null, flap: null },
      seam: { kind: 'whip', finish: 'turned', takeUpStitches: WHIP_TAKE_UP_STITCHES },
    },
    flap: { ...starter.flap, widthMm: null, hemMm: null },
    closures: [],
    straps: [],
    lining: null,
    ...NOTHING_MORE,
    hardware: [],
    yarnAtHandG: [],
    cloth: USUAL_CLOTH,
    worked: null,
    corrected: UNCORRECTED,
    selling: null,
    written: USUAL_WRITTEN,
    furtherYarns: [],
    without: [],
    cameOut: [],
  };
}
