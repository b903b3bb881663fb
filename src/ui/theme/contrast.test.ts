import Color from 'colorjs.io';
import { describe, expect, it } from 'vitest';
import { CLOTHS, COLOURS, LAMP } from './colours';

/** Contrast by a library, which knows nothing of this page. */
const contrast = (one: string, other: string): number => new Color(one).contrast(new Color(other), 'WCAG21');

type Name = keyof typeof COLOURS;
const DAY = Object.fromEntries(Object.entries(COLOURS).map(([name, { value }]) => [name, value])) as Record<
  Name,
  string
>;

/** What is written on what. */
const WRITTEN: readonly [text: Name, ground: Name][] = [
  ['ink', 'counter'],
  ['ink', 'counterEdge'],
  ['ink', 'paper'],
  ['ink', 'brassPale'],
  ['ink', 'decidePale'],
  ['inkSoft', 'counter'],
  ['inkSoft', 'paper'],
  ['brassDeep', 'brassPale'],
  ['brass', 'drawer'],
  ['drawerText', 'drawer'],
  ['decide', 'paper'],
  ['decide', 'counter'],
  ['decide', 'decidePale'],
  ['onDecide', 'decide'],
  ['onBrass', 'brass'],
];

/** What has to be told from what is round it without being read. */
const SEEN: readonly [thing: Name, ground: Name][] = [
  ['chalk', 'counter'],
  ['chalk', 'paper'],
  ['chalk', 'brassPale'],
  ['brass', 'drawer'],
  ['inkSoft', 'counterEdge'],
];

// Source: WCAG 2.2, 1.4.3 (4.5 : 1 for text) and 1.4.11 (3 : 1 for what has to be seen).
describe.each([
  ['by day', DAY],
  ['by lamp', LAMP],
])('%s', (_, colours) => {
  it.each(WRITTEN)('%s can be read on %s', (text, ground) => {
    expect(contrast(colours[text], colours[ground])).toBeGreaterThanOrEqual(4.5);
  });

  it.each(SEEN)('%s can be seen on %s', (thing, ground) => {
    expect(contrast(colours[thing], colours[ground])).toBeGreaterThanOrEqual(3);
  });
});

it.each(Object.entries(CLOTHS))('chalk can be read on %s', (_, { cloth, chalk }) => {
  expect(contrast(cloth, chalk)).toBeGreaterThanOrEqual(4.5);
});
