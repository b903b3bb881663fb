import {
  BESIDE_POCKET_MM,
  LEAST_POCKET_MM,
  POCKET_EASE_MM,
  STANDS_OUT,
  partsOf,
  pocketForMm,
  sheetsAcrossMm,
  sheetsUpMm,
  type Pocketed,
} from '@/core/contents';
import { factsOf, isOutside, type Pocket, type PocketKind } from '@/core/design';
import { CHOSEN, COMMON_PRACTICE, MEMORY, input, makeFigure, type Figure, type ReasonInput } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';

/** How large a pocket is that is for nothing on the list, mm. From memory. */
const USUAL: Readonly<Record<PocketKind, { widthMm: number; heightMm: number }>> = {
  slip: { widthMm: 110, heightMm: 90 },
  divided: { widthMm: 120, heightMm: 80 },
  zipped: { widthMm: 130, heightMm: 100 },
  crocheted: { widthMm: 100, heightMm: 80 },
  vinyl: { widthMm: 100, heightMm: 70 },
  loop: { widthMm: 20, heightMm: 10 },
};

/** A loop holds its thing more tightly, mm. From memory. */
const LOOP_EASE_MM = 3;
/** A loop that is for nothing on the list is so long between its ends, mm. From memory. */
const USUAL_GIRTH_MM = 30;

/** How large a pocket is finished. */
export interface PocketSizes {
  width: Figure;
  height: Figure;
  /** Of a loop: how much of it stands free between its ends. */
  girth: Figure | null;
}

/**
 * The finished size of a pocket: as it is wished, as its thing needs it, or as is usual. Round a thing goes its width and, since the pocket is flat on
 * a wall, its thickness.
 */
export function pocketSizes(
  pocket: Pocket,
  held: Pocketed | null,
  bag: Pick<FittingInput, 'pouch' | 'at'>,
): PocketSizes {
  const { at } = bag;
  const wall = wallOf(pocket, bag);
  // What is for nothing on the list is no larger than its wall.
  const within = (mm: number, mostMm: number) => Math.max(LEAST_POCKET_MM, Math.min(mm, Math.floor(mostMm)));
  const figure = (
    id: string,
    label: string,
    wishedMm: number | null,
    needed: { mm: number; rule: string; inputs: ReasonInput[] } | null,
    usualMm: number,
  ) => {
    if (wishedMm !== null)
      return makeFigure(nameAt(at, id), label, wishedMm, 'mm', { rule: 'As you wish it.', inputs: [], source: CHOSEN });
    if (needed)
      return makeFigure(nameAt(at, id), label, needed.mm, 'mm', {
        rule: needed.rule,
        inputs: needed.inputs,
        source: COMMON_PRACTICE,
      });
    return makeFigure(nameAt(at, id), label, usualMm, 'mm', {
      rule: 'As is usual, and no larger than its wall: it is for nothing on the list of what goes in.',
      inputs: [],
      source: MEMORY,
    });
  };
  const thing = held?.thing ?? null;
  const across = thing ? [input(`${thing.name}, across`, thing.widthMm, 'mm')] : [];
  const thick = thing ? [input(`${thing.name}, thick`, thing.thicknessMm, 'mm')] : [];
  if (pocket.kind === 'loop') {
    const girth = figure(
      'pocket.girth',
      'Free between its ends',
      pocket.girthMm,
      thing && {
        mm: thing.widthMm + 2 * thing.thicknessMm + LOOP_EASE_MM,
        rule: 'Over the thing: its width, twice its thickness, and a little ease.',
        inputs: [...across, ...thick, input('Ease', LOOP_EASE_MM, 'mm')],
      },
      USUAL_GIRTH_MM,
    );
    const apart = figure(
      'pocket.width',
      'Its ends apart',
      null,
      {
        mm: Math.max(4, thing ? Math.min(thing.widthMm, girth.value) : girth.value / 2),
        rule: thing ? 'As far as the thing is wide.' : 'Half of what stands free.',
        inputs: thing ? across : [input('Free between its ends', girth.value, 'mm')],
      },
      0,
    );
    return { girth, width: apart, height: figure('pocket.height', 'The strip is wide', pocket.heightMm, null, 0) };
  }
  // What is worked comes out in whole counts: this is what they are to come near to.
  const [is, finished] = pocket.kind === 'crocheted' ? ['wished', 'Pocket, wished'] : ['', 'Pocket, finished'];
  const idOf = (of: 'Width' | 'Height') => `pocket.${is === '' ? of.toLowerCase() : `${is}${of}`}`;
  const { widthMm, heightMm } = USUAL[pocket.kind];
  const standsOut = STANDS_OUT[pocket.kind];
  const forIt = thing && pocketForMm(pocket, thing);
  const parts = partsOf(pocket);
  const ease = input('Ease', POCKET_EASE_MM, 'mm');
  return {
    girth: null,
    width: figure(
      idOf('Width'),
      `${finished}: across`,
      pocket.widthMm,
      forIt && {
        mm: forIt.widthMm,
        rule: `The width of its thing, its thickness, since the pocket goes round it, and ease${parts > 1 ? ', as often as it has parts' : ''}.`,
        inputs: [...across, ...thick, ease, ...(parts > 1 ? [input('Parts', parts, 'count')] : [])],
      },
      within(widthMm, wall.widthMm - 2 * BESIDE_POCKET_MM - 2 * Math.abs(pocket.acrossMm)),
    ),
    height: figure(
      idOf('Height'),
      `${finished}: up`,
      pocket.heightMm,
      forIt && {
        mm: forIt.heightMm,
        rule:
          standsOut > 0
            ? 'Two thirds of its thing’s height: a third stands out, to take hold of.'
            : 'The height of its thing, half of its thickness, since the pocket goes round it, and ease.',
        inputs: [
          input(`${thing?.name ?? ''}, up`, thing?.heightMm ?? 0, 'mm'),
          ...(standsOut > 0 ? [] : [...thick, ease]),
        ],
      },
      within(heightMm, wall.heightMm - BESIDE_POCKET_MM - pocket.fromMouthMm),
    ),
  };
}

/** The flat part of a wall that a pocket can lie on, mm: of the outside, or within crochet and lining. */
export function wallOf(pocket: Pocket, { pouch }: Pick<FittingInput, 'pouch'>): { widthMm: number; heightMm: number } {
  const { width, height, depth } = pouch.figures;
  const { hasRoundEnds } = factsOf(pouch.kind);
  const flatMm = width.value - (hasRoundEnds ? (depth?.value ?? 0) : 0);
  if (isOutside(pocket)) return { widthMm: flatMm, heightMm: height.value };
  return {
    widthMm: flatMm - (hasRoundEnds ? 0 : sheetsAcrossMm(pouch.layers)),
    heightMm: height.value - sheetsUpMm(pouch.layers),
  };
}
