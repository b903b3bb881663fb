import { expect, test } from '@playwright/test';
import { axeFinds, figure, fill, goTo, newBag, saved } from './bag';

test('what closes a bag is put on by its drawing, told why, moved, and taken off and back', async ({ page }) => {
  await newBag(page, 'Letter pouch');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a turn lock on' }).click();
  await expect(figure(page, 'turn.halfRow')).toContainText(/row \d+/);
  await fill(page, 'Post, long', '2');
  const slip = page.locator('[data-problem="reaches-short"]');
  await expect(slip).toContainText('Its post is 2.0 mm long');
  await slip.getByRole('button').first().click();
  await expect(slip).toBeHidden();
  await page.getByRole('slider', { name: 'Plate of the turn lock, in from the flap’s edge' }).focus();
  const before = await figure(page, 'turn.halfRow').textContent();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(figure(page, 'turn.halfRow')).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Take the turn lock off' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing closes it yet' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'turn.halfRow')).toBeVisible();
  await saved(page);
});

test('an open bag gets a zipper and a drawstring; each is told stitch by stitch in the write-up', async ({ page }) => {
  await newBag(page, 'Open pouch');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a zipper in' }).click();
  await expect(figure(page, 'zipper.length')).toContainText(/1[02]\.0 cm/);
  await fill(page, 'Yours is', '30');
  const slip = page.locator('[data-problem="zipper-over-opening"]');
  await slip.getByRole('button', { name: 'Take the longest that fits' }).click();
  await expect(slip).toBeHidden();
  await page.getByRole('button', { name: 'Put a drawstring in' }).click();
  await expect(figure(page, 'cord.passes.2')).toBeVisible();
  await goTo(page, 'Write-up');
  const pattern = page.getByTestId('pattern');
  await expect(pattern).toContainText('Sew the zipper into the mouth');
  await expect(pattern).toContainText(/backstitches over \d+ stitches of the edge/);
  await expect(pattern).toContainText('Draw the cord in');
});

test('what is set before what is a graph that keys can walk; a forgotten step has ways out', async ({ page }) => {
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Lining');
  await page.getByRole('button', { name: 'Add a flat lining' }).click();
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a magnetic snap on' }).click();
  const graph = page.getByRole('region', { name: 'What is set before what' });
  const step = graph.getByRole('button', { name: 'Set the mate on the front' });
  await step.focus();
  await page.keyboard.press('Enter');
  await expect(step).toHaveAttribute('aria-pressed', 'true');
  await page.getByText('If it was forgotten').click();
  await expect(page.getByText('Unpick the lining’s edge next to it')).toBeVisible();
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('trim is set by count, takes yarn, and says where it lies on something else', async ({ page }) => {
  await newBag(page, 'Letter pouch');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put tassels on' }).click();
  await fill(page, 'How many', '3');
  await expect(figure(page, 'trim.count')).toContainText('3');
  await expect(page.locator('[data-mark="tassel"]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Put flowers on' }).click();
  await expect(page.locator('[data-problem="lie-on-each-other"]').first()).toBeVisible();
  await goTo(page, 'Stores');
  await expect(figure(page, 'yarn.trim')).toContainText('g');
});

test('a piece is measured with the calliper, kept by a name, and offered on another bag', async ({ page }) => {
  await newBag(page, 'Letter pouch');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put rivets on' }).click();
  await page.getByLabel('Which piece').selectOption({ label: '9 mm head, 12 mm shank' });
  await expect(page.getByLabel('Shank, long')).toHaveValue('12');
  await page.getByRole('button', { name: 'Measure it with a calliper' }).click();
  const calliper = page.getByTestId('calliper');
  await calliper.getByRole('button', { name: 'Set it to nought' }).click();
  await calliper.getByRole('slider').fill('8.4');
  await calliper.getByRole('button', { name: 'Take as head' }).click();
  await expect(page.getByLabel('Head', { exact: true })).toHaveValue(/8\.[345]/);
  await calliper.getByRole('button', { name: 'Pull the plug' }).click();
  await expect(calliper).toContainText('was unplugged');
  await page.getByRole('button', { name: 'Keep it among my pieces' }).click();
  await fill(page, 'Its name', 'Rivet off the banner pole');
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(page.getByLabel('Which piece').locator('option:checked')).toHaveText('Yours: Rivet off the banner pole');
  await saved(page);
  await newBag(page, 'Clutch in thirds');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put rivets on' }).click();
  await page.getByLabel('Which piece').selectOption({ label: 'Yours: Rivet off the banner pole' });
  await expect(page.getByLabel('Head', { exact: true })).toHaveValue(/8\.[345]/);
  expect((await axeFinds(page)).map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('a pair slides across by the arrow keys and down by others; a tab gets its slot in the front’s rows', async ({
  page,
}) => {
  await newBag(page, 'Letter pouch');
  await goTo(page, 'Closures');
  await page.getByRole('button', { name: 'Put a press stud on' }).click();
  await page.getByLabel('How many').selectOption('pair');
  await expect(page.getByLabel('In from each end')).toHaveValue('');
  await expect(figure(page, 'stud.across')).toContainText('5.0 cm');
  const across = await figure(page, 'stud.across').textContent();
  await page.getByRole('slider', { name: 'Press stud, in from the flap’s edge' }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(figure(page, 'stud.across')).not.toHaveText(across ?? '');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(figure(page, 'stud.across')).toHaveText(across ?? '');
  await page.getByRole('button', { name: 'Put a tab on, for a slot or a button' }).click();
  await expect(figure(page, 'tab.opening.2')).toContainText('stitches');
  await goTo(page, 'Write-up');
  await expect(page.getByTestId('pattern')).toContainText(/In row \d+: the slot, after \d+ stitch(?:es)? chain \d+/);
});

test('a gusset can be joined as it is worked, and yarn at hand says whether it lasts', async ({ page }) => {
  await newBag(page, 'Satchel with a gusset');
  await goTo(page, 'Body');
  await page.getByLabel('Gusset joined').selectOption('as-worked');
  await goTo(page, 'Bench');
  await expect(page.getByText('Work the gusset, joining it as you go').first()).toBeVisible();
  await goTo(page, 'Stores');
  await fill(page, 'Yarn you have', '20');
  await expect(page.locator('[data-problem="yarn-runs-out"]')).toContainText('20 g at hand');
  await expect(figure(page, 'yarn.lacking')).toContainText(/ball/);
});
