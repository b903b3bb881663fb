import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { ringBounds } from '@/core/cutting';
import { usualDropIn, usualEdging, usualLining, usualMesh, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { pageWords, piecesToCut } from '@/core/wording';
import { paperSheet, type NamedPiece } from '@/drawing/paper';
import { pdfOf, TEST_SQUARE_MM, tilesOf } from '@/drawing/paper/pdfOf';
import { PAPERS, type PaperName } from '@/drawing/paper/tiles';

const font = readFileSync('node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff');
const design: Design = { ...bagOf('gusset'), lining: { ...usualDropIn(), cut: 'walls' } };
const pieces: NamedPiece[] = piecesToCut(design, planOf(design));

const scratch = mkdtempSync(join(tmpdir(), 'printed-'));
/** The pages as a printer sees them: what is read off them by programs that did not write them. */
async function printed(paper: PaperName) {
  const sheet = paperSheet(pieces, 760);
  const path = join(scratch, `${paper}.pdf`);
  writeFileSync(path, await pdfOf(sheet, paper, [font], pageWords(design)));
  const dpi = 100;
  execFileSync('pdftoppm', ['-r', String(dpi), '-gray', path, join(scratch, paper)]);
  const text = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
  const pageCount = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [path], { encoding: 'utf8' }))?.[1]);
  const page = (number: number) => pgm(readFileSync(join(scratch, `${paper}-${number}.pgm`)));
  return { sheet, text, pageCount, page, mmPerPixel: 25.4 / dpi };
}

/** A grey picture as pdftoppm writes one: how dark each pixel is. */
function pgm(bytes: Buffer) {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'));
  if (!head) throw new Error('no picture');
  const [wide, high] = [Number(head[1]), Number(head[2])];
  const pixels = bytes.subarray(head[0].length);
  return { wide, high, isDark: (x: number, y: number) => (pixels[y * wide + x] ?? 255) < 128 };
}

describe('pieces on paper', () => {
  it.each(['a4', 'a3', 'letter'] as const)(
    '%s: the square on the first page measures 50 mm, in pixels',
    async (paper) => {
      const { page, mmPerPixel } = await printed(paper);
      const { wide, high, isDark } = page(1);
      expect(wide * mmPerPixel).toBeCloseTo(PAPERS[paper].widthMm, 0);
      expect(high * mmPerPixel).toBeCloseTo(PAPERS[paper].heightMm, 0);
      // A level line through the middle of the square meets its two sides first.
      const y = Math.round((10 + 16 + TEST_SQUARE_MM / 2 - 8) / mmPerPixel);
      const dark = Array.from({ length: Math.round(75 / mmPerPixel) }, (_, x) => x).filter((x) => isDark(x, y));
      const [left, right] = [dark[0] ?? NaN, dark.at(-1) ?? NaN];
      expect(Math.abs((right - left) * mmPerPixel - TEST_SQUARE_MM)).toBeLessThan(0.6);
    },
  );

  it('has a page for every tile and one to measure by, each named, and every piece named with how many to cut', async () => {
    const { sheet, text, pageCount } = await printed('a4');
    const all = tilesOf(sheet, 'a4');
    expect(pageCount).toBe(all.length + 1);
    for (const { name } of all) expect(text).toContain(`page ${name}`);
    for (const { name, copies } of pieces) {
      expect(text).toContain(name);
      expect(text).toContain(`Cut ${copies}`);
    }
  });

  it('lies whole on the pages together, each of its points where it belongs', async () => {
    const { sheet, page, mmPerPixel } = await printed('a4');
    // The first piece's cut line, read off the page that its lower left corner lies on.
    const [first] = pieces;
    if (!first) throw new Error('no piece');
    const { widthMm } = ringBounds(first.cut);
    const tile = tilesOf(sheet, 'a4')[0];
    if (!tile || widthMm > tile.widthMm) return;
    const { isDark } = page(2);
    // Across the middle of the page: from the left edge of the piece to the right.
    const y = Math.round((10 + 60) / mmPerPixel);
    const dark = Array.from({ length: Math.round((10 + widthMm + 1.5) / mmPerPixel) }, (_, x) => x).filter((x) =>
      isDark(x, y),
    );
    expect(Math.abs(((dark.at(-1) ?? NaN) - (dark[0] ?? NaN)) * mmPerPixel - widthMm)).toBeLessThan(1);
  });
});

describe('what lies between, on paper', () => {
  const strip = bagOf('fold-over-strip');
  /** How far apart the outermost lines are that run up through the middle of the first page with pieces on it, mm; and how far they are to be. */
  const widthOn = async (of: Design, name: string) => {
    const piece = piecesToCut(of, planOf(of)).find((one) => one.name.includes(name));
    if (!piece) throw new Error(`no ${name}`);
    const path = join(scratch, 'between.pdf');
    writeFileSync(path, await pdfOf(paperSheet([piece], 760), 'a3', [font], pageWords(of)));
    execFileSync('pdftoppm', ['-r', '100', '-gray', path, join(scratch, 'between')]);
    const text = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
    const { wide, high, isDark } = pgm(readFileSync(join(scratch, 'between-2.pgm')));
    // Dark in most of the rows through the middle of the page.
    const rows = Array.from({ length: 60 }, (_, row) => Math.round(high / 2) + row);
    const upright = Array.from({ length: wide }, (_, x) => x).filter(
      (x) => rows.filter((y) => isDark(x, y)).length > 50,
    );
    const widthMm = ((upright.at(-1) ?? NaN) - (upright[0] ?? NaN)) * MM_A_PIXEL;
    return { widthMm, cutMm: ringBounds(piece.cut).widthMm, text };
  };
  const MM_A_PIXEL = 25.4 / 100;

  it('interfacing is printed at its own size, smaller than the lining, and says what it is', async () => {
    const lined: Design = { ...strip, lining: { ...usualLining(), interfacingMm: 2 } };
    const { widthMm, cutMm, text } = await widthOn(lined, 'nterfacing');
    expect(Math.abs(widthMm - cutMm)).toBeLessThan(0.6);
    expect(text.toLowerCase()).toContain('interfacing');
    const lining = piecesToCut(lined, planOf(lined)).find(({ name }) => !name.includes('nterfacing'));
    expect(ringBounds(lining?.cut ?? []).widthMm).toBeGreaterThan(cutMm);
  });

  it('a mesh is printed as wide as it is cut', async () => {
    const { widthMm, cutMm, text } = await widthOn(
      { ...strip, edgings: [{ ...usualEdging('single', 'strip'), rounds: 2 }], stiffener: usualMesh() },
      'tiffener',
    );
    expect(Math.abs(widthMm - cutMm)).toBeLessThan(0.6);
    expect(text).toMatch(/\d+ bars by \d+/);
  });
});
