import AxeBuilder from '@axe-core/playwright';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test, type Download, type Page } from '@playwright/test';
import { goTo, newBag, saved } from './bag';
import { unzipped } from './unzipped';

const leaves = async (page: Page, button: string): Promise<Download> => {
  const download = page.waitForEvent('download');
  await page.getByRole('region', { name: 'The whole pattern' }).getByRole('button', { name: button }).click();
  return download;
};

test.beforeEach(async ({ page }) => {
  await newBag(page);
  await saved(page);
  await goTo(page, 'Write-up');
  await expect(page.getByRole('heading', { name: 'The whole pattern' })).toBeVisible();
});

test('the pattern says how difficult it is and how long it takes, and leaves as a PDF that another program reads', async ({
  page,
}) => {
  const pattern = page.getByTestId('pattern');
  await expect(pattern).toContainText(/Difficulty: .+\(/);
  await expect(pattern).toContainText(/Time: rows and rounds take about \d+ h at a usual pace/);
  const file = await leaves(page, 'Save as PDF');
  expect(file.suggestedFilename()).toMatch(/\.pdf$/);
  const text = execFileSync('pdftotext', ['-raw', await file.path(), '-'], { encoding: 'utf8' });
  const shown = await pattern.getByRole('paragraph').allTextContents();
  const bare = (words: string) => words.replace(/\s+/g, '');
  for (const line of shown.slice(0, 12)) expect(bare(text)).toContain(bare(line));
  expect(execFileSync('pdfinfo', [await file.path()], { encoding: 'utf8' })).toMatch(/Tagged:\s+yes/);
});

test('all of it leaves as one ZIP that another program opens: text, page, drawings, and the bag itself', async ({
  page,
}) => {
  const file = await leaves(page, 'Save all of it as one ZIP');
  const files = await unzipped(await file.path());
  const names = [...files.keys()];
  expect(names.filter((name) => name.startsWith('drawings/')).length).toBeGreaterThan(1);
  for (const end of ['.txt', '.md', '.html', '.pdf', '.ruelle.json'])
    expect(names.filter((name) => name.endsWith(end))).toHaveLength(1);
  const design = files.get(names.find((name) => name.endsWith('.ruelle.json')) ?? '')?.toString('utf8') ?? '';
  const read = JSON.parse(design) as { format: string };
  expect(read.format).toBe('ruelle-design');
});

test('as a page of the web it stands by itself, its rows to be ticked', async ({ page, context }) => {
  const file = await leaves(page, 'Save as a web page');
  const html = readFileSync(await file.path(), 'utf8');
  expect(html).not.toMatch(/https?:\/\/(?!www\.w3\.org)/);
  const own = await context.newPage();
  await own.setContent(html);
  await expect(own.getByRole('heading', { level: 1 })).toBeVisible();
  const rows = own.getByRole('checkbox');
  expect(await rows.count()).toBeGreaterThan(3);
  await rows.first().check();
  await expect(own.locator('figure svg').first()).toBeVisible();
  await own.close();
});

test('on paper stands the pattern, and nothing of the program', async ({ page }) => {
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('pattern')).toBeVisible();
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'The whole pattern' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Copy the text' })).toBeHidden();
});

test('it is written in Italian, spelled out, in both units, and leaves so', async ({ page }) => {
  const pattern = page.getByTestId('pattern');
  await page.getByLabel('Crochet words').selectOption({ label: 'Italian' });
  await expect(pattern).toContainText(/Riga 1 \(diritto\): mb nella 2ª cat dall’uncinetto/);
  await page.getByLabel('Stitches').selectOption({ label: 'Spelled out' });
  await expect(pattern).toContainText(/Riga 1 \(diritto\): maglia bassa nella 2ª catenella dall’uncinetto/);
  await page.getByLabel('Lengths in').selectOption({ label: 'cm, then inches' });
  await expect(pattern).toContainText(/Width, outside: \d+\.\d cm \/ \d+[¼½¾⅛⅜⅝⅞]? in/);
  await saved(page);
  const file = await leaves(page, 'Save as PDF');
  const text = execFileSync('pdftotext', ['-raw', await file.path(), '-'], { encoding: 'utf8' });
  expect(text).toContain('Riga 1 (diritto): maglia bassa nella 2ª catenella');
  expect(execFileSync('pdfinfo', ['-struct-text', await file.path()], { encoding: 'utf8' })).toContain('H1');
  // Undo takes the units back first.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(pattern).not.toContainText('cm /');
});

test('in several sizes numbers stand as 26 (30, 34), each size is drawn, and what can’t be made is said', async ({
  page,
}) => {
  const pattern = page.getByTestId('pattern');
  const sizes = page.getByRole('region', { name: /One size|sizes in one pattern/ });
  await sizes.getByRole('button', { name: 'Add a size' }).click();
  await expect(sizes.getByRole('heading')).toHaveText('2 sizes in one pattern');
  await expect(sizes.getByRole('img', { name: /^Size L, / })).toBeVisible();
  await sizes.getByRole('button', { name: 'Add a size' }).click();
  await expect(pattern).toContainText('Sizes: M (L, XL).');
  await expect(pattern).toContainText(/Ch \d+ \(\d+, \d+\)\./);
  await sizes.getByLabel('Size', { exact: true }).last().fill('L');
  await sizes.getByLabel('Size', { exact: true }).last().press('Enter');
  await expect(sizes.getByText('Another size is called “L” already.')).toBeVisible();
  await sizes.getByLabel('Size', { exact: true }).last().press('Escape');
  const follows = sizes.getByLabel('Follows from').last();
  await follows.selectOption({ label: 'what it holds' });
  await expect(sizes.getByLabel('It holds, thick (XL)')).toBeVisible();
  await expect(pattern).toContainText(/Sizes: M \(L, XL\)|Sizes: .*XL/);
  await saved(page);
  await page.reload();
  await expect(sizes.getByRole('heading')).toHaveText('3 sizes in one pattern');
  await sizes.getByRole('button', { name: 'Take L out' }).click();
  await expect(sizes.getByRole('heading')).toHaveText('2 sizes in one pattern');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
});
