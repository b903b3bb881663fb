import { capital } from '@/core/units';
import { factsOf, type Design } from '@/core/design';
import {
  CHOSEN,
  COMMON_PRACTICE,
  GEOMETRY,
  MEASURED,
  input,
  inputFrom,
  makeFigure,
  type Figure,
  type ReasonInput,
} from '@/core/figures';
import type { Layers } from '@/core/section';
import { nearestPacking, packingForInside, packingOfLeastFabric, type Inside } from './choosePacking';
import {
  insideNeeded,
  ovalWidthMm,
  sheetInputs,
  sheetWords,
  sheetsAcrossMm,
  sheetsAlongMm,
  sheetsThroughMm,
  wrapOf,
} from './inside';
import type { BesideMm, SettledDesign } from './load';
import { looseItems, pocketedThings, thickestIn, type Pocketed } from './pocketed';
import { packThings, type Packings } from './packThings';
import { wallForPockets, type WallNeeded } from './pocketNeeds';
import { placeThings, thingsThatSet, type Lot, type PlacedThing } from './packTree';
import { NEEDED_WORDS } from './packingFigures';
import { carriedThings, type CarriedThing } from './carriedThings';

/** What goes in, packed, and the sizes and the load that follow from it. */
export interface ContentsStage {
  /** Every thing as often as it goes in, those that fit no bag left out: first what is packed, then what lies in pockets. */
  things: CarriedThing[];
  packings: Packings;
  /** The packing that is planned with; null when nothing goes in. */
  packed: Lot | null;
  /** What is packed, and beside it the thickest thing in the pockets inside front and back: what a bag needs room for; null when nothing goes in. */
  loaded: { widthMm: number; heightMm: number; thicknessMm: number } | null;
  placed: PlacedThing[];
  /** What lies in pockets, in the order in which it comes after what is packed. */
  pocketed: Pocketed[];
  /** Indexes into `things`: those without which the lot would be narrower, lower or thinner. */
  sets: { width: number[]; height: number[]; thickness: number[] };
  /** The outside sizes that the bag is planned for, whatever they follow from. */
  wanted: { width: Figure; height: Figure; depth: Figure | null };
  settled: SettledDesign;
  figures: {
    packedWidth: Figure | null;
    packedHeight: Figure | null;
    packedThickness: Figure | null;
    needsWidth: Figure | null;
    needsHeight: Figure | null;
    needsDepth: Figure | null;
    load: Figure;
    mass: Figure;
    wantedWidth: Figure;
    wantedHeight: Figure;
    wantedDepth: Figure | null;
  };
}

/**
 * Settles what a bag is planned for: how its things are packed, how thick and heavy they are together, and its outside sizes,
 * wished for or following from what goes in.
 *
 * @param packings ways to pack the things, where they were found already; else they are looked for now
 */
export function contentsStage(design: Design, sheets: Layers, packings?: Packings): ContentsStage {
  const { contents, body } = design;
  const wrap = wrapOf(body.kind);
  const loose = carriedThings(looseItems(design));
  const pocketed = pocketedThings(design);
  const things = [...loose, ...carriedThings(pocketed)];
  const found = packings ?? packThings(loose.map(({ box }) => box));
  const beside = { front: thickestIn('front', design), back: thickestIn('back', design) };
  const besideMm = { front: beside.front?.thicknessMm ?? 0, back: beside.back?.thicknessMm ?? 0 };
  const packed = choose(design, sheets, besideMm, found);
  const loaded =
    packed || beside.front || beside.back
      ? {
          widthMm: packed?.widthMm ?? 0,
          heightMm: packed?.heightMm ?? 0,
          thicknessMm: (packed?.thicknessMm ?? 0) + besideMm.front + besideMm.back,
        }
      : null;
  const sets = {
    width: packed ? thingsThatSet(packed, 'beside') : [],
    height: packed ? thingsThatSet(packed, 'above') : [],
    thickness: packed ? thingsThatSet(packed, 'behind') : [],
  };
  const setBy = (indexes: readonly number[], size: 'widthMm' | 'heightMm' | 'thicknessMm') => {
    const placed = packed ? placeThings(packed) : [];
    return indexes.map((index) => {
      const place = placed.find((candidate) => candidate.index === index);
      return input(things[index]?.name ?? '', place?.[size] ?? 0, 'mm');
    });
  };
  const packedFigure = (what: 'Width' | 'Height' | 'Thickness', label: string, mm: number, inputs: ReasonInput[]) =>
    makeFigure(`contents.packed${what}`, label, mm, 'mm', {
      rule: 'What sets it, as it lies in the bag, added up. Without one of these the lot would be smaller this way.',
      inputs,
      source: GEOMETRY,
    });
  const packedWidth = loaded && packedFigure('Width', 'Packed, across', loaded.widthMm, setBy(sets.width, 'widthMm'));
  const packedHeight = loaded && packedFigure('Height', 'Packed, up', loaded.heightMm, setBy(sets.height, 'heightMm'));
  const packedThickness =
    loaded &&
    packedFigure('Thickness', 'Packed, thick', loaded.thicknessMm, [
      ...setBy(sets.thickness, 'thicknessMm'),
      ...[beside.front, beside.back].flatMap((thing) =>
        thing ? [input(`${thing.name}, in its pocket`, thing.thicknessMm, 'mm')] : [],
      ),
    ]);
  const needs =
    packedWidth && packedHeight && packedThickness
      ? neededFigures(packedWidth, packedHeight, packedThickness, design)
      : null;
  const load = loadFigure(design, packedThickness);
  const mass = massFigure(design);
  const width = wantedFigure('width', design, sheets, needs?.width ?? null);
  // A round bag is as high as it is wide.
  const height = wantedFigure(wrap === 'round' ? 'diameter' : 'height', design, sheets, needs?.height ?? null);
  const depth = wrap === 'flat' ? null : wantedDepth(design, sheets, needs?.depth ?? null);

  const placed = packed ? placeThings(packed) : [];
  return {
    things,
    packings: found,
    packed,
    loaded,
    placed,
    pocketed,
    sets,
    wanted: { width, height, depth },
    settled: {
      ...design,
      wishedMm: { widthMm: body.widthMm, heightMm: body.heightMm },
      packed,
      placed,
      besideMm,
      clampedLoadMm: null,
      body: {
        ...body,
        widthMm: width.value,
        heightMm: height.value,
        ...(depth === null ? {} : { depthMm: depth.value }),
      } as Design['body'],
      contents: { ...contents, thicknessMm: load.value, massG: mass.value },
    },
    figures: {
      packedWidth,
      packedHeight,
      packedThickness,
      needsWidth: needs?.width ?? null,
      needsHeight: needs?.height ?? null,
      needsDepth: needs?.depth ?? null,
      load,
      mass,
      wantedWidth: width,
      wantedHeight: height,
      wantedDepth: depth,
    },
  };
}

