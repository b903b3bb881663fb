import { sheetInputs, outsideSizeRepairs, type SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure, type ReasonInput } from '@/core/figures';
import type { FitStage } from '@/core/fit';
import type { Problem, Repair } from '@/core/problems';
import { withinFacesMm, withinSidesMm, landsAtMm, type SectionPiece } from '@/core/section';
import { foldSheets, type FoldedBag } from './foldBag';
import type { FoldedPlan } from './foldInput';
import { sideRoom } from './sideRoom';

/** Cloth gives way by so much before it is worth a word, mm. From memory. */
const GIVES_WAY_MM = 2;

type Sheets = Pick<FoldedBag, 'sheets' | 'things'>;

/** A row that is not the narrowed one at the mouth, as a share of the way down the front. */
const BELOW_MOUTH = 0.3;

/** What the folded bag tells that no flat piece does. */
export interface FoldStage {
  figures: {
    /** Width outside of the loaded bag: what its rows take to go round the load is lost to it. */
    widthLoaded: Figure;
    /** Between what goes in and the cloth at its sides. */
    sideRoom: Figure | null;
    /** How thick the empty bag is when its depth is folded in, and how far its flap then comes down; null where it can't be. */
    flatThickness: Figure | null;
    flatDrop: Figure | null;
  };
  problems: Problem[];
}

/** Folds the bag empty and loaded, and says how wide it is and whether what goes in has room beside it. */
export function foldStage(plan: FoldedPlan, design: SettledDesign, fit: FitStage): FoldStage {
  const { layers, figures, loadMm } = plan.pouch;
  const empty = foldSheets(plan, { state: 'empty', flap: 1 });
  const loaded = foldSheets(plan, { state: 'loaded', flap: 1 });
  const room = sideRoom(loaded, layers);
  const sheets = sheetInputs(layers);
  const takenMm = Math.max(0, widthMm(empty) - widthMm(loaded));
  return {
    figures: {
      widthLoaded: makeFigure(
        'fold.width.loaded',
        'Width, outside, loaded',
        Math.max(0, figures.width.value - takenMm),
        'mm',
        {
          rule: 'Every row keeps its length. Its ends come towards the other face as far as what is between them needs, and what they take for that is lost to the width.',
          inputs: [
            inputFrom(figures.width),
            input('Thickness of the load', loadMm, 'mm'),
            input('Taken by going round it', takenMm, 'mm'),
            ...sheets,
          ],
          source: GEOMETRY,
        },
        figures.width.plusMinus,
      ),
      sideRoom:
        room &&
        makeFigure(
          'fold.sideRoom',
          'Room beside what goes in, as folded',
          room.roomMm,
          'mm',
          {
            rule: 'From the corners of what goes in to the inside of the cloth at its sides, where it is nearest: the loaded bag is cut through level with each corner.',
            inputs: [inputFrom(figures.width), ...sheets],
            source: GEOMETRY,
          },
          figures.width.plusMinus === null ? null : figures.width.plusMinus / 2,
        ),
      ...flatFigures(plan, sheets),
    },
    problems: room ? pressing(plan, design, fit, room) : [],
  };
}

/** What is told of the bag laid flat. */
function flatFigures(
  {
    section: { flat },
    pouch: {
      layers,
      sectionMm,
      rowMm,
      borders,
      figures: { height },
    },
    flap,
  }: FoldedPlan,
  sheets: ReasonInput[],
): Pick<FoldStage['figures'], 'flatThickness' | 'flatDrop'> {
  if (!flat) return { flatThickness: null, flatDrop: null };
  const edgeMm =
    sectionMm.front + sectionMm.base + sectionMm.back + (flap.bridgeRows + flap.flapRows) * rowMm + borders.flapMm;
  const dropMm = flap.hasFlap ? landsAtMm(flat, edgeMm) : null;
  const underFlap = flap.hasFlap ? ', and the flap with its lining' : '';
  const folded = 4 * layers.fabricMm + 2 * layers.liningMm + 2 * withinFacesMm(layers);
  return {
    flatThickness: makeFigure(
      'fold.flat.thickness',
      'Folded flat: thick',
      folded + (flap.hasFlap ? layers.fabricMm + layers.liningMm : 0),
      'mm',
      {
        rule: `Empty, its depth folded in: front, both halves of what is folded between, and back, four times fabric and lining${underFlap}.`,
        inputs: sheets,
        source: GEOMETRY,
        ...restsOn(height),
      },
    ),
    flatDrop:
      dropMm === null
        ? null
        : makeFigure(
            'fold.flat.drop',
            'Folded flat: flap down the front',
            Math.max(0, dropMm),
            'mm',
            {
              rule: 'The flap was made to go over the open depth. Where front and back lie on each other, what it has no way to go over comes down the front.',
              inputs: [
                inputFrom(flap.figures.dropEmpty),
                input('From the middle of the front to that of the back', flatApartMm(flat), 'mm'),
                ...sheets,
              ],
              source: GEOMETRY,
            },
            flap.figures.dropEmpty.plusMinus,
          ),
  };
}

