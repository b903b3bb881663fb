import { EASE_MM } from '@/core/defaults';
import type { DesignEdit } from '@/core/problems';
import { OF_ONE_COLOUR } from './colours';
import { UNCORRECTED } from './corrected';
import { USUAL_WRITTEN } from './written';
import { USUAL_PRONG_MM } from './fittings/magneticSnap';
import { LINING_THICKNESS_MM } from '@/core/defaults';
import { USUAL_ACROSS } from './fittings/onFlap';
import { STITCHES, plainStitchOf, type StitchPattern } from '@/core/stitches';

/** What a design has room for and nothing plans yet. */
export const NOTHING_MORE = { pockets: [], stiffener: null, trims: [], edgings: [], colourRows: [] };

/** Brings a document of one version to the next one. It gets plain data and gives plain data. */
export type Upgrade = (document: Record<string, unknown>) => Record<string, unknown>;

/** Version 2 asks a swatch for its stitch, its strands, the letter on its hook and the class of its yarn. */
function swatchOfVersion2(swatch: unknown, stitch: unknown): Record<string, unknown> {
  const old = (swatch ?? {}) as Record<string, unknown>;
  const yarn = (old.yarn ?? {}) as Record<string, unknown>;
  return { ...old, stitch, strands: 1, hookLetter: null, yarn: { ...yarn, weightClass: null } };
}

/** The plain stitch of the bag, which its strap is worked in. */
function plainStitchOfVersion5({ stitch, ownStitches }: Record<string, unknown>): string {
  const name = String(stitch);
  const known = Object.hasOwn(STITCHES, name) ? (STITCHES as Record<string, StitchPattern>)[name] : undefined;
  if (known) return plainStitchOf(known).id;
  const own = Array.isArray(ownStitches)
    ? (ownStitches as { id?: unknown; base?: unknown }[]).find(({ id }) => id === stitch)
    : undefined;
  return typeof own?.base === 'string' && own.base in STITCHES ? own.base : STITCHES.sc.id;
}

/** What version 8 asks of a trial strip besides its length slack and fully pulled. */
const withoutWeights = <Sample>(sample: Sample) =>
  sample && typeof sample === 'object'
    ? { ...sample, of: 'plain', slackWidthMm: null, loaded: [], pulledWidthMm: null }
    : sample;

const strapOfVersion8 = (strap: unknown): unknown =>
  strap && typeof strap === 'object' && 'sample' in strap ? { ...strap, sample: withoutWeights(strap.sample) } : strap;

/** What version 9 asks of a strap besides: how its length is given, what it lies over, its ends, what adjusts it, its feet. */
const strapOfVersion9 = (strap: unknown): unknown =>
  strap && typeof strap === 'object'
    ? {
        ...strap,
        given: { by: 'tape' },
        over: null,
        ends: { kind: 'sewn', lie: 'inside', stitching: 'round-and-across' },
        adjust: { kind: 'none' },
        feet: { on: 'sides' },
      }
    : strap;

const strapsOfVersion9 = (straps: unknown): unknown => (Array.isArray(straps) ? straps.map(strapOfVersion9) : straps);

const strapsOfVersion8 = (straps: unknown): unknown => (Array.isArray(straps) ? straps.map(strapOfVersion8) : straps);

/** What version 10 asks of a snap: how it is held, which was by prongs before. */
const closureOfVersion10 = (closure: unknown): unknown =>
  closure && typeof closure === 'object' && 'kind' in closure && closure.kind === 'magnetic-snap'
    ? { ...closure, fixing: 'prongs' }
    : closure;

const closuresOfVersion10 = (closures: unknown): unknown =>
  Array.isArray(closures) ? closures.map(closureOfVersion10) : closures;

/** What version 10 asks of a body with a gusset or a band: whether it is sewn in, as it was before, or joined as it is worked. */
const bodyOfVersion10 = (body: unknown): unknown =>
  body && typeof body === 'object' && 'kind' in body && (body.kind === 'gusset' || body.kind === 'round-purse')
    ? { ...body, bandJoined: 'sewn' }
    : body;

/** What version 11 asks of a closure besides: where along the row it is, how long its prongs are, where a buttonhole is, the ends of cords. */
const closureOfVersion11 = (closure: unknown): unknown => {
  if (!closure || typeof closure !== 'object' || !('kind' in closure)) return closure;
  return {
    ...closure,
    ...('layout' in closure ? { inMm: null, count: USUAL_ACROSS.count } : {}),
    ...(closure.kind === 'magnetic-snap' ? { prongMm: USUAL_PRONG_MM } : {}),
    ...(closure.kind === 'buttonhole' ? { madeIn: 'row' } : {}),
    ...(closure.kind === 'drawstring' ? { ends: 'knots' } : {}),
  };
};