/** The inside of a bag whose sizes she wishes for, mm. */
function wishedInside(design: Design, sheets: Layers, besideMm: BesideMm): Inside {
  const { body } = design;
  const { widthMm, sizesFrom } = body;
  const wrap = wrapOf(body.kind);
  const heightMm = wrap === 'round' ? widthMm : body.heightMm;
  // A depth is always wished outside.
  const depthMm = 'depthMm' in body ? body.depthMm - sheetsThroughMm(sheets) - besideMm.front - besideMm.back : null;
  return sizesFrom === 'inside'
    ? { widthMm, heightMm, depthMm }
    : { widthMm: widthMm - sheetsAcrossMm(sheets), heightMm: heightMm - sheetsAlongMm(sheets, wrap), depthMm };
}

function choose(design: Design, sheets: Layers, besideMm: BesideMm, { lots }: Packings): Lot | null {
  const { chosenPacking, easeMm } = design.contents;
  const wrap = wrapOf(design.body.kind);
  if (chosenPacking) return nearestPacking(lots, chosenPacking);
  return design.body.sizesFrom === 'contents'
    ? packingOfLeastFabric(lots, easeMm, wrap)
    : packingForInside(lots, wishedInside(design, sheets, besideMm), easeMm, wrap);
}

function neededFigures(width: Figure, height: Figure, thickness: Figure, design: Design) {
  const { easeMm } = design.contents;
  const { kind } = design.body;
  const wrap = wrapOf(kind);
  const needed = insideNeeded(
    { widthMm: width.value, heightMm: height.value, thicknessMm: thickness.value },
    easeMm,
    wrap,
  );
  const ease = input('Ease', easeMm, 'mm');
  const isOval = factsOf(kind).hasRoundEnds;
  const widthMm = isOval
    ? Math.max(
        needed.widthMm,
        ovalWidthMm({ widthMm: width.value, thicknessMm: thickness.value }, needed.depthMm ?? 0) + easeMm,
      )
    : needed.widthMm;
  const lot = {
    flat: { across: [width, thickness], up: [height, thickness] },
    deep: { across: [width], up: [height] },
    round: { across: [width, height], up: [width, height] },
  }[wrap];
  const needs = (
    id: string,
    label: string,
    mm: number,
    rule: string,
    inputs: Figure[],
    wall: WallNeeded | null = null,
  ) =>
    wall !== null && wall.mm + easeMm > mm
      ? makeFigure(id, label, wall.mm + easeMm, 'mm', {
          rule: 'The wall that a pocket in use lies on, with its seam, plus ease: more than what is packed needs.',
          inputs: [input(`Pocket for ${wall.name}, and its seam`, wall.mm, 'mm'), ease],
          source: GEOMETRY,
        })
      : makeFigure(id, label, mm, 'mm', {
          rule: `${rule}.`,
          inputs: [...inputs.map(inputFrom), ease],
          source: COMMON_PRACTICE,
        });
  // On a wall between round ends only what is flat counts.
  const forPockets = wallForPockets(design);
  const wide =
    forPockets.width && isOval
      ? { ...forPockets.width, mm: forPockets.width.mm + (needed.depthMm ?? 0) }
      : forPockets.width;
  return {
    width: needs(
      'contents.needsWidth',
      'Inside width it needs',
      widthMm,
      isOval
        ? 'Between round ends that the corners of what is packed clear, standing in the middle: its width less twice √((D/2)² − (c/2)²), at least nothing, plus the depth D; plus ease'
        : NEEDED_WORDS[wrap].width,
      isOval ? [width, thickness] : lot.across,
      wide,
    ),
    height: needs(
      'contents.needsHeight',
      'Inside height it needs',
      needed.heightMm,
      NEEDED_WORDS[wrap].height,
      lot.up,
      forPockets.height,
    ),
    depth:
      needed.depthMm === null
        ? null
        : needs(
            'contents.needsDepth',
            'Inside depth it needs',
            needed.depthMm,
            'Thickness of what is packed, plus ease',
            [thickness],
          ),
  };
}

