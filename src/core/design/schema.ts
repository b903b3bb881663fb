import { z } from 'zod';
import { CARRYINGS } from './carrying';
import { increases } from './bodies/common';
import type { BodyFacts } from './bodies/facts';
import { foldOverStripFacts, foldOverStripSchema } from './bodies/foldOverStrip';
import { boxedCornersFacts, boxedCornersSchema } from './bodies/boxedCorners';
import { gussetFacts, gussetSchema } from './bodies/gusset';
import { sideBandsFacts, sideBandsSchema } from './bodies/sideBands';
import { roundPurseFacts, roundPurseSchema } from './bodies/roundPurse';
import { aroundChainFacts, aroundChainSchema } from './bodies/aroundChain';
import { ovalBaseFacts, ovalBaseSchema } from './bodies/ovalBase';
import { count, idSchema, lengthMm, massG, shortText } from './fields';
import { edgingSchema } from './fittings/edgings';
import { liningSchema } from './fittings/linings';
import {
  buttonholeSchema,
  hookTapeSchema,
  pressStudSchema,
  tuckLockSchema,
  turnLockSchema,
} from './fittings/flapClosures';
import { MOST_HARDWARE, hardwareSchema } from './fittings/hardware';
import { magneticSnapSchema } from './fittings/magneticSnap';
import {
  buttonLoopSchema,
  drawstringSchema,
  frameSchema,
  partSewnSchema,
  tabSchema,
  toggleLoopSchema,
  zipperSchema,
} from './fittings/mouthClosures';
import { MOST_TRIMS, trimSchema } from './fittings/trims';
import { MOST_POCKETS, pocketSchema } from './fittings/pockets';
import { stiffenerSchema } from './fittings/stiffeners';
import { MOST_STRAPS, strapSchema } from './fittings/straps';
import { LEAST_DROP_MM, LEAST_SHAPE_MM, MOST_HEM_MM, MOST_SIZE_MM } from '@/core/defaults';
import { PANEL_STITCH_IDS } from '@/core/stitches/catalogue';
import { correctedSchema, sellingSchema } from './corrected';
import { YARN_COLOURS, ball, colourRowsSchema, furtherYarnsSchema } from './colours';
import { cameOutSchema, clothSchema } from './cutting';
import { isOwnStitchId, ownStitchIdSchema, ownStitchSchema } from './ownStitchSchema';
import { writtenSchema } from './written';

/**
 * The design document, version 18: only what a maker chose or measured. Lengths in mm, masses in g.
 * Its sentences are shown at the field, so each says what would fit.
 */

export const DESIGN_FORMAT = 'ruelle-design';
export const DESIGN_VERSION = 18;

/** A stitch pattern: one of the catalogue, or one of her own. */
const stitchSchema = z.union([z.enum(PANEL_STITCH_IDS), ownStitchIdSchema], { error: 'Choose a stitch.' });
export type StitchChoice = z.infer<typeof stitchSchema>;

/** The largest design, in characters of its JSON without spaces: what is taken in is no larger, and all of it can be read again. */
export const MOST_DESIGN_CHARACTERS = 1_000_000;

/** A swatch's name for the program. Branded, so that it never passes for a bag's. */
export const swatchIdSchema = idSchema.brand<'SwatchId'>();
export type SwatchId = z.infer<typeof swatchIdSchema>;

const readingSchema = z.strictObject({
  count: z
    .number({ error: 'Write how many you counted.' })
    .min(2, { error: 'Count at least 2.' })
    .max(1000, { error: 'Count 1000 at most.' }),
  lengthMm: lengthMm(5, 2000),
});

/** A piece on the way: so many rows over a length, and, where she measured it, so many stitches over a width; true of the stitch and the hook it is worked in. */
const workedSchema = z.strictObject({
  rows: readingSchema,
  stitches: readingSchema.nullable(),
  stitch: stitchSchema,
  hookMm: lengthMm(0.5, 30),
});

/** None before the swatch is measured. */
const readings = z.array(readingSchema).max(40, { error: 'Forty readings are enough.' });

const yarnSchema = z.strictObject({
  name: shortText(80),
  colour: z.enum(YARN_COLOURS),
  /** The weight class on the label, or null where it names none. */
  weightClass: z.number().int().min(0).max(7).nullable(),
  ...ball,
});

/** Another yarn held together with the first. */
const heldYarnSchema = z.strictObject({ name: shortText(80), strands: count(1, 8), ...ball });
export type HeldYarn = z.infer<typeof heldYarnSchema>;

