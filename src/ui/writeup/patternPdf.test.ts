import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { writePattern } from '@/core/wording';
import { foldedDrawing } from '@/drawing';
import { patternBlocks } from '@/drawing/pages';
import { patternPdf } from '@/drawing/pages/patternPdf';
import { pictureOf } from '@/drawing/picture';
import { pictureLook } from '@/ui/theme/pictureLook';

const font = readFileSync('node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff');
const extended = readFileSync('node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-ext-400-normal.woff');
const greek = readFileSync('node_modules/@fontsource/source-sans-3/files/source-sans-3-greek-400-normal.woff');
const scratch = mkdtempSync(join(tmpdir(), 'pattern-'));

const design = { ...bagOf('gusset'), name: 'Étui for “reeds” ½' };
const plan = planOf(design);
const pattern = writePattern(design, plan);
const picture = pictureOf([{ name: '', drawing: foldedDrawing(plan) }], pictureLook(design.swatch.yarn.colour));
const { blocks, pictures } = patternBlocks(pattern, [{ before: 'about', label: 'Closed, from the front', picture }]);

async function file(paper: 'a4' | 'letter'): Promise<string> {
  const path = join(scratch, `${paper}.pdf`);
  const bytes = await patternPdf(
    { title: pattern.title, blocks, pictures, paper, language: 'en-US', pageWords: (page, of) => `${page} of ${of}` },
    [font, extended, greek],
  );
  writeFileSync(path, bytes);
  return path;
}

describe('a pattern as a PDF', () => {
  it.each(['a4', 'letter'] as const)('%s: another program reads all of its words, in their order', async (paper) => {
    const path = await file(paper);
    const text = execFileSync('pdftotext', ['-raw', path, '-'], { encoding: 'utf8' }).replace(/\d+ of \d+\s/g, ' ');
    const bare = (words: string) => words.replace(/\s+/g, '');
    const read = bare(text);
    let from = 0;
    for (const block of blocks) {
      if (block.kind === 'picture') continue;
      const found = read.indexOf(bare(block.text), from);
      expect(found, block.text).toBeGreaterThanOrEqual(0);
      from = found + bare(block.text).length;
    }
    const info = execFileSync('pdfinfo', [path], { encoding: 'utf8' });
    expect(info).toMatch(/Tagged:\s+yes/);
    expect(info).toContain(`Title:           ${pattern.title}`);
    expect(info).toMatch(paper === 'a4' ? /Page size:\s+595\.\d+ x 841\.\d+ pts \(A4\)/ : /Page size:\s+612 x 792 pts/);
    const fonts = execFileSync('pdffonts', [path], { encoding: 'utf8' }).trim().split('\n').slice(2);
    // Embedded, to be searched; and of the letters only those that are used: the files of all of them are larger.
    expect(fonts.length).toBeGreaterThan(0);
    for (const line of fonts) expect(line).toMatch(/Identity-H\s+yes\s+\w+\s+yes/);
    expect(readFileSync(path).length).toBeLessThan(font.length + extended.length + greek.length);
  });

  it('is tagged: a title, headings, rows and a figure with words for it, in the order of the pages (ISO 14289-1)', async () => {
    const structure = execFileSync('pdfinfo', ['-struct-text', await file('a4')], { encoding: 'utf8' });
    expect(structure.match(/^\s*H1/gm)).toHaveLength(1);
    expect(structure.match(/^\s*H2/gm)).toHaveLength(pattern.sections.length);
    expect(structure.match(/^\s*Figure/gm)).toHaveLength(1);
    expect(structure.match(/^\s*P\b/gm)?.length).toBe(
      blocks.filter(({ kind }) => kind === 'line' || kind === 'row').length,
    );
    const document = await getDocument({ data: new Uint8Array(readFileSync(join(scratch, 'a4.pdf'))) }).promise;
    const tree = JSON.stringify(await (await document.getPage(1)).getStructTree());
    expect(tree).toContain('Closed, from the front');
    expect(tree.indexOf('"H1"')).toBeLessThan(tree.indexOf('"Figure"'));
    expect(await document.getMarkInfo()).toMatchObject({ Marked: true });
  });
});