function loadFigure({ contents }: Design, packed: Figure | null): Figure {
  const label = 'Thickness of the load';
  if (contents.thicknessMm !== null)
    return makeFigure('contents.load', label, contents.thicknessMm, 'mm', {
      rule: 'As you gave it.',
      inputs: [],
      source: CHOSEN,
    });
  return makeFigure('contents.load', label, packed?.value ?? 0, 'mm', {
    rule: packed ? 'As thick as what goes in, packed.' : 'Nothing goes in yet.',
    inputs: packed ? [inputFrom(packed)] : [],
    source: GEOMETRY,
  });
}

function massFigure({ contents }: Design): Figure {
  const label = 'Mass of the load';
  if (contents.massG !== null)
    return makeFigure('contents.mass', label, contents.massG, 'g', {
      rule: 'As you gave it.',
      inputs: [],
      source: CHOSEN,
    });
  const weighed = contents.items.filter(({ thing }) => thing.massG !== null);
  const left = contents.items.length - weighed.length;
  const massG = weighed.reduce((sum, { thing, count }) => sum + (thing.massG ?? 0) * count, 0);
  return makeFigure('contents.mass', label, massG, 'g', {
    rule: `What goes in, added up.${left > 0 ? ` ${left} of ${contents.items.length} kinds have no mass yet, so it is at least this.` : ''}`,
    inputs: weighed.map(({ thing, count }) =>
      input(count === 1 ? thing.name : `${thing.name}, ${count} of them`, (thing.massG ?? 0) * count, 'g'),
    ),
    source: MEASURED,
  });
}

const WANTED = {
  width: { id: 'size.wantedWidth', label: 'Width you want', field: 'widthMm' },
  height: { id: 'size.wantedHeight', label: 'Height you want', field: 'heightMm' },
  diameter: { id: 'size.wantedHeight', label: 'Height you want', field: 'widthMm' },
} as const;

/** The outside size that is planned for. Where it is an inside one, or follows from what goes in, the sheets come on top. */
function wantedFigure(size: keyof typeof WANTED, design: Design, sheets: Layers, needed: Figure | null): Figure {
  const { sizesFrom } = design.body;
  const { id, label, field } = WANTED[size];
  const wishedMm = design.body[field];
  const sheetsMm = size === 'height' ? sheetsAlongMm(sheets, wrapOf(design.body.kind)) : sheetsAcrossMm(sheets);
  const inputs = sheetInputs(sheets);
  const outside =
    size === 'height'
      ? `${capital(sheetWords(sheets))} of the base come on top`
      : `${capital(sheetWords(sheets))} come on top on both sides`;
  if (sizesFrom === 'contents' && needed)
    return makeFigure(id, label, needed.value + sheetsMm, 'mm', {
      rule: `What goes in needs so much inside. ${outside}.`,
      inputs: [inputFrom(needed), ...inputs],
      source: GEOMETRY,
    });
  if (sizesFrom === 'inside')
    return makeFigure(id, label, wishedMm + sheetsMm, 'mm', {
      rule: `You want so much inside. ${outside}.`,
      inputs: [input(`Inside ${size} you want`, wishedMm, 'mm'), ...inputs],
      source: GEOMETRY,
    });
  return makeFigure(id, label, wishedMm, 'mm', { rule: 'Outside, as you wish it.', inputs: [], source: CHOSEN });
}

/** The depth outside that is planned for: wished, or what goes in and the sheets of front and back. */
function wantedDepth({ body }: Design, sheets: Layers, needed: Figure | null): Figure | null {
  if (!('depthMm' in body)) return null;
  const label = 'Depth you want';
  if (body.sizesFrom === 'contents' && needed)
    return makeFigure('size.wantedDepth', label, needed.value + sheetsThroughMm(sheets), 'mm', {
      rule: `What goes in needs so much inside. ${capital(sheetWords(sheets))} of front and back come on top.`,
      inputs: [inputFrom(needed), ...sheetInputs(sheets)],
      source: GEOMETRY,
    });
  return makeFigure('size.wantedDepth', label, body.depthMm, 'mm', {
    rule: 'Outside, as you wish it.',
    inputs: [],
    source: CHOSEN,
  });
}
