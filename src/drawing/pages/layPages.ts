/** What a pattern is set from, one thing below the other. */
export type Block =
  | { kind: 'title' | 'heading' | 'line'; text: string }
  /** A row: with a box to tick. */
  | { kind: 'row'; text: string }
  | { kind: 'picture'; widthMm: number; heightMm: number; label: string };

/** Something on a page, mm from its upper left corner; text stands on its baseline. */
export type Placed =
  | { kind: 'text'; x: number; y: number; sizeMm: number; text: string }
  | { kind: 'box'; x: number; y: number; sizeMm: number }
  | { kind: 'picture'; x: number; y: number; scale: number; block: number };

/** How wide a text is in letters of a size, in the units of that size, as a kind of block is set. */
export type WidthOf = (text: string, sizeMm: number, kind: Block['kind']) => number;

/** All of one block on a page. */
export interface PlacedBlock {
  block: number;
  kind: Block['kind'];
  items: Placed[];
}
export interface Page {
  blocks: PlacedBlock[];
}

export interface Paper {
  widthMm: number;
  heightMm: number;
  marginMm: number;
}

interface Type {
  sizeMm: number;
  /** From one line to the next, and the room before the block, mm. */
  leadMm: number;
  beforeMm: number;
}

const TYPES: Readonly<Record<Exclude<Block['kind'], 'picture'>, Type>> = {
  title: { sizeMm: 8.5, leadMm: 10.5, beforeMm: 0 },
  heading: { sizeMm: 4.9, leadMm: 6.2, beforeMm: 5 },
  line: { sizeMm: 3.6, leadMm: 5, beforeMm: 0.8 },
  row: { sizeMm: 3.6, leadMm: 5, beforeMm: 1 },
};
/** A box to tick, and what its row is set in for it, mm. */
const BOX_MM = 3;
const BOX_ROOM_MM = 6;
/** A picture takes at most so much of the height of a page. */
const MOST_PICTURE = 0.45;
const PICTURE_GAP_MM = 5;

/**
 * Sets blocks on pages: no block is broken that fits on a page, and no heading stands alone at a page's end.
 *
 * @param widthOf how wide a text is in letters of a size, in the units of that size
 *
 * @example
 * layPages([{ kind: 'title', text: 'A pouch' }], { widthMm: 210, heightMm: 297, marginMm: 18 }, (text, size) => text.length * size / 2).length // => 1
 */
export function layPages(blocks: readonly Block[], paper: Paper, widthOf: WidthOf): Page[] {
  const bottom = paper.heightMm - paper.marginMm;
  const wide = paper.widthMm - 2 * paper.marginMm;
  const high = bottom - paper.marginMm;
  const set = blocks.map((block) => setBlock(block, wide, high, widthOf));
  const pages: Page[] = [];
  let y = Infinity;
  blocks.forEach((block, index) => {
    const own = set[index] as SetBlock;
    // A heading goes with what it is the heading of.
    const next = block.kind === 'heading' ? set[index + 1] : undefined;
    const needs = own.heightMm + (next ? Math.min(next.heightMm, high / 2) : 0);
    if (y + needs > bottom && !(y === paper.marginMm)) {
      pages.push({ blocks: [] });
      y = paper.marginMm;
    }
    for (const part of own.parts) {
      if (y + part.heightMm > bottom && y > paper.marginMm) {
        pages.push({ blocks: [] });
        y = paper.marginMm;
      }
      const page = pages.at(-1) as Page;
      const last = page.blocks.at(-1);
      const items = part.items(paper.marginMm, y, index);
      if (last?.block === index) last.items.push(...items);
      else page.blocks.push({ block: index, kind: block.kind, items });
      y += part.heightMm;
    }
  });
  return pages;
}

interface SetBlock {
  heightMm: number;
  /** What is never broken: the whole block, or its lines where it is higher than a page. */
  parts: { heightMm: number; items: (x: number, y: number, block: number) => Placed[] }[];
}

function setBlock(block: Block, wideMm: number, highMm: number, widthOf: WidthOf): SetBlock {
  if (block.kind === 'picture') {
    const scale = Math.min(1, wideMm / block.widthMm, (MOST_PICTURE * highMm) / block.heightMm);
    const heightMm = block.heightMm * scale + 2 * PICTURE_GAP_MM;
    const inset = (wideMm - block.widthMm * scale) / 2;
    return {
      heightMm,
      parts: [
        {
          heightMm,
          items: (x, y, index) => [{ kind: 'picture', x: x + inset, y: y + PICTURE_GAP_MM, scale, block: index }],
        },
      ],
    };
  }
  const type = TYPES[block.kind];
  const inset = block.kind === 'row' ? BOX_ROOM_MM : 0;
  const lines = wrapped(block.text, wideMm - inset, (text) => widthOf(text, type.sizeMm, block.kind));
  const heightMm = type.beforeMm + lines.length * type.leadMm;
  const lineAt =
    (text: string, at: number, isFirst: boolean) =>
    (x: number, y: number): Placed[] => [
      ...(block.kind === 'row' && isFirst
        ? [{ kind: 'box' as const, x, y: y + at - BOX_MM + 0.2, sizeMm: BOX_MM }]
        : []),
      { kind: 'text', x: x + inset, y: y + at, sizeMm: type.sizeMm, text },
    ];
  const baseline = type.beforeMm + type.leadMm * 0.75;
  if (heightMm <= highMm)
    return {
      heightMm,
      parts: [
        {
          heightMm,
          items: (x, y) =>
            lines.flatMap((text, index) => lineAt(text, baseline + index * type.leadMm, index === 0)(x, y)),
        },
      ],
    };
  return {
    heightMm,
    parts: lines.map((text, index) => ({
      heightMm: type.leadMm,
      items: lineAt(text, type.leadMm * 0.75, index === 0),
    })),
  };
}

/**
 * A text in lines that are no wider than asked; a word that is wider is cut.
 *
 * @example
 * wrapped('one two three', 7, (text) => text.length) // => ['one two', 'three']
 */
export function wrapped(text: string, widest: number, widthOf: (text: string) => number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/).filter((one) => one !== '')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer) <= widest) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    line = word;
    while (widthOf(line) > widest && line.length > 1) {
      let fits = line.length - 1;
      while (fits > 1 && widthOf(line.slice(0, fits)) > widest) fits -= 1;
      lines.push(line.slice(0, fits));
      line = line.slice(fits);
    }
  }
  return line === '' && lines.length > 0 ? lines : [...lines, line];
}