/** From the middle of the front's fabric to the middle of the back's, in the bag laid flat. */
const flatApartMm = (flat: readonly SectionPiece[]): number =>
  Math.max(...flat.flatMap((piece) => (piece.kind === 'line' ? [piece.from.x] : [])));

/** Half the width of front and back where they are widest, doubled: between the middles of the fabric. */
function widthMm({ sheets }: Sheets): number {
  const faces = sheets.filter(({ mark, isRound }) => !isRound && (mark === 'part.front' || mark === 'part.back'));
  const top = faces[0];
  if (!top) return 0;
  // At the mouth, where the load is as thick as anywhere; lower corners stick out as ears.
  return 2 * top.at(1, top.fromMm + (top.toMm - top.fromMm) * BELOW_MOUTH).z;
}

/** What goes in fits by its width and depth, and still presses on the cloth: on round corners, or on round ends. */
function pressing(
  plan: FoldedPlan,
  design: SettledDesign,
  { figures: { easeAcross, easeThrough } }: FitStage,
  { roomMm, index }: { roomMm: number; index: number },
): Problem[] {
  const isTooLarge = (easeAcross?.value ?? 0) < 0 || (easeThrough?.value ?? 0) < 0;
  if (roomMm > -GIVES_WAY_MM || isTooLarge) return [];
  return [
    {
      code: 'presses-on-cloth',
      severity: 'mind',
      place: 'body',
      mark: `thing.${index}`,
      asks: ['fold.sideRoom'],
      values: { pressesMm: -roomMm },
      names: { thing: plan.contents.things[index]?.name ?? '' },
      repairs: [...smallerCorners(plan, design), ...longerSides(plan, design)],
    },
  ];
}

/** Corners that are round no further in than what stands on the base. */
function smallerCorners({ pouch, contents }: FoldedPlan, { body }: SettledDesign): Repair[] {
  if (body.kind !== 'gusset' || !contents.packed) return [];
  const { layers, stitchCount, stitchMm, rowMm } = pouch;
  const takesMm = body.seam.takeUpStitches * stitchMm;
  const besideMm = (stitchCount / 2) * stitchMm - takesMm - contents.packed.widthMm / 2;
  const sheetMm = layers.fabricMm / 2 + withinSidesMm(layers);
  // A worked corner is off the round by less than a row and a stitch.
  const radiusMm = Math.max(0, Math.floor(besideMm + takesMm - sheetMm - Math.max(rowMm, stitchMm)));
  if (radiusMm >= body.radiusMm) return [];
  return [{ code: 'corner-radius-to', values: { radiusMm }, edits: [{ path: ['body', 'radiusMm'], value: radiusMm }] }];
}

/** A base whose round ends begin further out, so that the corners of what stands in it clear them. */
function longerSides({ pouch, contents }: FoldedPlan, design: SettledDesign): Repair[] {
  if (design.body.kind !== 'oval-base' || !contents.packed) return [];
  const { layers, depthMm, figures, stitchMm, stitchCount } = pouch;
  const { widthMm, thicknessMm } = contents.packed;
  const radiusMm = depthMm / 2 - layers.fabricMm / 2 - layers.liningMm;
  if (thicknessMm / 2 >= radiusMm) return [];
  const straightHalfMm = widthMm / 2 - Math.sqrt(radiusMm ** 2 - (thicknessMm / 2) ** 2);
  // A face has the straight side and half a circle; counts come in steps of the repeat, and one step more is enough.
  const faceMm = 2 * straightHalfMm + (Math.PI / 2) * depthMm;
  const moreMm = faceMm - stitchCount * stitchMm + Math.max(1, patternOf(design).repeatStitches) * stitchMm;
  const wishedMm = Math.ceil(figures.width.value + moreMm);
  return wishedMm > figures.width.value ? outsideSizeRepairs(design, { widthMm: wishedMm }) : [];
}
