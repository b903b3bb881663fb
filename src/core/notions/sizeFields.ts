import type { Closure, HardwareKind, TrimKind } from '@/core/design';

/** Groups whose pieces are bought, or lie in a drawer. */
export type NotionGroup = 'closures' | 'hardware' | 'trims';
export type NotionKind = Closure['kind'] | HardwareKind | TrimKind;

/** One size of a piece: the field that it is chosen in, and what it is called on the piece. */
export interface SizeField {
  field: string;
  label: string;
  /** Counted, not measured. */
  isCount?: true;
}

const across = { field: 'diameterMm', label: 'across' };
const thick = { field: 'thicknessMm', label: 'thick' };
const width = { field: 'widthMm', label: 'wide' };
const height = { field: 'heightMm', label: 'high' };
const prongs = { field: 'prongMm', label: 'prongs' };
const inside = { field: 'insideMm', label: 'inside' };

/** What is a size of the piece itself, and not of where it is set; of kinds that are bought. */
export const SIZE_FIELDS: Readonly<Partial<Record<NotionKind, readonly SizeField[]>>> = {
  'magnetic-snap': [across, prongs],
  'press-stud': [across],
  'turn-lock': [width, height, { field: 'postMm', label: 'post' }],
  'tuck-lock': [width, height, prongs],
  buttonhole: [across, thick],
  'button-loop': [across, thick],
  tab: [across, thick],
  'toggle-loop': [{ field: 'lengthMm', label: 'long' }, thick],
  zipper: [{ field: 'lengthMm', label: 'long' }],
  frame: [
    { field: 'widthMm', label: 'from hinge to hinge' },
    { field: 'armMm', label: 'arms' },
    { field: 'radiusMm', label: 'corners' },
    { field: 'holes', label: 'holes', isCount: true },
  ],
  ring: [inside, { field: 'wireMm', label: 'wire' }],
  rivet: [
    { field: 'headMm', label: 'head' },
    { field: 'shankMm', label: 'shank' },
  ],
  eyelet: [
    { field: 'holeMm', label: 'hole' },
    { field: 'rimMm', label: 'rim' },
    { field: 'barrelMm', label: 'barrel' },
  ],
  clasp: [inside, { field: 'lengthMm', label: 'long' }],
  'handle-plate': [width, height, { field: 'holes', label: 'holes', isCount: true }],
  patch: [width, height],
  charm: [width, height],
  beads: [across, { field: 'holeMm', label: 'hole' }],
};

/** The sizes that a kind has; none of what is worked or cut, and not bought by its size. */
export const sizeFieldsOf = (kind: string): readonly SizeField[] =>
  (SIZE_FIELDS as Readonly<Record<string, readonly SizeField[]>>)[kind] ?? [];

/** Kinds that are the same piece: a button is one however it is fastened. */
const SAME: readonly (readonly NotionKind[])[] = [['buttonhole', 'button-loop', 'tab']];

/**
 * Whether a piece of one kind can be taken for another.
 *
 * @example
 * isSamePiece('buttonhole', 'button-loop') // => true
 * isSamePiece('ring', 'rivet') // => false
 */
export const isSamePiece = (one: string, other: string): boolean =>
  one === other || SAME.some((kinds) => [one, other].every((kind) => (kinds as readonly string[]).includes(kind)));