/** US letters that hooks are marked with. */
export const HOOK_LETTER_NAMES = [
  'B-1',
  'C-2',
  'D-3',
  'E-4',
  'F-5',
  'G-6',
  '7',
  'H-8',
  'I-9',
  'J-10',
  'K-10½',
  'L-11',
  'M/N-13',
  'N/P-15',
] as const;
export type HookLetter = (typeof HOOK_LETTER_NAMES)[number];

const SWATCH_PIECES = ['panel', 'strip', 'rounds', 'border'] as const;

export const swatchSchema = z.strictObject({
  id: swatchIdSchema,
  name: shortText(80),
  yarn: yarnSchema,
  hookMm: lengthMm(0.5, 30),
  /** The letter on the hook, where it has one. Millimetres rule. */
  hookLetter: z.enum(HOOK_LETTER_NAMES).nullable(),
  /** Strands of the yarn held together. */
  strands: count(1, 8),
  /** Other yarns held together with it. */
  heldWith: z.array(heldYarnSchema).max(4, { error: 'Four more yarns are the most.' }),
  /** The stitch pattern that it was worked in. */
  stitch: stitchSchema,
  /** The piece that it is a trial of: gauge differs from one to the other. */
  standsFor: z.enum(SWATCH_PIECES),
  state: z.enum(['as-worked', 'blocked', 'hanging']),
  stitchReadings: readings,
  rowReadings: readings,
  /** Null before it is measured. */
  thicknessMm: lengthMm(0.2, 20).nullable(),
  /** The swatch on the scale: its mass, and its whole size once that is measured; null when it was not weighed. */
  weighed: z
    .strictObject({
      massG: massG(1, 2000),
      widthMm: lengthMm(20, 2000).nullable(),
      heightMm: lengthMm(20, 2000).nullable(),
    })
    .nullable(),
});
export type Swatch = z.infer<typeof swatchSchema>;

/**
 * Whether both ways of a swatch were measured. One that was not is the yarn and the hook only, and no trial of anything.
 *
 * @example
 * isMeasured({ stitchReadings: [{ count: 20, lengthMm: 100 }], rowReadings: [] }) // => false
 */
export const isMeasured = ({ stitchReadings, rowReadings }: Pick<Swatch, 'stitchReadings' | 'rowReadings'>): boolean =>
  stitchReadings.length > 0 && rowReadings.length > 0;

export const settingsSchema = z.strictObject({
  lengthUnit: z.enum(['cm', 'in']),
  terms: z.enum(['us', 'uk']),
  hand: z.enum(['right', 'left']),
  turningChain: z.enum(['does-not-count', 'counts']),
  foundation: z.enum(['chain', 'foundation-stitches']),
});
export type Settings = z.infer<typeof settingsSchema>;

/** A thing's name for the program. Branded, so that it never passes for a swatch's. */
export const thingIdSchema = idSchema.brand<'ThingId'>();
export type ThingId = z.infer<typeof thingIdSchema>;

/** A thing that goes into bags, as a box. */
export const thingSchema = z.strictObject({
  id: thingIdSchema,
  name: shortText(60),
  widthMm: lengthMm(1, 3000),
  heightMm: lengthMm(1, 3000),
  thicknessMm: lengthMm(0.1, 1000),
  /** Of one of them; null when it was not weighed. */
  massG: massG(0, 20000).nullable(),
  /** How it may be turned in the bag. */
  turns: z.enum(['as-it-stands', 'in-the-plane', 'any-way']),
  /** The known thing that its sizes are from, or null where she measured it. */
  known: z.string().max(40).nullable(),
});
export type Thing = z.infer<typeof thingSchema>;

const contentsSchema = z.strictObject({
  /** What goes in, and how many of each. */
  items: z
    .array(z.strictObject({ thing: thingSchema, count: count(1, 30) }))
    .max(40, { error: 'Forty kinds of things are enough for one bag.' }),
  /** How thick the load lies, where she says so herself. Null: as thick as what goes in, packed. */
  thicknessMm: lengthMm(0, 200).nullable(),
  /** Its mass, where she says so herself. Null: what goes in, added up. */
  massG: massG(0, 20000).nullable(),
  firmness: z.enum(['soft', 'stiff']),
  /** Room left across and up beside what is carried. */
  easeMm: lengthMm(0, 100),
  /** The size of the packing she settled on; the nearest that there is will be taken. Null: it follows. */
  chosenPacking: z
    .strictObject({ widthMm: lengthMm(0, 1000), heightMm: lengthMm(0, 1000), thicknessMm: lengthMm(0, 1000) })
    .nullable(),
  carried: z.enum(CARRYINGS),
});
export type Contents = z.infer<typeof contentsSchema>;

/** Bodies: a new construction is a new member here, and a file of its own in `bodies`, and one in core/body/constructions. */
const bodySchema = z.discriminatedUnion('kind', [
  foldOverStripSchema,
  boxedCornersSchema,
  sideBandsSchema,
  gussetSchema,
  roundPurseSchema,
  aroundChainSchema,
  ovalBaseSchema,
]);
export type Body = z.infer<typeof bodySchema>;
export type BodyKind = Body['kind'];

