import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANGUAGES, LANGUAGE_IDS, placeBefore, translatorOf } from '.';

const LINES = [
  'Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn. (41 sc)',
  'Row 2 (WS): ch 1 (does not count as a st), *sc in each of next 3 sts, bobble in next st; rep from * to last st, sc in last st, turn. (41 sts, 10 bobbles)',
  'Round 4: ch 1 (does not count as a st), *2 sc in next st, sc in next st; rep from * around, join with a sl st in first sc. (18 sc)',
  'Fasten off, leaving a tail of 15.0 cm to weave in.',
];

describe.each(LANGUAGE_IDS)('%s', (id) => {
  const { into, back } = translatorOf(id);

  it('brings every place back into the text that it is from, in order, the ends to the ends', () => {
    fc.assert(
      fc.property(fc.constantFrom(...LINES), fc.nat(), fc.nat(), (line, one, other) => {
        const translated = into(line);
        const { length } = translated.text;
        const [from, to] = [one % (length + 1), other % (length + 1)].sort((a, b) => a - b) as [number, number];
        const [first, last] = [placeBefore(translated, from, 'from'), placeBefore(translated, to, 'to')];
        expect(first).toBeGreaterThanOrEqual(0);
        expect(last).toBeLessThanOrEqual(line.length);
        if (from < to) expect(first).toBeLessThanOrEqual(last);
        expect(placeBefore(translated, 0, 'from')).toBe(0);
        expect(placeBefore(translated, length, 'to')).toBe(line.length);
      }),
    );
  });

  it('leaves what it does not know as it is, and says so', () => {
    const said = into('sc in each petal, 3 sc in next st');
    expect(said.left.join(' ')).toContain('petal');
    expect(said.text).toContain('petal');
    expect(said.text.endsWith(into('3 sc in next st').text)).toBe(true);
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (any) => {
        // Whatever it is, nothing is lost on the way, and no place lies outside.
        const { text, stretches } = into(any);
        expect(stretches.map(({ from, to }) => text.slice(from, to)).join('')).toBe(text);
        expect(stretches.map(({ inFrom, inTo }) => any.slice(inFrom, inTo)).join('')).toBe(any);
      }),
    );
  });

  it('has no phrase twice that would be read as two things', () => {
    const { phrases } = LANGUAGES[id];
    const read = new Map<string, string>();
    for (const [us, ...theirs] of phrases)
      for (const one of theirs) {
        const known = read.get(one.toLowerCase());
        expect(
          known === undefined || back(one).text === back(known).text || known === us,
          `${one}: ${known}, ${us}`,
        ).toBe(true);
        read.set(one.toLowerCase(), us);
      }
    const us = phrases.map(([one]) => one.toLowerCase());
    expect(us.filter((one, index) => us.indexOf(one) !== index)).toEqual([]);
  });
});
