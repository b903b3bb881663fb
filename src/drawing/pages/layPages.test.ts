import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layPages, patternHtml, wrapped, type Block, type Paper } from '.';

const paper: Paper = { widthMm: 210, heightMm: 297, marginMm: 18 };
/** Letters half as wide as they are high. */
const widthOf = (text: string, sizeMm: number) => (text.length * sizeMm) / 2;

const someBlock = fc.oneof(
  fc.record({
    kind: fc.constantFrom('title' as const, 'heading' as const, 'line' as const, 'row' as const),
    text: fc
      .array(
        fc.string({ minLength: 1, maxLength: 12 }).map((word) => word.replace(/\s/g, 'x')),
        { minLength: 1, maxLength: 160 },
      )
      .map((all) => all.join(' ')),
  }),
  fc.record({
    kind: fc.constant('picture' as const),
    widthMm: fc.integer({ min: 10, max: 900 }),
    heightMm: fc.integer({ min: 10, max: 900 }),
    label: fc.constant('A pouch'),
  }),
);

describe('pages', () => {
  it('hold every block once, in turn, within their margins, whatever there is', () => {
    fc.assert(
      fc.property(fc.array(someBlock, { minLength: 1, maxLength: 30 }), (blocks: Block[]) => {
        const pages = layPages(blocks, paper, widthOf);
        const order = pages.flatMap((page) => page.blocks.map(({ block }) => block));
        expect([...new Set(order)]).toEqual(blocks.map((_, index) => index));
        expect(order).toEqual([...order].sort((one, other) => one - other));
        for (const page of pages)
          for (const { items, block } of page.blocks)
            for (const item of items) {
              expect(item.x).toBeGreaterThanOrEqual(paper.marginMm - 1e-9);
              expect(item.y).toBeGreaterThan(0);
              const own = blocks[block] as Block;
              const below = item.kind === 'picture' && own.kind === 'picture' ? own.heightMm * item.scale : 0;
              expect(item.y + below).toBeLessThanOrEqual(paper.heightMm - paper.marginMm + 1e-6);
              if (item.kind === 'text')
                expect(item.x + widthOf(item.text, item.sizeMm)).toBeLessThanOrEqual(
                  paper.widthMm - paper.marginMm + 1e-6,
                );
            }
        // Nothing of a text is lost.
        blocks.forEach((block, index) => {
          if (block.kind === 'picture') return;
          const words = pages
            .flatMap((page) => page.blocks.filter((one) => one.block === index))
            .flatMap(({ items }) => items);
          const said = words.flatMap((item) => (item.kind === 'text' ? [item.text] : [])).join(' ');
          expect(said.replace(/\s/g, '')).toBe(block.text.replace(/\s/g, ''));
        });
      }),
      { numRuns: 200 },
    );
  });

  it('break no row that fits on a page, and leave no heading alone at the end of one', () => {
    const row: Block = {
      kind: 'row',
      text: 'Row 7: sc in each st across, then a word or two more of what is done here. (30 sc)'.repeat(2),
    };
    for (let before = 0; before < 60; before += 1) {
      const blocks: Block[] = [
        ...Array.from({ length: before }, (): Block => ({ kind: 'line', text: 'A line.' })),
        { kind: 'heading', text: 'Panel' },
        row,
        row,
      ];
      const pages = layPages(blocks, paper, widthOf);
      const pageOf = (block: number) =>
        pages.flatMap((page, index) => (page.blocks.some((one) => one.block === block) ? [index] : []));
      expect(pageOf(before)).toEqual(pageOf(before + 1));
      for (const block of [before, before + 1, before + 2]) expect(pageOf(block)).toHaveLength(1);
    }
  });

  it('are as many as they must be: a text higher than a page goes on over as many', () => {
    const words = 3000;
    const [line] = [{ kind: 'line' as const, text: Array.from({ length: words }, () => 'abcdefghi').join(' ') }];
    const pages = layPages([line], paper, widthOf);
    // Worked by hand: 9 words of ten letters of 1.8 mm in 174 mm; 334 lines of 5 mm, 52 in 261 mm.
    expect(pages).toHaveLength(Math.ceil(Math.ceil(words / 9) / 52));
  });

  it('cut a word that is wider than a line', () => {
    expect(wrapped('abcdefghij', 4, (text) => text.length)).toEqual(['abcd', 'efgh', 'ij']);
    expect(wrapped('', 4, (text) => text.length)).toEqual(['']);
  });
});

it('a page of the web says what is written, as text and never as markup', () => {
  const nasty = '<script>alert("1 & 2")</script>';
  const html = patternHtml(
    { title: nasty, sections: [{ id: 'panel', heading: nasty, lines: [`Row 1: ${nasty}`, nasty] }] },
    [{ before: 'panel', label: nasty, svg: '<?xml version="1.0"?>\n<svg></svg>' }],
    'en',
  );
  expect(html).not.toContain('<script');
  expect(html.match(/&lt;script&gt;alert\(&quot;1 &amp; 2&quot;\)&lt;\/script&gt;/g)).toHaveLength(6);
  expect(html.match(/type="checkbox"/g)).toHaveLength(1);
});