const FACTS: Record<BodyKind, BodyFacts> = {
  'fold-over-strip': foldOverStripFacts,
  'boxed-corners': boxedCornersFacts,
  'side-bands': sideBandsFacts,
  gusset: gussetFacts,
  'round-purse': roundPurseFacts,
  'around-chain': aroundChainFacts,
  'oval-base': ovalBaseFacts,
};

/**
 * What is so of every bag of a construction.
 *
 * @example
 * factsOf('gusset').flapFrom // => 'back'
 */
export const factsOf = (kind: BodyKind): BodyFacts => FACTS[kind];

/** What every flap that goes on from the back has. */
const flapFields = {
  dropMm: lengthMm(LEAST_DROP_MM, MOST_SIZE_MM),
  /** Narrower than the back, centred on it. Null: as wide as the back. */
  widthMm: lengthMm(10, 800).nullable(),
  /** Turned back over the inside of the flap's edge, as over the prongs of a snap. Null: none. */
  hemMm: lengthMm(LEAST_SHAPE_MM, MOST_HEM_MM).nullable(),
};

/** Flaps: a new shape is a new member here, and a file in core/flap/shapes. */
const flapSchema = z.discriminatedUnion('kind', [
  /** Open at the top: the strip ends with the back. What was wished for a flap is kept for when there is one again. */
  z.strictObject({ kind: z.literal('none'), ...flapFields }),
  z.strictObject({ kind: z.literal('straight'), ...flapFields }),
  z.strictObject({ kind: z.literal('tapered'), ...flapFields, edgeWidthMm: lengthMm(LEAST_SHAPE_MM, MOST_SIZE_MM) }),
  /** Straight, then to a point: so far up from the edge the point begins. */
  z.strictObject({ kind: z.literal('pointed'), ...flapFields, pointMm: lengthMm(LEAST_SHAPE_MM, MOST_SIZE_MM) }),
  z.strictObject({ kind: z.literal('rounded-corners'), ...flapFields, radiusMm: lengthMm(LEAST_SHAPE_MM, 400) }),
  /** One curve from side to side: half a circle, or flatter where the flap is shorter than that. */
  z.strictObject({ kind: z.literal('round'), ...flapFields }),
  /** Straight sides, its edge in so many scallops, each worked on its own. */
  z.strictObject({
    kind: z.literal('scalloped'),
    ...flapFields,
    scallops: count(2, 40),
    depthMm: lengthMm(LEAST_SHAPE_MM, MOST_SIZE_MM),
  }),
  /** Half a disc, worked apart and sewn on along its straight side: its diameter is the width of the back. */
  z.strictObject({ kind: z.literal('half-disc'), ...flapFields, increases }),
]);
export type Flap = z.infer<typeof flapSchema>;
export type FlapKind = Flap['kind'];

/** Closures, linings: a new kind is a new member here, and a file of its own in `fittings`. */
const closureSchema = z.discriminatedUnion('kind', [
  magneticSnapSchema,
  pressStudSchema,
  hookTapeSchema,
  turnLockSchema,
  tuckLockSchema,
  buttonholeSchema,
  buttonLoopSchema,
  toggleLoopSchema,
  tabSchema,
  zipperSchema,
  drawstringSchema,
  frameSchema,
  partSewnSchema,
]);
export type Closure = z.infer<typeof closureSchema>;

/** So many closures are planned on one bag. */
export const MOST_CLOSURES = 8;

/** What a bag can go without and still be finished, once she has said so: things to carry that are named, a closure, a lining. */
export const GOES_WITHOUT = ['contents', 'closure', 'lining'] as const;
export type GoesWithout = (typeof GOES_WITHOUT)[number];

