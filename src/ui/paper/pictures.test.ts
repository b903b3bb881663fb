import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { flatSize } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { patternOf } from '@/core/design';
import { chartDrawing, foldedDrawing, pieceDrawing, sectionDrawing } from '@/drawing';
import { lettersIn } from '@/drawing/paper';
import { pictureOf, pictureSvg } from '@/drawing/picture';
import { picturePdf } from '@/drawing/picture/picturePdf';
import { STROKES } from '@/ui/theme/strokes';
import { CLOTHS } from '@/ui/theme/colours';
import { pictureLook } from '@/ui/theme/pictureLook';
import { dpiOf } from './pngOf';

const font = readFileSync('node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff');
const scratch = mkdtempSync(join(tmpdir(), 'pictures-'));
const look = pictureLook('madder');

describe.each(BODY_KINDS)('the drawings of %s', (kind) => {
  const bag = bagOf(kind);
  const plan = planOf(bag);
  const pieces = plan.pieces.map((piece) => ({ name: piece.id, drawing: pieceDrawing(bag, plan, piece) }));

  it('leave as SVG at true size: the outline of each piece, read again by its numbers, is as large as the piece', () => {
    const svg = pictureSvg(pictureOf(pieces, look), 'Flat pieces');
    const cloth = [...svg.matchAll(/<path d="M([^"]+)Z" fill="#85393b"/g)].map(([, d = '']) =>
      d
        .split(/[ML]/)
        .filter(Boolean)
        .map((pair) => pair.split(' ').map(Number) as [number, number]),
    );
    expect(cloth.length).toBeGreaterThanOrEqual(plan.pieces.length);
    for (const piece of plan.pieces) {
      const { widthMm, lengthMm } = flatSize(piece);
      const found = cloth.some((points) => {
        const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
        const [wide, high] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
        return Math.abs(wide - widthMm) < 0.02 && Math.abs(high - lengthMm) < 0.02;
      });
      expect(found, piece.id).toBe(true);
    }
    expect(svg).not.toContain('var(');
  });

  it('leave with the section, empty and loaded, and the closed bag, each within its picture', () => {
    const picture = pictureOf(
      [
        { name: 'Empty', drawing: sectionDrawing(plan, 'empty') },
        { name: 'Loaded', drawing: sectionDrawing(plan, 'loaded') },
        { name: bag.name, drawing: foldedDrawing(plan) },
        // Its turning chains stand beside its box.
        { name: 'Chart', drawing: chartDrawing(patternOf(bag), 4, 'right', 'does-not-count') },
      ],
      look,
    );
    for (const { points } of picture.paths)
      for (const { x, y } of points) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(picture.widthMm);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(picture.heightMm);
      }
    expect(picture.labels.map(({ text }) => text)).toEqual(['Empty', 'Loaded', bag.name, 'Chart']);
  });
});

describe('as a PDF', () => {
  const bag = bagOf('fold-over-strip');
  const plan = planOf(bag);
  const picture = pictureOf(
    plan.pieces.map((piece) => ({ name: 'Panel', drawing: pieceDrawing(bag, plan, piece) })),
    look,
  );

  it('is one page as large as the picture, in the yarn’s colour, with its name', async () => {
    const file = join(scratch, 'panel.pdf');
    writeFileSync(file, await picturePdf(picture, [font], 'Panel'));
    const info = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
    const [, wide, high] = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(info) ?? [];
    expect((Number(wide) * 25.4) / 72).toBeCloseTo(picture.widthMm, 1);
    expect((Number(high) * 25.4) / 72).toBeCloseTo(picture.heightMm, 1);
    expect(execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' })).toContain('Panel');
    execFileSync('pdftoppm', ['-r', '72', file, join(scratch, 'panel')]);
    const ppm = readFileSync(join(scratch, 'panel-1.ppm'));
    const [, width = '', height = ''] = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(ppm.toString('latin1', 0, 30)) ?? [];
    const start = ppm.length - 3 * Number(width) * Number(height);
    const colours = new Map<string, number>();
    for (let at = start; at < ppm.length; at += 3) {
      const key = `#${ppm.toString('hex', at, at + 3)}`;
      colours.set(key, (colours.get(key) ?? 0) + 1);
    }
    const most = [...colours].filter(([colour]) => colour !== '#ffffff').sort((a, b) => b[1] - a[1])[0];
    expect(most?.[0]).toBe(CLOTHS.madder.cloth);
  });
});

test('names in other letters are written in them, and what no font has is told by a question mark', async () => {
  const fonts = lettersIn('Łódź Ντόρα Бабушка').map((letters) =>
    readFileSync(`node_modules/@fontsource/source-sans-3/files/source-sans-3-${letters}-400-normal.woff`),
  );
  const file = join(scratch, 'letters.pdf');
  const label = { x: 60, y: 20, sizeMm: 5 };
  const texts = ['Łódź, Ντόρα, Бабушка', 'Tasche 袋'];
  writeFileSync(
    file,
    await picturePdf(
      {
        widthMm: 120,
        heightMm: 60,
        paths: [],
        labels: texts.map((text, index) => ({ ...label, y: 20 + 20 * index, text })),
      },
      fonts,
      'Letters',
    ),
  );
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  expect(text).toContain('Łódź, Ντόρα, Бабушка');
  expect(text).toContain('Tasche ?');
  // Each letter that is asked for has its glyph: nothing is left to a font that is not in the file.
  expect(execFileSync('pdffonts', [file], { encoding: 'utf8' }).match(/Identity-H\s+yes/g)).toHaveLength(fonts.length);
});

test('every role has colours of its own on a picture: none is left to a page that is not there', () => {
  for (const cloth of Object.keys(CLOTHS) as (keyof typeof CLOTHS)[])
    for (const role of Object.keys(STROKES) as (keyof typeof STROKES)[]) {
      const { fill, stroke } = pictureLook(cloth)(role);
      for (const colour of [fill, stroke]) if (colour !== null) expect(colour, role).toMatch(/^#[0-9a-f]{6}$/);
      expect(fill !== null || stroke !== null, role).toBe(true);
    }
});

test('a picture has 300 dots to the inch, and fewer only where it would be larger than browsers draw', () => {
  expect(dpiOf({ widthMm: 200, heightMm: 300 })).toBe(300);
  expect(dpiOf({ widthMm: 2000, heightMm: 300 })).toBe(101);
});
