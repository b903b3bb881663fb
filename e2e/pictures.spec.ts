import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { axeFinds, fill, goTo, newBag, saved, unfold } from './bag';

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

test('a picture of the finished bag in its fabric is as large as she likes, turned as she likes, and can be stopped', async ({
  page,
}) => {
  test.slow();
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Stitch');
  await unfold(page, 'Other colours and stripes');
  await page.getByRole('button', { name: 'Add a colour' }).click();
  await saved(page);
  await goTo(page, 'Body');
  await page.getByRole('button', { name: 'A picture of it' }).click();
  const sheet = page.getByRole('dialog', { name: 'A picture of the finished bag' });
  await expect(sheet.locator('[data-testid=picture-preview][data-there]')).toBeVisible();
  await sheet.getByLabel('Size in pixels').selectOption('Another size');
  // A size that no picture has is refused in words, and the one there was stays.
  await fill(page, 'Width', '90000');
  await expect(sheet.getByText('Between 100 and 12000 px.')).toBeVisible();
  await sheet.getByLabel('Width').press('Escape');
  await fill(page, 'Width', '640');
  await fill(page, 'Height', '480');
  const file = async () => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      sheet.getByRole('button', { name: 'Save it as PNG' }).click(),
    ]);
    const { data, info } = await sharp(await download.path())
      .raw()
      .toBuffer({ resolveWithObject: true });
    return {
      ...info,
      at: (x: number, y: number) => [...data.subarray(info.channels * (y * info.width + x))].slice(0, 4),
    };
  };
  await sheet.getByLabel('It lies on').selectOption('White');
  const onWhite = await file();
  expect([onWhite.width, onWhite.height, onWhite.channels]).toEqual([640, 480, 3]);
  expect(onWhite.at(0, 0).slice(0, 3)).toEqual([255, 255, 255]);
  expect(Math.max(...onWhite.at(320, 240).slice(0, 3))).toBeLessThan(250);
  await sheet.getByLabel('It lies on').selectOption('Nothing: see-through');
  const through = await file();
  expect(through.channels).toBe(4);
  expect([through.at(0, 0)[3], through.at(320, 240)[3]]).toEqual([0, 255]);
  // Turned by keys, another picture comes of it.
  await sheet.getByLabel('Turned').focus();
  for (let press = 0; press < 12; press += 1) await page.keyboard.press('ArrowRight');
  const turned = await file();
  const differs = Array.from({ length: 60 }, (_, k) => 60 + 9 * k).some(
    (x) => turned.at(x, 240)[3] !== through.at(x, 240)[3],
  );
  expect(differs).toBe(true);
  // A very large one can be stopped, and nothing comes of it.
  await fill(page, 'Width', '12000');
  await fill(page, 'Height', '9000');
  await sheet.getByRole('button', { name: 'Save it as PNG' }).click();
  await sheet.getByRole('button', { name: 'Stop' }).click();
  await expect(sheet.getByText('Stopped. Nothing was saved.')).toBeVisible();
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});