const closuresOfVersion11 = (closures: unknown): unknown =>
  Array.isArray(closures) ? closures.map(closureOfVersion11) : closures;

/** What version 11 asks of a trim: whether a flower has a button in its middle, and what a bow is of. */
const trimOfVersion11 = (trim: unknown): unknown => {
  if (!trim || typeof trim !== 'object' || !('kind' in trim)) return trim;
  return {
    ...trim,
    ...(trim.kind === 'flower' ? { buttonMm: null } : {}),
    ...(trim.kind === 'bow' ? { of: 'crochet' } : {}),
  };
};

const trimsOfVersion11 = (trims: unknown): unknown => (Array.isArray(trims) ? trims.map(trimOfVersion11) : trims);

/** What version 12 asks of a lining: what it is of, how it is joined, and its holes; before, cloth that was whipped in by hand. */
const liningOfVersion12 = (lining: unknown): unknown => {
  if (!lining || typeof lining !== 'object') return lining;
  // How thick it is was asked before.
  return {
    ...{ stuff: 'cloth', thicknessMm: LINING_THICKNESS_MM, joined: 'by-hand', pitchMm: 8, holesInMm: 8, counted: null },
    ...lining,
  };
};

/** What version 14 asks of a lining besides: how many layers, what is stuck to them, how they are perforated, and how a bag of cloth has its seams. */
const liningOfVersion14 = (lining: unknown): unknown => {
  if (!lining || typeof lining !== 'object') return lining;
  const seams = 'kind' in lining && lining.kind === 'drop-in' ? { seams: 'sewn' } : {};
  return { layers: 1, interfacingMm: null, perforated: 'each', ...seams, ...lining };
};

/** What version 13 asked of cloth first, as it was taken to be. */
const CLOTH_OF_VERSION_13 = {
  widthMm: 1100,
  selvedgeMm: 10,
  betweenMm: 3,
  oneWay: false,
  repeatMm: null,
  haveMm: null,
};

/** What version 14 asks of cloth besides: whether it lies folded, what was left over of it, and where pieces were laid by hand. */
const clothOfVersion14 = (cloth: unknown): unknown =>
  cloth && typeof cloth === 'object' ? { folded: false, remnants: [], beside: [], laid: [], ...cloth } : cloth;

/**
 * The upgrade from each older version, by the version it reads.
 *
 * Version 0 was the trial format: it had no `notes`, and the flap's drop stood in the body. It was never released,
 * but reading it keeps this path walked.
 */
