import {
  USUAL_HARDWARE,
  USUAL_POCKETS,
  USUAL_TRIMS,
  starterDesign,
  usualButtonLoop,
  usualButtonhole,
  usualDrawstring,
  usualCanvas,
  usualDropIn,
  usualFlapLining,
  usualSnap,
  usualEdging,
  usualHung,
  usualStrap,
  usualTuckLock,
  usualTurnLock,
  usualZipper,
  type AroundChain,
  type Body,
  type Contents,
  type Design,
  type FoldOverStrip,
  type Gusset,
  type OvalBase,
  type RoundPurse,
  type StrapTrial,
  type Thing,
  type WorkedStrap,
  type WorkedStrapKind,
  usualLining,
} from '@/core/design';
import { bandstandLinen, harbourCotton, meadowCotton, meadowRounds } from './demoSwatches';
import { THINGS } from './demoThings';

/**
 * The demo: the brass band of a small village prepares its tour, and a maker supplies it with bags. Everything in it is
 * invented.
 */

const carrying = (
  items: [Thing, number][],
  parts: Pick<Contents, 'firmness' | 'carried'> & Partial<Contents>,
): Contents => ({
  thicknessMm: null,
  massG: null,
  easeMm: 12,
  chosenPacking: null,
  ...parts,
  items: items.map(([one, count]) => ({ thing: one, count })),
});

/** A body of another construction, in its own sizes. */
const made = <B extends Body>(
  own: Omit<B, keyof typeof SHARED | 'widthMm' | 'heightMm'>,
  widthMm: number,
  heightMm: number,
): B => ({ ...SHARED, ...own, widthMm, heightMm }) as unknown as B;

const SHARED = {
  sizesFrom: 'contents',
  chosenStitches: null,
  chosenRows: { front: null, back: null, bridge: null, flap: null },
  seam: { kind: 'mattress', finish: 'turned', takeUpStitches: 0.75 },
} as const;

const body = (widthMm: number, heightMm: number): FoldOverStrip => ({
  ...(starterDesign('thirds', harbourCotton.id).body as FoldOverStrip),
  sizesFrom: 'contents',
  widthMm,
  heightMm,
});

const strap = (own: Partial<WorkedStrap>): WorkedStrap => ({ ...usualStrap(), ...own }) as WorkedStrap;

/** A trial strip that was measured slack and fully pulled. */
const trial = (
  of: WorkedStrapKind,
  measured: Pick<StrapTrial, 'rows' | 'slackMm' | 'pulledMm'> & Partial<StrapTrial>,
): StrapTrial => ({
  of,
  stitch: 'sc',
  slackWidthMm: null,
  loaded: [],
  pulledWidthMm: null,
  ...measured,
});

