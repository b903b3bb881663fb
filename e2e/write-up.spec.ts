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