export const UPGRADES: Readonly<Record<number, Upgrade>> = {
  0: (document) => {
    const { flapDropMm, ...body } = (document.body ?? {}) as Record<string, unknown>;
    return { ...document, version: 1, notes: '', body, flap: { kind: 'straight', dropMm: flapDropMm } };
  },
  // Version 1 took it that the swatch was worked in the bag's stitch, with one strand.
  1: (document) => ({
    ...document,
    version: 2,
    swatch: swatchOfVersion2(document.swatch, document.stitch),
  }),
  // Version 2 was told how thick and heavy the load is, and the outside sizes; it did not know what goes in.
  2: (document) => ({
    ...document,
    version: 3,
    contents: {
      ...((document.contents ?? {}) as object),
      items: [],
      easeMm: EASE_MM,
      chosenPacking: null,
      carried: 'in-the-hand',
    },
    swatch: { ...((document.swatch ?? {}) as object), heldWith: [] },
    ownStitches: [],
    plainEdge: 0,
    body: { ...((document.body ?? {}) as object), sizesFrom: 'outside' },
  }),
  // Version 3 knew straight flaps as wide as the back, and one seam.
  3: (document) => {
    const body = (document.body ?? {}) as Record<string, unknown>;
    return {
      ...document,
      version: 4,
      body: { ...body, seam: { ...((body.seam ?? {}) as object), finish: 'turned' } },
      flap: { ...((document.flap ?? {}) as object), widthMm: null },
    };
  },
  // Version 4 knew strips only, and flaps without a hem.
  4: (document) => ({ ...document, version: 5, flap: { ...((document.flap ?? {}) as object), hemMm: null } }),
  // Version 5 took every trial strip to be in the strap's stitch, and did not say how the rounds of a disc end.
  5: (document) => {
    const body = (document.body ?? {}) as Record<string, unknown>;
    const strap = document.strap as Record<string, unknown> | null | undefined;
    return {
      ...document,
      version: 6,
      body: body.kind === 'round-purse' ? { ...body, rounds: 'joined' } : body,
      strap: strap
        ? { ...strap, sample: { ...((strap.sample ?? {}) as object), stitch: plainStitchOfVersion5(document) } }
        : strap,
    };
  },
  // Version 6 knew one closure, called hardware, and one strap.
  6: ({ hardware, strap, ...document }) => ({
    ...document,
    version: 7,
    closures: hardware,
    straps: strap ? [strap] : [],
    ...NOTHING_MORE,
  }),
  // Version 7 knew straps in short rows only, and hung no weights on a trial strip.
  7: ({ straps, ...document }) => ({ ...document, version: 8, straps: strapsOfVersion8(straps) }),
  // Version 8 knew straps that are sewn on at the sides, of one length, given by a tape.
  8: ({ straps, ...document }) => ({ ...document, version: 9, straps: strapsOfVersion9(straps) }),
  // Version 9 sewed every gusset and every band in, and did not ask what is at hand.
  9: ({ body, closures, ...document }) => ({
    ...document,
    version: 10,
    body: bodyOfVersion10(body),
    closures: closuresOfVersion10(closures),
    yarnAtHandG: [],
  }),
  // Version 10 set one closure in the middle or two a quarter in, and knew hardware only where it holds a strap.
  10: ({ closures, trims, ...document }) => ({
    ...document,
    version: 11,
    closures: closuresOfVersion11(closures),
    trims: trimsOfVersion11(trims),
    hardware: [],
  }),
  // Version 11 knew flat linings of cloth, whipped in by hand.
  11: ({ lining, ...document }) => ({ ...document, version: 12, lining: liningOfVersion12(lining) }),
  // Version 12 did not ask what is cut from, nor what came out.
  12: (document) => ({ ...document, version: 13, cloth: CLOTH_OF_VERSION_13, cameOut: [] }),
  // Version 13 knew cloth on the bolt alone, laid out by the program.
  13: ({ cloth, lining, ...document }) => ({
    ...document,
    version: 14,
    cloth: clothOfVersion14(cloth),
    lining: liningOfVersion14(lining),
  }),
  14: (document) => ({ ...document, version: 15, worked: null }),
  15: (document) => ({ ...document, version: 16, corrected: UNCORRECTED, selling: null }),
  16: (document) => ({ ...document, version: 17, written: USUAL_WRITTEN }),
  // Version 17 had no yarns but those held together, and asked nothing that could be answered with “without”.
  17: (document) => ({ ...document, version: 18, ...OF_ONE_COLOUR, without: [] }),
};

/** Where an older version's edit is made in the next one, by the version it reads; none where it can't be made there. */
export const EDIT_UPGRADES: Readonly<Record<number, (edit: DesignEdit) => DesignEdit>> = {
  6: ({ path: [first, ...rest], value }) => {
    if (first === 'hardware') return { path: ['closures', ...rest], value };
    if (first !== 'strap') return { path: first === undefined ? [] : [first, ...rest], value };
    return rest.length > 0
      ? { path: ['straps', 0, ...rest], value }
      : { path: ['straps'], value: value ? [value] : [] };
  },
  7: ({ path, value }) => {
    const [first, , inStrap] = path;
    if (first !== 'straps' || path.length > 3) return { path, value };
    if (path.length === 1) return { path, value: strapsOfVersion8(value) };
    if (path.length === 2) return { path, value: strapOfVersion8(value) };
    return { path, value: inStrap === 'sample' ? withoutWeights(value) : value };
  },
  8: ({ path, value }) => {
    if (path[0] !== 'straps' || path.length > 2) return { path, value };
    return { path, value: path.length === 1 ? strapsOfVersion9(value) : strapOfVersion9(value) };
  },
  9: ({ path, value }) => {
    const [first] = path;
    if (first === 'body' && path.length === 1) return { path, value: bodyOfVersion10(value) };
    if (first === 'closures' && path.length === 1) return { path, value: closuresOfVersion10(value) };
    return { path, value: first === 'closures' && path.length === 2 ? closureOfVersion10(value) : value };
  },
  10: ({ path, value }) => {
    const [first] = path;
    const [all, one] =
      first === 'closures'
        ? [closuresOfVersion11, closureOfVersion11]
        : first === 'trims'
          ? [trimsOfVersion11, trimOfVersion11]
          : [null, null];
    if (!all || path.length > 2) return { path, value };
    return { path, value: path.length === 1 ? all(value) : one(value) };
  },
  11: ({ path, value }) => ({
    path,
    value: path[0] === 'lining' && path.length === 1 ? liningOfVersion12(value) : value,
  }),
  12: (edit) => edit,
  13: ({ path, value }) => ({
    path,
    value:
      path.length !== 1
        ? value
        : path[0] === 'cloth'
          ? clothOfVersion14(value)
          : path[0] === 'lining'
            ? liningOfVersion14(value)
            : value,
  }),
  14: (edit) => edit,
  15: (edit) => edit,
  16: (edit) => edit,
  17: (edit) => edit,
};
