import type { Design } from '@/core/design';
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
import { nearestPacking, packingForInside, packingOfLeastFabric } from './choosePacking';
import { insideNeeded, sheetsAcrossMm, sheetsUpMm, type Sheets } from './inside';
import type { SettledDesign } from './load';
import { packThings, type Packings } from './packThings';
import { placeThings, thingsThatSet, type Lot, type PlacedThing } from './packTree';
import { piecesOf, type Piece } from './pieces';

/** What goes in, packed, and the sizes and the load that follow from it. */
export interface ContentsStage {
  /** Every thing as often as it goes in, those that fit no bag left out. */
  pieces: Piece[];
  packings: Packings;
  /** The packing that is planned with; null when nothing goes in. */
  packed: Lot | null;
  placed: PlacedThing[];
  /** Indexes into `pieces`: those without which the lot would be narrower, lower or thinner. */
  sets: { width: number[]; height: number[]; thickness: number[] };
  /** The outside sizes that the bag is planned for, whatever they follow from. */
  wanted: { width: Figure; height: Figure };
  settled: SettledDesign;
  figures: {
    packedWidth: Figure | null;
    packedHeight: Figure | null;
    packedThickness: Figure | null;
    needsWidth: Figure | null;
    needsHeight: Figure | null;
    load: Figure;
    mass: Figure;
    wantedWidth: Figure;
    wantedHeight: Figure;
  };
}

/**
 * Settles what a bag is planned for: how its things are packed, how thick and heavy they are together, and its outside sizes,
 * wished for or following from what goes in.
 *
 * @param packings ways to pack the things, where they were found already; else they are looked for now
 */
export function contentsStage(design: Design, sheets: Sheets, packings?: Packings): ContentsStage {
  const { contents, body } = design;
  const pieces = piecesOf(contents.items);
  const found = packings ?? packThings(pieces.map(({ box }) => box));
  const packed = choose(design, sheets, found);
  const sets = {
    width: packed ? thingsThatSet(packed, 'beside') : [],
    height: packed ? thingsThatSet(packed, 'above') : [],
    thickness: packed ? thingsThatSet(packed, 'behind') : [],
  };
  const setBy = (indexes: readonly number[], size: 'widthMm' | 'heightMm' | 'thicknessMm') => {
    const placed = packed ? placeThings(packed) : [];
    return indexes.map((index) => {
      const place = placed.find((candidate) => candidate.index === index);
      return input(pieces[index]?.name ?? '', place?.[size] ?? 0, 'mm');
    });
  };
  const packedFigure = (what: 'Width' | 'Height' | 'Thickness', label: string, mm: number, inputs: ReasonInput[]) =>
    makeFigure(`contents.packed${what}`, label, mm, 'mm', {
      rule: 'What sets it, as it lies in the bag, added up. Without one of these the lot would be smaller this way.',
      inputs,
      source: GEOMETRY,
    });
  const packedWidth = packed && packedFigure('Width', 'Packed, across', packed.widthMm, setBy(sets.width, 'widthMm'));
  const packedHeight = packed && packedFigure('Height', 'Packed, up', packed.heightMm, setBy(sets.height, 'heightMm'));
  const packedThickness =
    packed && packedFigure('Thickness', 'Packed, thick', packed.thicknessMm, setBy(sets.thickness, 'thicknessMm'));
  const needs =
    packedWidth && packedHeight && packedThickness
      ? neededFigures(packedWidth, packedHeight, packedThickness, contents.easeMm)
      : null;
  const load = loadFigure(design, packedThickness);
  const mass = massFigure(design);
  const width = wantedFigure('width', design, sheets, needs?.width ?? null);
  const height = wantedFigure('height', design, sheets, needs?.height ?? null);

  return {
    pieces,
    packings: found,
    packed,
    placed: packed ? placeThings(packed) : [],
    sets,
    wanted: { width, height },
    settled: {
      ...design,
      wishedMm: { widthMm: body.widthMm, heightMm: body.heightMm },
      body: { ...body, widthMm: width.value, heightMm: height.value },
      contents: { ...contents, thicknessMm: load.value, massG: mass.value },
    },
    figures: {
      packedWidth,
      packedHeight,
      packedThickness,
      needsWidth: needs?.width ?? null,
      needsHeight: needs?.height ?? null,
      load,
      mass,
      wantedWidth: width,
      wantedHeight: height,
    },
  };
}

/** The inside of a bag whose sizes she wishes for, mm. */
function wishedInside(design: Design, sheets: Sheets): { widthMm: number; heightMm: number } {
  const { widthMm, heightMm, sizesFrom } = design.body;
  return sizesFrom === 'inside'
    ? { widthMm, heightMm }
    : { widthMm: widthMm - sheetsAcrossMm(sheets), heightMm: heightMm - sheetsUpMm(sheets) };
}

function choose(design: Design, sheets: Sheets, { lots }: Packings): Lot | null {
  const { chosenPacking, easeMm } = design.contents;
  if (chosenPacking) return nearestPacking(lots, chosenPacking);
  return design.body.sizesFrom === 'contents'
    ? packingOfLeastFabric(lots, easeMm)
    : packingForInside(lots, wishedInside(design, sheets), easeMm);
}

function neededFigures(width: Figure, height: Figure, thickness: Figure, easeMm: number) {
  const needed = insideNeeded({ widthMm: width.value, heightMm: height.value, thicknessMm: thickness.value }, easeMm);
  const ease = input('Ease', easeMm, 'mm');
  return {
    width: makeFigure('contents.needsWidth', 'Inside width it needs', needed.widthMm, 'mm', {
      rule: 'Width of what is packed, plus its thickness, since a flat bag has to go round it, plus ease.',
      inputs: [inputFrom(width), inputFrom(thickness), ease],
      source: COMMON_PRACTICE,
    }),
    height: makeFigure('contents.needsHeight', 'Inside height it needs', needed.heightMm, 'mm', {
      rule: 'Height of what is packed, plus half its thickness, since the base goes round under it, plus ease.',
      inputs: [inputFrom(height), inputFrom(thickness), ease],
      source: COMMON_PRACTICE,
    }),
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

/** The outside size that is planned for. Where it is an inside one, or follows from what goes in, the sheets come on top. */
function wantedFigure(size: 'width' | 'height', design: Design, sheets: Sheets, needed: Figure | null): Figure {
  const { sizesFrom, widthMm, heightMm } = design.body;
  const wishedMm = size === 'width' ? widthMm : heightMm;
  const id = size === 'width' ? 'size.wantedWidth' : 'size.wantedHeight';
  const label = size === 'width' ? 'Width you want' : 'Height you want';
  const sheetsMm = size === 'width' ? sheetsAcrossMm(sheets) : sheetsUpMm(sheets);
  const inputs = [
    input('Thickness of the fabric', sheets.fabricMm, 'mm'),
    input('Thickness of the lining', sheets.liningMm, 'mm'),
  ];
  const outside =
    size === 'width' ? 'Fabric and lining come on top on both sides' : 'Fabric and lining of the base come on top';
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
