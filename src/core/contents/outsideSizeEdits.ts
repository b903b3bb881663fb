import type { Design } from '@/core/design';
import { LEAST_DEPTH_MM, LEAST_SIZE_MM, MOST_DEPTH_MM, MOST_SIZE_MM } from '@/core/defaults';
import type { DesignEdit, Repair } from '@/core/problems';
import { wrapOf } from './inside';
import type { SettledDesign } from './load';

/**
 * The edits that give a bag an outside size, whatever its sizes follow from now: an inside size is changed by as much, and sizes
 * that followed from what goes in become wishes, the other one as it is.
 *
 * @param settled the design with its outside sizes as planned for
 * @param size the outside size to have, mm
 */
export function outsideSizeEdits(
  settled: SettledDesign,
  size: { widthMm: number } | { heightMm: number },
): DesignEdit[] {
  const { sizesFrom, kind } = settled.body;
  const set = (field: string, value: number): DesignEdit => ({ path: ['body', field], value });
  const [wished, mm] = Object.entries(size)[0] as ['widthMm' | 'heightMm', number];
  // A round bag is as high as it is wide, and only its width is wished for.
  const field = wrapOf(kind) === 'round' ? 'widthMm' : wished;
  const release: DesignEdit[] =
    field === 'widthMm'
      ? [{ path: ['body', 'chosenStitches'], value: null }]
      : ['front', 'back'].map((part) => ({ path: ['body', 'chosenRows', part], value: null }));
  const sheetsMm =
    field === 'widthMm'
      ? settled.body.widthMm - settled.wishedMm.widthMm
      : settled.body.heightMm - settled.wishedMm.heightMm;
  const flapWithin = (heightMm: number) => (field === 'heightMm' ? shorterFlap(settled, heightMm) : []);
  switch (sizesFrom) {
    case 'outside':
      return [set(field, mm), ...flapWithin(mm), ...release];
    case 'inside':
      return [set(field, mm - sheetsMm), ...flapWithin(mm - sheetsMm), ...release];
    case 'contents':
      return [
        { path: ['body', 'sizesFrom'], value: 'outside' },
        set('widthMm', field === 'widthMm' ? mm : asWish(settled.body.widthMm)),
        set('heightMm', field === 'heightMm' ? mm : asWish(settled.body.heightMm)),
        ...depthEdits(settled),
        ...shorterFlap(settled, field === 'heightMm' ? mm : asWish(settled.body.heightMm)),
        ...release,
      ];
  }
}

/** The repair that gives a bag an outside size; none where the size can't be wished for. */
export function outsideSizeRepairs(settled: SettledDesign, size: { widthMm: number } | { heightMm: number }): Repair[] {
  const edits = [...outsideSizeEdits(settled, size), ...keepPacking(settled)];
  const canBeWished = edits.every(
    ({ path, value }) =>
      !SIZE_FIELDS.has(path.join('.')) || (Number(value) >= LEAST_SIZE_MM && Number(value) <= MOST_SIZE_MM),
  );
  if (!canBeWished) return [];
  return 'widthMm' in size
    ? [{ code: 'bag-wider', values: { widthMm: size.widthMm }, edits }]
    : [{ code: 'bag-taller', values: { heightMm: size.heightMm }, edits }];
}

/** Keeps things packed as they are: in a bag of another size another packing could be taken, which lacks room elsewhere. */
export const keepPacking = ({ packed }: SettledDesign): DesignEdit[] =>
  packed === null
    ? []
    : [
        {
          path: ['contents', 'chosenPacking'],
          value: { widthMm: packed.widthMm, heightMm: packed.heightMm, thicknessMm: packed.thicknessMm },
        },
      ];

const SIZE_FIELDS = new Set(['body.widthMm', 'body.heightMm']);

/** A size as near as it can be wished for. */
const asWish = (mm: number): number => Math.min(MOST_SIZE_MM, Math.max(LEAST_SIZE_MM, mm));

/** A wished flap is never longer than a wished front; one that followed a taller bag is shortened with it. */
const shorterFlap = ({ flap }: SettledDesign, heightMm: number): DesignEdit[] =>
  flap.dropMm > heightMm ? [{ path: ['flap', 'dropMm'], value: heightMm }] : [];

/** The edits that say what the bag's sizes follow from, and leave the bag as it is where it can. */
export function sizesFromEdits(
  settled: SettledDesign,
  sizesFrom: Design['body']['sizesFrom'],
  sheets: { acrossMm: number; upMm: number },
): DesignEdit[] {
  const { widthMm, heightMm } = settled.body;
  const from = { path: ['body', 'sizesFrom'], value: sizesFrom };
  if (sizesFrom === 'contents') return [from];
  const less = sizesFrom === 'inside' ? sheets : { acrossMm: 0, upMm: 0 };
  return [
    from,
    { path: ['body', 'widthMm'], value: widthMm - less.acrossMm },
    { path: ['body', 'heightMm'], value: heightMm - less.upMm },
    ...depthEdits(settled),
    ...shorterFlap(settled, heightMm - less.upMm),
  ];
}

/** The depth as it is planned, for sizes that no longer follow from what goes in. */
const depthEdits = ({ body }: SettledDesign): DesignEdit[] =>
  'depthMm' in body
    ? [{ path: ['body', 'depthMm'], value: Math.min(MOST_DEPTH_MM, Math.max(LEAST_DEPTH_MM, body.depthMm)) }]
    : [];

/** The edits that give a deep bag another depth outside; sizes that followed from what goes in become wishes. */
export const depthSizeEdits = (settled: SettledDesign, depthMm: number): DesignEdit[] => [
  ...(settled.body.sizesFrom === 'contents'
    ? outsideSizeEdits(settled, { widthMm: asWish(settled.body.widthMm) })
    : []),
  { path: ['body', 'depthMm'], value: depthMm },
];
