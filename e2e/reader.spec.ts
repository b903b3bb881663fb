import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { goTo, newBag, saved } from './bag';

const editor = (page: Page) => page.getByRole('textbox', { name: 'The pattern' });
const says = (page: Page) => page.getByTestId('reader-says');
const faults = (page: Page) => page.getByTestId('reader-faults').getByRole('listitem');

/** Puts a text in the place of what stands there; on a busy machine a key can come before the click that it is for. */
async function write(page: Page, text: string): Promise<void> {
  await expect(async () => {
    await editor(page).click();
    await page.keyboard.press('Control+A');
    await page.keyboard.insertText(text);
    expect(await page.evaluate(() => localStorage.getItem('ruelle.reader.text'))).toBe(text);
  }).toPass();
}

const SOUND = `Ch 22.
Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn. (21)
Row 2: ch 1, sc2tog, sc in each st to last 2 sts, sc2tog, turn. (19)`;

test.beforeEach(async ({ page }) => {
  await page.goto('/reader');
  await expect(editor(page)).toBeVisible();
});

test('a pattern is read as it is typed: counts beside its rows, what was understood, its drawing', async ({ page }) => {
  await expect(says(page)).toHaveText(/Nothing here yet/);
  await write(page, SOUND);
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  await expect(page.locator('.cm-beside')).toHaveText(['22 → 21', '21 → 19']);
  await expect(page.getByTestId('row-read')).toContainText('Row 2: 21 → 19');
  await expect(page.getByTestId('row-read')).toContainText('in each stitch but the last 2');
  await expect(page.getByRole('img', { name: /2 rows lying flat, the last of 19 stitches/ })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Chart of 2 rows, right side facing' })).toBeVisible();
  // It is there after a reload.
  await page.reload();
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
});

test('faults are marked at their words, gone to, and mended with one press; undo brings them back', async ({
  page,
}) => {
  await write(page, SOUND.replace('(19)', '(20)').replace('sc in each st to', 'frob in each st to'));
  await expect(faults(page)).toHaveCount(1);
  await expect(faults(page).first()).toContainText('“frob” is no stitch that is known');
  await expect(page.locator('.cm-lintRange-error')).toHaveText('frob');
  await write(page, SOUND.replace('(19)', '(20)'));
  await expect(faults(page).first()).toContainText('Row 2. The words come to 19, and 20 is written.');
  await faults(page).first().getByRole('button', { name: 'Write “19” instead' }).click();
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  await editor(page).click();
  await page.keyboard.press('Control+Z');
  await expect(faults(page)).toHaveCount(1);
});

test('whose words it is in is found out, and it is put into the others', async ({ page }) => {
  await write(page, SOUND);
  await expect(says(page)).toContainText('In US words, it seems');
  await page.getByRole('button', { name: 'Into UK words' }).click();
  await expect(editor(page)).toContainText('dc2tog, dc in each st to last 2 sts');
  await expect(says(page)).toContainText('In UK words');
  await expect(page.getByRole('button', { name: 'Into US words' })).toBeEnabled();
});

test('what is no pattern, and what is no file, is said in words; nothing of it is ever run', async ({ page }) => {
  await write(page, '<img src=x onerror="window.hurt=1"> Dear Ada, bring the red ribbon.');
  await expect(says(page)).toContainText('No row of a pattern is found in this.');
  expect(await page.evaluate(() => 'hurt' in window)).toBe(false);
  const input = page.getByLabel('Open a pattern');
  await input.setInputFiles({
    name: 'broken.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from('%PDF-1.7 nothing'),
  });
  await expect(page.getByText('“broken.pdf” can’t be read as a PDF.')).toBeVisible();
  await input.setInputFiles({
    name: 'pouch.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from(SOUND.replace(/\n/g, '\r\n')),
  });
  await expect(says(page)).toContainText('Every row comes out as it is written.');
});

test('the words of a PDF are read', async ({ page }) => {
  const { PDFDocument, StandardFonts } = await import('pdf-lib');
  const pdf = await PDFDocument.create();
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const sheet = pdf.addPage([500, 400]);
  SOUND.split('\n').forEach((line, index) => sheet.drawText(line, { x: 30, y: 350 - 20 * index, size: 11, font }));
  const buffer = Buffer.from(await pdf.save());
  await page.getByLabel('Open a pattern').setInputFiles({ name: 'pouch.pdf', mimeType: 'application/pdf', buffer });
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  const blank = await PDFDocument.create();
  blank.addPage();
  await page.getByLabel('Open a pattern').setInputFiles({
    ...{ name: 'scan.pdf', mimeType: 'application/pdf' },
    buffer: Buffer.from(await blank.save()),
  });
  await expect(page.getByText('“scan.pdf” has pictures of words')).toBeVisible();
});

test('two versions are compared in counts, not in words', async ({ page }) => {
  await write(page, SOUND);
  await page.getByRole('button', { name: 'From what stands here now' }).click();
  const compared = page.getByTestId('compared');
  await expect(compared).toContainText('no row is worked otherwise');
  await write(page, SOUND.replace('sc in each st to last 2 sts', '1 single crochet in each stitch to last 2 sts'));
  await expect(compared).toContainText('no row is worked otherwise');
  await write(
    page,
    `${SOUND.replace('sc in each st to last 2 sts, sc2tog, turn. (19)', 'sc in each st to end. (20)')}\nRow 3: ch 1, sc in each st. (20)`,
  );
  await expect(compared).toContainText('2 rows otherwise, 1 as before');
  await expect(compared.getByRole('listitem')).toHaveText([
    'row 2: 21 → 19 before, 21 → 20 now.',
    'row 3 is new: 20 stitches.',
  ]);
});

test('lengths are put into the unit that she works in; hooks keep their millimetres', async ({ page }) => {
  await write(page, `Finished: 4 ½ in wide. Hook 5 mm.\n${SOUND}`);
  await page.getByRole('button', { name: 'Lengths in cm' }).click();
  await expect(editor(page)).toContainText('Finished: 11.4 cm wide. Hook 5 mm.');
});

test('a read panel becomes a stitch of her own, to be chosen in a bag; what can’t is said why', async ({ page }) => {
  await write(page, SOUND);
  await page.getByRole('button', { name: 'Keep it as a stitch of mine' }).click();
  await expect(page.getByTestId('kept-stitch')).toContainText('Row 2 makes it wider or narrower');
  await write(
    page,
    `Reed panel ${Date.now() % 100000}\nCh 22.\nRow 1: sc in 2nd ch from hook and in each ch across. (21)\nRow 2: ch 1, sc in first st, *dc in next st, sc in next st; rep from * across, turn. (21)`,
  );
  await expect(says(page)).toContainText('Every row comes out');
  await page.getByRole('button', { name: 'Keep it as a stitch of mine' }).click();
  const kept = page.getByTestId('kept-stitch');
  await expect(kept).toContainText('it repeats over 2 stitches, plus 1');
  const name = /“(.+)”/.exec((await kept.textContent()) ?? '')?.[1] ?? '';
  await newBag(page);
  await saved(page);
  await goTo(page, 'Stitch');
  await expect(page.getByText(name).first()).toBeAttached();
});

test('it reads as well once the browser keeps files for the bench', async ({ page }) => {
  await newBag(page);
  await saved(page);
  await goTo(page, 'Bench');
  await page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  // Another worker's files are kept first: the reader's own must not be taken for them.
  await page.goto('/stores');
  await page.getByRole('button', { name: 'A shopping list for several bags' }).click();
  await page.getByRole('group', { name: 'Bags to buy for' }).getByRole('button').first().click();
  await expect(page.getByTestId('shopping')).toBeVisible();
  await page.goto('/reader');
  await expect(editor(page)).toBeVisible();
  await write(page, SOUND);
  await expect(says(page)).toContainText('Every row comes out as it is written.');
});

const STRIP = `Drum purse
Ch 27.
Row 1: sc in 2nd ch from hook and in each ch across, turn. (26 sc)
Row 2: ch 1, sc in next st, *sc in next 2 sts, bobble in next st, sc in next st; rep from * to last st, sc in last st, turn. (27 sts, 5 bobbles)
Row 3: ch 1, sc in each st across, turn. (26)
Row 5: as row 2. (26)
Rows 6-40: repeat rows 3 and 2.
Fold after row 16 and after row 30.`;

test('all that can be mended is mended at once, rows are numbered, and the piece is made wider by its repeats', async ({
  page,
}) => {
  await write(page, STRIP);
  await expect(faults(page).first()).toBeVisible();
  await page.getByRole('button', { name: 'Mend all that can be mended' }).click();
  await expect(editor(page)).toContainText('(26 sts, 6 bobbles)');
  await page.getByRole('button', { name: 'Number the rows' }).click();
  await expect(editor(page)).toContainText('Rows 5-39: repeat rows 3 and 2.');
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  await page.getByRole('button', { name: 'Wider by a repeat' }).click();
  await expect(page.getByTestId('resized')).toContainText('A repeat is 4 stitches: row 1 goes from 26 to 30.');
  await expect(editor(page)).toContainText('(30 sts, 7 bobbles)');
  const width = page.getByRole('region', { name: 'Another width' });
  await width.getByLabel('Your stitches over 10 cm').fill('20');
  await width.getByLabel('Your stitches over 10 cm').press('Enter');
  await expect(width.getByLabel('As wide as')).toHaveValue('15.0');
  await width.getByLabel('As wide as').fill('19');
  await width.getByLabel('As wide as').press('Enter');
  await expect(editor(page)).toContainText('(38 sts, 9 bobbles)');
  await expect(says(page)).toContainText('Every row comes out as it is written.');
});

test('it is put into Italian and read in it, and back it is as it was', async ({ page }) => {
  await write(page, SOUND);
  await page.getByRole('button', { name: 'Into Italian words' }).click();
  await expect(editor(page)).toContainText('Riga 1 (diritto): mb nella 2ª cat dall’uncinetto');
  await expect(says(page)).toContainText('Every row comes out as it is written. In Italian.');
  await expect(page.locator('.cm-beside')).toHaveText(['22 → 21', '21 → 19']);
  await page.getByRole('button', { name: 'Into US words' }).click();
  await expect(editor(page)).toContainText('Row 1 (RS): sc in 2nd ch from hook');
  await write(page, SOUND.replace('sc in each st to', 'sc in each petal to'));
  await page.getByRole('button', { name: 'Into Italian words' }).click();
  await expect(page.getByText(/Nothing was changed: in “Row 2/)).toBeVisible();
});

test('of a pattern in several sizes the one that is asked for is read', async ({ page }) => {
  await write(
    page,
    'Sizes: S (M, L).\nCh 22 (26, 30).\nRow 1: sc in 2nd ch from hook and in each ch across. (21 (25, 30))',
  );
  await expect(page.locator('.cm-beside')).toHaveText(['22 → 21']);
  await page.getByLabel('Of its sizes').selectOption({ label: 'L' });
  await expect(page.locator('.cm-beside')).toHaveText(['30 → 29']);
  await expect(faults(page).first()).toContainText('The words come to 29, and 30 is written.');
  await faults(page).first().getByRole('button', { name: 'Write “29” instead' }).click();
  await expect(editor(page)).toContainText('(21 (25, 29))');
});

test('a piece that is read is folded into a bag where its text folds it', async ({ page }) => {
  await write(
    page,
    STRIP.replace('27 sts, 5', '26 sts, 6').replace('Row 5:', 'Row 4:').replace('Rows 6-40', 'Rows 5-40'),
  );
  await expect(says(page)).toContainText('Every row comes out as it is written.');
  await page.getByRole('button', { name: 'Fold it into a bag' }).click();
  await page.waitForURL(/\/bags\/[^/]+\/body$/);
  await expect(page.getByRole('textbox', { name: 'Name of the bag' })).toHaveValue('Drum purse');
  await goTo(page, 'Write-up');
  const pattern = page.getByTestId('pattern');
  await expect(pattern).toContainText('Marker at both ends of row 16: base fold.');
  await expect(pattern).toContainText('Marker at both ends of row 30: top fold.');
  await expect(pattern).toContainText('Not measured yet');
});
