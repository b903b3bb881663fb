import { expect, test } from 'vitest';
import { fullDesign } from '@/core/testing/designs';
import { nameCut, onOneLine } from './names';
import { readDesign } from '.';

test('a name stays on its line and reads in its order', () => {
  expect(onOneLine('Clutch\r\n\u2028for\u202egnp.exe\u202c')).toBe('Clutch forgnp.exe');
  const read = readDesign({ ...fullDesign(), name: 'One\u2066\nTwo\u0000' });
  expect(read.ok && read.design.name).toBe('One Two');
});

test('a name of nothing that can be seen is none', () => {
  expect(readDesign({ ...fullDesign(), name: '\u202e\u200f\n' }).ok).toBe(false);
});

test.each([
  ['🎺🎺🎺', 5, '🎺🎺'],
  ['👩‍👩‍👧 bag', 4, ''],
  ['👩‍👩‍👧 bag', 9, '👩‍👩‍👧'],
  ['e\u0301e\u0301', 3, 'e\u0301'],
  ['Tuba', 9, 'Tuba'],
])('%s cut to %i is %s: no letter and no emoji is cut in two', (name, most, cut) => {
  expect(nameCut(name, most)).toBe(cut);
});