export const designSchema = z
  .strictObject({
    format: z.literal(DESIGN_FORMAT),
    version: z.literal(DESIGN_VERSION),
    name: shortText(80),
    notes: z.string().max(5000, { error: 'Keep the notes to 5000 characters.' }),
    settings: settingsSchema,
    contents: contentsSchema,
    swatch: swatchSchema,
    stitch: stitchSchema,
    /** Patterns of her own that this bag or its swatch is worked in. */
    ownStitches: z.array(ownStitchSchema).max(12, { error: 'Twelve patterns of your own are enough for one bag.' }),
    /** Plain stitches worked at each side, beside the pattern. */
    plainEdge: count(0, 12),
    body: bodySchema,
    flap: flapSchema,
    closures: z.array(closureSchema).max(MOST_CLOSURES, { error: 'Eight closures are enough for one bag.' }),
    hardware: z.array(hardwareSchema).max(MOST_HARDWARE, { error: 'Eight kinds of hardware are enough for one bag.' }),
    /** Each strap or handle by itself: two handles are two. */
    straps: z.array(strapSchema).max(MOST_STRAPS, { error: 'Four straps are enough for one bag.' }),
    lining: liningSchema.nullable(),
    pockets: z.array(pocketSchema).max(MOST_POCKETS, { error: 'Eight pockets are enough for one bag.' }),
    stiffener: stiffenerSchema.nullable(),
    trims: z.array(trimSchema).max(MOST_TRIMS, { error: 'Eight trims are enough for one bag.' }),
    edgings: z.array(edgingSchema).max(4, { error: 'Four edgings are enough for one bag.' }),
    /** Yarns of other colours than the swatch's, and the rows that are worked in them. */
    furtherYarns: furtherYarnsSchema,
    colourRows: colourRowsSchema,
    /** What she has said that this bag goes without, so that it isn't asked again. */
    without: z.array(z.enum(GOES_WITHOUT)).max(GOES_WITHOUT.length, { error: 'Each is said once.' }),
    /** What lining and pockets are cut from. */
    cloth: clothSchema,
    /** What she measured of what is finished, each once. */
    cameOut: z.array(cameOutSchema).max(11, { error: 'Each piece is measured once.' }),
    /** What the piece itself measures while it is worked, by which the swatch's gauge is corrected; null before she takes that. */
    worked: workedSchema.nullable(),
    /** What she has taken over from her logbook. */
    corrected: correctedSchema,
    /** How its price is made, if she sells it. */
    selling: sellingSchema.nullable(),
    /** How its pattern is written. */
    written: writtenSchema,
    /** What of each yarn is at hand, weighed, in the order they are held; null where that is not said. */
    yarnAtHandG: z.array(massG(0, 50000).nullable()).max(10, { error: 'Ten yarns are the most.' }),
  })
  .superRefine((design, context) => {
    if (
      design.flap.kind !== 'none' &&
      design.body.sizesFrom !== 'contents' &&
      design.flap.dropMm > design.body.heightMm
    )
      context.addIssue({
        code: 'custom',
        path: ['flap', 'dropMm'],
        message: 'The flap would be longer than the front. Make it shorter, or the bag taller.',
      });
    const sizeNames = new Set([design.written.ownSize.toLowerCase()]);
    design.written.sizes.forEach(({ name }, index) => {
      if (sizeNames.has(name.toLowerCase()))
        context.addIssue({
          code: 'custom',
          path: ['written', 'sizes', index, 'name'],
          message: `Another size is called “${name}” already.`,
        });
      sizeNames.add(name.toLowerCase());
    });
    const names = new Set<string>();
    design.contents.items.forEach(({ thing }, index) => {
      if (names.has(thing.name.toLowerCase()))
        context.addIssue({
          code: 'custom',
          path: ['contents', 'items', index, 'thing', 'name'],
          message: `There is a “${thing.name}” here already. “${thing.name} 2” would do, or count it as two.`,
        });
      names.add(thing.name.toLowerCase());
    });
    design.colourRows.forEach(({ yarn }, index) => {
      if (yarn >= design.furtherYarns.length)
        context.addIssue({
          code: 'custom',
          path: ['colourRows', index, 'yarn'],
          message: 'This yarn is not in the bag.',
        });
    });
    const ownNames = new Set<string>();
    design.ownStitches.forEach(({ name }, index) => {
      if (ownNames.has(name.toLowerCase()))
        context.addIssue({
          code: 'custom',
          path: ['ownStitches', index, 'name'],
          message: `You have a pattern called “${name}” already. “${name} 2” would do.`,
        });
      ownNames.add(name.toLowerCase());
    });
    // All else is bounded field by field and far shorter.
    if (design.ownStitches.length > 0 && JSON.stringify(design).length > MOST_DESIGN_CHARACTERS)
      context.addIssue({
        code: 'custom',
        path: ['ownStitches'],
        message: 'Your patterns are too long together. Take one out, or write fewer or shorter rows.',
      });
    design.edgings.forEach((edging, index) => {
      if (edging.kind === 'own' && !design.ownStitches.some(({ id }) => id === edging.stitch))
        context.addIssue({
          code: 'custom',
          path: ['edgings', index, 'stitch'],
          message: 'The rows of this pattern are not in the bag.',
        });
    });
    if (isOwnStitchId(design.stitch) && !design.ownStitches.some(({ id }) => id === design.stitch))
      context.addIssue({ code: 'custom', path: ['stitch'], message: 'The rows of this pattern are not in the bag.' });
  });
export type Design = z.infer<typeof designSchema>;
