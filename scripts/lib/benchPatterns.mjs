/** Measures of patterns in a browser: typed into the reader, and leaving the write-up. */

const LETTERS = 80;
const ROWS = 500;
const PDFS = 6;
/** A frame of a screen that shows sixty a second, ms. */
const FRAME_MS = 1000 / 60;

const longPattern = () =>
  [
    'Ch 41.',
    'Row 1: sc in 2nd ch from hook and in each ch across, turn. (40)',
    ...Array.from(
      { length: ROWS - 1 },
      (_, index) => `Row ${index + 2}: ch 1, *sc in next 2 sts, hdc in next 2 sts; rep from * across, turn. (40)`,
    ),
  ].join('\n');

/**
 * Types letters into a pattern of 500 rows: each is measured from the key to the painted letter, and every frame while it is read by how much later it came than a screen shows them.
 *
 * @returns ms
 */
export async function typingFrames(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript((text) => localStorage.setItem('ruelle.reader.text', text), longPattern());
  await page.goto(`${address}/reader`);
  await page.getByText('Every row comes out as it is written.').waitFor();
  await page.locator('.cm-content').click();
  await page.keyboard.press('Control+Home');
  await page.keyboard.press('End');
  const found = await page.evaluate(
    async ([letters, frameMs]) => {
      const painted = () =>
        new Promise((resolve) => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => resolve(performance.now());
          port2.postMessage(null);
        });
      const late = [];
      let last = null;
      let isOn = true;
      const watch = (now) => {
        if (last !== null) late.push(Math.max(0, now - last - frameMs));
        last = now;
        if (isOn) requestAnimationFrame(watch);
      };
      requestAnimationFrame(watch);
      const keys = [];
      for (let letter = 0; letter < letters; letter += 1) {
        keys.push(
          await new Promise((resolve) => {
            requestAnimationFrame(() => {
              const now = performance.now();
              void painted().then((at) => resolve(at - now));
              document.execCommand('insertText', false, letter % 12 === 11 ? ' ' : 'a');
            });
          }),
        );
        await new Promise((resolve) => setTimeout(resolve, 120));
      }
      isOn = false;
      return { keys, late };
    },
    [LETTERS, FRAME_MS],
  );
  await page.close();
  return { keys: found.keys.slice(LETTERS / 4), late: found.late };
}

/**
 * A pattern in five sizes, with its charts, saved as a PDF: from the press to the file.
 *
 * @returns ms
 */
export async function gradedPdfs(browser, address) {
  const { cards } = await (await fetch(`${address}/api/bags`)).json();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
  const textured = cards.find(({ name }) => name.includes('tuner')) ?? cards[0];
  await page.goto(`${address}/bags/${textured.id}/write-up`);
  for (let size = 2; size <= 5; size += 1) {
    await page.getByRole('button', { name: 'Add a size' }).click();
    await page.getByText(`${size} sizes in one pattern`).waitFor();
  }
  const times = [];
  for (let time = 0; time < PDFS; time += 1) {
    const download = page.waitForEvent('download');
    const begun = performance.now();
    await page.getByRole('region', { name: 'The whole pattern' }).getByRole('button', { name: 'Save as PDF' }).click();
    await (await download).path();
    times.push(performance.now() - begun);
  }
  await page.close();
  return times;
}
