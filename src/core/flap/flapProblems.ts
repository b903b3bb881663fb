import { MOST_COUNT } from '@/core/body';
import { LOAD_STATES, outsideSizeRepairs, type LoadState, type SettledDesign } from '@/core/contents';
import { FLAP_DROP_SHARE, LEAST_DROP_MM, LEAST_SHAPE_MM, MOST_SIZE_MM } from '@/core/defaults';
import type { Problem, Repair } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { shapeHandle, type FlapSize } from './shapes';

/** What is wrong with how far a flap comes down, empty and loaded, with what mends it. */
export function flapProblems(design: SettledDesign, pouch: PouchStage, dropMm: Record<LoadState, number>): Problem[] {
  // The face that the flap comes down over: of a deep bag without what goes on under its base.
  const frontMm = Math.min(pouch.sectionMm.front, pouch.depthMm > 0 ? pouch.figures.height.value : Infinity);
  const share = dropMm.loaded / frontMm;
  const at = {
    place: 'body',
    path: ['flap', 'dropMm'],
    mark: 'edge.flap',
    asks: ['flap.drop.loaded', 'panel.frontRows'],
  } as const;
  const values = { dropMm: dropMm.loaded, frontMm, share };
  const towards = (target: number) => dropRepairs(design, Math.round(target * frontMm));
  if (dropMm.loaded <= 0)
    return [{ code: 'flap-misses-front', severity: 'decide', values, repairs: towards(0.6), ...at }];

  const pastMm = (state: LoadState) => dropMm[state] - pouch.flatFrontMm[state];
  const worst = LOAD_STATES.reduce((a, b) => (pastMm(b) > pastMm(a) ? b : a));
  if (pastMm(worst) > 0) {
    // Short by as much as it is past in the worse state, and by a row, since rows are whole.
    const byMm = pastMm(worst) + pouch.rowMm;
    const shorterMm = Math.floor(Math.min(dropMm.loaded - byMm, 0.8 * design.body.heightMm));
    return [
      {
        code: 'flap-past-base',
        severity: 'decide',
        values: { pastMm: pastMm(worst), isEmpty: worst === 'empty', ...values, dropMm: dropMm[worst] },
        repairs: [
          ...dropRepairs(design, shorterMm),
          ...tallerRepairs(design, Math.ceil(design.body.heightMm + byMm), pouch.rowMm),
        ],
        ...at,
        asks: ['flap.drop.loaded', 'flap.drop.empty', 'panel.frontRows'],
      },
    ];
  }
  if (share < FLAP_DROP_SHARE.least)
    return [{ code: 'flap-short', severity: 'mind', values, repairs: towards(0.45), ...at }];
  if (share > FLAP_DROP_SHARE.most)
    return [{ code: 'flap-hides-front', severity: 'mind', values, repairs: towards(0.8), ...at }];
  return [];
}

/**
 * A taller bag, where one that tall can be planned: within the file’s limit and the most rows, with room for the bend. None while the
 * load is more than the bag can take: a taller one takes more of it, and the flap goes another way.
 */
function tallerRepairs(design: SettledDesign, heightMm: number, rowMm: number): Repair[] {
  return design.clampedLoadMm !== null || heightMm / rowMm > 0.9 * MOST_COUNT
    ? []
    : outsideSizeRepairs(design, { heightMm });
}

/** The repair that has the flap come down so far; none where that can't be wished for. */
function dropRepairs({ body, flap, wishedMm }: SettledDesign, dropMm: number): Repair[] {
  // How far a half disc comes down follows from the width of the back.
  if (flap.kind === 'half-disc') return [];
  const mostMm = body.sizesFrom === 'contents' ? MOST_SIZE_MM : Math.min(body.heightMm, wishedMm.heightMm);
  if (dropMm < LEAST_DROP_MM || dropMm > mostMm) return [];
  return [
    {
      code: 'flap-drop-to',
      values: { dropMm },
      edits: [
        { path: ['flap', 'dropMm'], value: dropMm },
        { path: ['body', 'chosenRows', 'flap'], value: null },
        { path: ['body', 'chosenRows', 'bridge'], value: null },
      ],
    },
  ];
}

/** Sizes of the shape that the flap has no room for: they are planned as large as they fit. */
export function shapeProblems(design: SettledDesign, pouch: PouchStage, size: FlapSize): Problem[] {
  const { flap } = design;
  const backMm = pouch.backStitches * pouch.stitchMm;
  const handle = shapeHandle(flap, size);
  const wished = handle && (flap as Record<string, unknown>)[handle.field];
  const tooLarge: [field: string, wishedMm: number, mostMm: number, fits: number | null][] = [];
  if (flap.widthMm !== null && flap.widthMm > backMm + pouch.stitchMm)
    tooLarge.push(['widthMm', flap.widthMm, backMm, null]);
  if (handle && typeof wished === 'number' && wished > Math.max(handle.mostMm, LEAST_SHAPE_MM) + pouch.stitchMm / 2)
    tooLarge.push([handle.field, wished, handle.mostMm, Math.max(LEAST_SHAPE_MM, Math.floor(handle.mostMm))]);
  return tooLarge.map(([field, wishedMm, mostMm, fits]) => ({
    code: 'flap-shape-too-large',
    severity: 'decide',
    place: 'body',
    path: ['flap', field],
    mark: 'flap.outline',
    asks: ['flap.startWidth', 'panel.flapRows'],
    values: { wishedMm, mostMm },
    names: { field },
    repairs: [
      { code: 'flap-shape-to', values: { mostMm: fits ?? mostMm }, edits: [{ path: ['flap', field], value: fits }] },
    ],
  }));
}
