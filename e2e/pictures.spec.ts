import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { axeFinds, goTo, newBag, saved } from './bag';

test('the drawings of a bag leave as files at true size, as lines and as pictures', async ({ page }) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Write-up');
  const files = async (button: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('region', { name: 'Drawings' }).getByRole('button', { name: button }).click(),
    ]);
    return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
  };
  const svg = (await files('Save as SVG')).bytes.toString();
  const [, wide = '0', high = '0'] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg) ?? [];
  expect(svg).toContain('Gusset');
  const png = await files('Save as PNG');
  expect(png.name).toMatch(/-pieces\.png$/);
  // As many dots as its own size asks for, and it says so itself.
  const perMetre = png.bytes.readUInt32BE(png.bytes.indexOf('pHYs') + 4);
  expect(Math.abs(png.bytes.readUInt32BE(16) - (Number(wide) / 1000) * perMetre)).toBeLessThan(3);
  expect(Math.abs(png.bytes.readUInt32BE(20) - (Number(high) / 1000) * perMetre)).toBeLessThan(3);
  await expect(page.getByText(/dots to the inch/)).toBeVisible();
  for (const what of ['Cut through', 'Closed, from the front', 'Chart of the stitch']) {
    await page.getByLabel('Drawing', { exact: true }).selectOption(what);
    expect((await files('Save as PDF')).bytes.subarray(0, 5).toString()).toBe('%PDF-');
  }
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
  await saved(page);
});