/** The bags of the demo, the first to be shown last. */
export function demoBags(): Design[] {
  const base = starterDesign('thirds', harbourCotton.id);
  const plain = { closures: [], hardware: [], straps: [], lining: null };
  return [
    {
      ...base,
      ...plain,
      name: 'Wallet for the solo parts',
      notes: 'In drops, so that it grips. Its border shows all round: it is joined through the outer loops.',
      contents: carrying(
        [
          [THINGS.soloParts, 1],
          [THINGS.pencil, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: harbourCotton,
      stitch: 'raised-drops',
      body: { ...body(196, 118), seam: { kind: 'outer-loops', finish: 'showing', takeUpStitches: 0 } },
      flap: { kind: 'straight', dropMm: 69, widthMm: null, hemMm: null },
      edgings: [usualEdging('slip-stitch', 'strip')],
      lining: {
        ...usualFlapLining(),
        stuff: 'felt',
        thicknessMm: 1.1,
        insetMm: 5,
        joined: 'through-holes',
        pitchMm: 7,
      },
      closures: [{ ...usualButtonhole(), diameterMm: 18, thicknessMm: 3, insetMm: 17 }],
      trims: [{ ...USUAL_TRIMS.beads, edge: 'flap', every: 3, diameterMm: 4, holeMm: 1.4 }],
    },
    {
      ...base,
      ...plain,
      name: 'Bobbled case for the tuner',
      notes: 'Bobbles on the front; the folds should lie between them.',
      contents: carrying(
        [
          [THINGS.tuner, 1],
          [THINGS.pencil, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: harbourCotton,
      stitch: 'bobble-field',
      body: body(204, 131),
      flap: { kind: 'straight', dropMm: 83, widthMm: null, hemMm: null },
      lining: { ...usualLining(), allowanceMm: 18, insetMm: 3.5, thicknessMm: 0.35 },
      closures: [{ ...usualTurnLock(), widthMm: 31, heightMm: 18, postMm: 9, insetMm: 26, mate: 'both' }],
    },
    {
      ...base,
      ...plain,
      name: 'Raffle purse',
      notes: 'Goes round the hall between the pieces.',
      contents: carrying([[THINGS.coinBag, 1]], { firmness: 'soft', carried: 'in-the-hand' }),
      swatch: meadowRounds,
      body: made<RoundPurse>(
        {
          kind: 'round-purse',
          depthMm: 44,
          openMm: 147,
          rounds: 'joined',
          increases: 'as-needed',
          bandJoined: 'sewn',
          stripTrial: { rows: 18, lengthMm: 103 },
        },
        148,
        148,
      ),
      flap: { kind: 'none', dropMm: 70, widthMm: null, hemMm: null },
      closures: [{ ...usualZipper({ lining: null }), pitchMm: 8 }],
      // The band goes on at both sides: a long loop for the wrist, passed through a short one.
      straps: [
        strap({
          widthMm: 44,
          wornLengthMm: 318,
          over: 'on-the-wrist',
          school: 'loaded',
          ends: { kind: 'grown', shortLoopMm: 122 },
          sample: trial('plain', { rows: 21, slackMm: 118, pulledMm: 139 }),
        }),
      ],
    },
    {
      ...base,
      ...plain,
      name: 'Oil and rag pouch',
      notes: 'One for every valve instrument.',
      contents: carrying([[THINGS.mouthpiece, 1]], { firmness: 'soft', carried: 'in-the-hand' }),
      swatch: meadowRounds,
      body: made<AroundChain>(
        {
          kind: 'around-chain',
          start: 'chain',
          rounds: 'joined',
          endStitches: 1,
          narrowing: null,
          roundWalk: { rounds: 14, stitches: 3.5 },
        },
        118,
        126,
      ),
      flap: { kind: 'scalloped', dropMm: 71, widthMm: null, hemMm: null, scallops: 4, depthMm: 18 },
      trims: [{ ...USUAL_TRIMS.pompon, diameterMm: 34, wraps: 90, fromEdgeMm: 47 }],
      straps: [
        {
          kind: 'metal-chain',
          ...usualHung(),
          widthMm: 9,
          thicknessMm: 2.6,
          massPerMetreG: 118,
          wornLengthMm: 352,
          over: 'on-the-wrist',
          overlapMm: 8,
          ends: { kind: 'clasp', lengthMm: 31, innerMm: 12, tabMm: 7 },
        },
      ],
    },
    {
      ...base,
      ...plain,
      name: 'Basket for the tea urn keeper',
      notes: '',
      contents: carrying(
        [
          [THINGS.pastilles, 2],
          [THINGS.hallKeys, 1],
          [THINGS.glasses, 1],
        ],
        { firmness: 'soft', carried: 'in-the-hand' },
      ),
      swatch: meadowRounds,
      body: made<OvalBase>(
        {
          kind: 'oval-base',
          depthMm: 78,
          rounds: 'joined',
          increases: 'as-needed',
          narrowing: 8,
          roundWalk: null,
        },
        214,
        163,
      ),
      flap: { kind: 'none', dropMm: 70, widthMm: null, hemMm: null },
      // The colours of the band’s pennant.
      furtherYarns: [{ name: 'Pennant cotton', colour: 'madder', ballMassG: 50, ballLengthM: 88 }],
      colourRows: [{ yarn: 0, fromRow: 7, rows: 3, everyRows: 11, piece: 'sides' }],
      closures: [
        {
          ...usualDrawstring(),
          cordMm: 3.5,
          belowRows: 4,
          everyMm: 31,
          closedBy: 'bead',
          beadHoleMm: 6,
          ends: 'tassels',
        },
      ],
      // So that the keys are not looked for under the pastilles.
      pockets: [
        { ...USUAL_POCKETS.slip, holds: THINGS.hallKeys.id, fromMouthMm: 37, acrossMm: 11, seamMm: 9, hemMm: 17 },
      ],
      // For a ribbon in the colours of the hall.
      hardware: [{ ...USUAL_HARDWARE.ring, held: 'tab', shape: 'd', insideMm: 27, wireMm: 3.8, fromEdgeMm: 44 }],
      straps: (['front', 'back'] as const).map((on) =>
        strap({
          kind: 'tube',
          widthMm: 17,
          wornLengthMm: 374,
          school: 'loaded',
          overlapMm: 34,
          feet: { on, inStitches: 8 },
          ends: { kind: 'sewn', lie: 'outside', stitching: 'box' },
          sample: trial('tube', { rows: 33, slackMm: 171, pulledMm: 186 }),
        }),
      ),
    },
    {
      ...base,
      name: 'Librarian’s satchel',
      trims: [{ ...USUAL_TRIMS.tassel, on: 'flap', fromEdgeMm: 6, lengthMm: 27, wraps: 24 }],
      notes: 'For the band’s librarian: the part books of one concert.',
      contents: carrying(
        [
          [THINGS.marchCards, 2],
          [THINGS.pencil, 2],
        ],
        { firmness: 'stiff', carried: 'across-the-body' },
      ),
      swatch: bandstandLinen,
      stitch: 'hdc',
      body: made<Gusset>(
        {
          kind: 'gusset',
          depthMm: 61,
          radiusMm: 8,
          gussetWorked: 'crosswise',
          bandJoined: 'sewn',
          stripTrial: { rows: 17, lengthMm: 131 },
        },
        223,
        168,
      ),
      flap: { kind: 'round', dropMm: 117, widthMm: null, hemMm: null },
      closures: [{ ...usualSnap(), diameterMm: 18, insetMm: 31 }],
      straps: [
        {
          kind: 'plain',
          widthMm: 61,
          wornLengthMm: 1090,
          school: 'slack',
          sample: {
            of: 'plain',
            stitch: 'hdc',
            rows: 26,
            slackMm: 199,
            slackWidthMm: null,
            loaded: [],
            pulledMm: 223,
            pulledWidthMm: null,
          },
          overlapMm: 34,
          ...usualHung(),
          // The gusset goes on as the strap.
          ends: { kind: 'grown', shortLoopMm: null },
        },
      ],
      lining: {
        ...usualDropIn({ body: { kind: 'gusset' } }),
        seamMm: 8,
        hemMm: 16,
        easeMm: 5,
        belowMm: 11,
        thicknessMm: 0.35,
      },
      // The part books stand on a base that does not sag.
      stiffener: { ...usualCanvas({ body: { kind: 'gusset' } }), smallerMm: 4.5, cornerMm: 7, thicknessMm: 1.6 },
    },
    {
      ...base,
      name: 'Pouch for march cards',
      notes: 'For the third cornets. The cards are 10 mm thick in their band.',
      contents: carrying(
        [
          [THINGS.marchCards, 1],
          [THINGS.pencil, 2],
        ],
        {
          firmness: 'stiff',
          carried: 'in-the-hand',
          chosenPacking: { widthMm: 174, heightMm: 135, thicknessMm: 9 },
        },
      ),
      swatch: bandstandLinen,
      stitch: 'hdc',
      body: body(212, 148),
      flap: { kind: 'pointed', dropMm: 84, widthMm: null, hemMm: null, pointMm: 44 },
      edgings: [usualEdging('shell', 'flap')],
      closures: [{ ...usualButtonLoop(), diameterMm: 19, thicknessMm: 4, belowMm: 13 }],
      straps: [],
      lining: null,
    },
    {
      ...base,
      name: 'Treasurer’s shoulder bag',
      trims: [{ ...USUAL_TRIMS.patch, on: 'flap', widthMm: 52, heightMm: 27, fromEdgeMm: 71 }],
      notes: '',
      contents: carrying(
        [
          [THINGS.cashBook, 1],
          [THINGS.coinBag, 2],
          [THINGS.hallKeys, 1],
          [THINGS.pencil, 1],
        ],
        {
          firmness: 'soft',
          carried: 'across-the-body',
          chosenPacking: { widthMm: 218, heightMm: 187, thicknessMm: 30 },
        },
      ),
      swatch: meadowCotton,
      body: body(246, 204),
      flap: { kind: 'rounded-corners', dropMm: 137, widthMm: null, hemMm: null, radiusMm: 46 },
      closures: [
        { ...usualTuckLock(), widthMm: 47, heightMm: 27.5, prongMm: 8.5, insetMm: 33, layout: 'pair', inMm: 58 },
      ],
      // The keys hang outside, within reach.
      hardware: [{ ...USUAL_HARDWARE.clasp, on: 'back', insideMm: 16, lengthMm: 39, fromEdgeMm: 31 }],
      straps: [
        {
          kind: 'plain',
          widthMm: 37,
          wornLengthMm: 1085,
          school: 'pulled',
          sample: {
            of: 'plain',
            stitch: 'sc',
            rows: 34,
            slackMm: 192,
            slackWidthMm: 29,
            loaded: [
              { massG: 250, lengthMm: 202 },
              { massG: 700, lengthMm: 211 },
            ],
            pulledMm: 217,
            pulledWidthMm: 25.5,
          },
          overlapMm: 33,
          ...usualHung(),
        },
      ],
      lining: null,
      pockets: [{ ...USUAL_POCKETS.loop, holds: THINGS.pencil.id, fromMouthMm: 47, acrossMm: -72, heightMm: 12 }],
    },
    {
      ...base,
      name: 'Clutch for glasses and a mouthpiece',
      trims: [{ ...USUAL_TRIMS.flower, on: 'flap', petals: 7, petalChains: 6, fromEdgeMm: 44 }],
      notes: 'For the conductor: reading glasses, a cornet mouthpiece, a pencil.',
      contents: carrying(
        [
          [THINGS.glasses, 1],
          [THINGS.mouthpiece, 1],
          [THINGS.pastilles, 1],
        ],
        {
          firmness: 'soft',
          carried: 'on-the-wrist',
          chosenPacking: { widthMm: 139, heightMm: 108, thicknessMm: 28 },
        },
      ),
      swatch: harbourCotton,
      body: body(176, 107),
      flap: { kind: 'straight', dropMm: 78, widthMm: null, hemMm: null },
      closures: [{ ...usualSnap(), diameterMm: 16, insetMm: 19 }],
      straps: [
        strap({
          kind: 'double',
          widthMm: 19,
          wornLengthMm: 342,
          overlapMm: 21,
          ends: { kind: 'clasp', lengthMm: 34, innerMm: 20, tabMm: 8 },
          sample: trial('double', { rows: 62, slackMm: 184, pulledMm: 201, stitch: 'double-thickness' }),
        }),
      ],
      lining: { ...usualLining(), allowanceMm: 17, insetMm: 3.5, thicknessMm: 0.35 },
    },
  ];
}
