import { expect, type Locator, type Page } from '@playwright/test';

/** The line that says what comes next. */
export const next = (page: Page) => page.getByRole('region', { name: 'Next', exact: true });

/** A maker's hands: each press, each choice and each field that is typed is one action. */
export class Hands {
  actions = 0;
  constructor(protected readonly page: Page) {}

  async press(where: Locator): Promise<void> {
    this.actions += 1;
    await where.click();
  }
  async type(where: Locator, text: string): Promise<void> {
    this.actions += 1;
    await where.fill(text);
    await where.press('Enter');
  }
  async choose(label: string, option: string): Promise<void> {
    this.actions += 1;
    await this.page.getByLabel(label).selectOption({ label: option });
  }
  /** Takes the way that the line offers to another place. */
  async follow(place: string): Promise<void> {
    await this.press(next(this.page).getByRole('link', { name: new RegExp(place) }));
    await this.page.waitForURL(new RegExp(`/${place.toLowerCase()}`));
  }
}

/** No control is further from another by Tab than this. */
const MOST_TABS = 200;

/** Hands that have no mouse: whatever they use is come to by Tab, and pressed, typed into or chosen from by keys. */
export class KeyHands extends Hands {
  override async press(where: Locator): Promise<void> {
    this.actions += 1;
    await this.goTo(where);
    await this.page.keyboard.press('Enter');
  }
  override async type(where: Locator, text: string): Promise<void> {
    this.actions += 1;
    await this.goTo(where);
    await this.page.keyboard.press('Control+a');
    await this.page.keyboard.type(text);
    await this.page.keyboard.press('Enter');
  }
  override async choose(label: string, option: string): Promise<void> {
    this.actions += 1;
    await this.goTo(this.page.getByLabel(label));
    await this.page.keyboard.type(option);
    await this.page.keyboard.press('Enter');
  }

  /** Goes on by Tab, or back where it stands before her, until the focus is there. */
  private async goTo(where: Locator): Promise<void> {
    await expect(where).toBeVisible();
    for (let tabs = 0; tabs < MOST_TABS; tabs += 1) {
      const way = await where.evaluate((goal) => {
        const at = document.activeElement;
        if (goal === at) return 'there';
        return at && at.compareDocumentPosition(goal) & Node.DOCUMENT_POSITION_PRECEDING ? 'back' : 'on';
      });
      if (way === 'there') return;
      await this.page.keyboard.press(way === 'back' ? 'Shift+Tab' : 'Tab');
    }
    throw new Error(`${String(where)} can’t be come to by keys`);
  }
}

/** A thumb drawn over the screen from one point, so far up or to the right, px. */
export async function drawThumb(
  page: Page,
  from: { x: number; y: number },
  { up = 0, right = 0 }: { up?: number; right?: number },
): Promise<void> {
  const client = await page.context().newCDPSession(page);
  const at = (share: number) => [{ x: from.x + right * share, y: from.y - up * share }];
  await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
  for (let step = 1; step <= 8; step += 1)
    await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(step / 8) });
  await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}
