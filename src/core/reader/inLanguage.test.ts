import { describe, expect, it } from 'vitest';
import { LANGUAGE_IDS, translatorOf } from '@/core/language';
import { readPattern, withMends } from '.';

const SOUND = [
  'Ch 27.',
  'Row 1 (RS): sc in 2nd ch from hook and in each ch across, turn. (26 sc)',
  'Row 2 (WS): ch 1 (does not count as a st), sc in next st, *sc in each of next 2 sts, bobble in next st, sc in next st; rep from * to last st, sc in last st, turn. (26 sts, 6 bobbles)',
  'Row 3 (RS): ch 1 (does not count as a st), sc in each st across, turn. (26 sc)',
  'Rows 4 to 9: repeat rows 2 to 3, row 4 as row 2, row 9 as row 3. (26 sts in every row)',
].join('\n');

describe.each(LANGUAGE_IDS)('read in %s', (language) => {
  const { into } = translatorOf(language);
  const sound = into(SOUND).text;

  it('rows stand where they stand in the text, with their counts', () => {
    const { parts, faults, language: found } = readPattern(sound);
    expect(found).toBe(language);
    expect(faults).toEqual([]);
    const rows = parts.flatMap((part) => part.rows);
    expect(rows.map(({ in: taken, out }) => [taken, out])).toEqual([
      [27, 26],
      ...Array.from({ length: 8 }, () => [26, 26]),
    ]);
    for (const row of rows.slice(0, 3)) expect(sound.slice(row.from, row.to)).toBe(sound.split('\n')[row.number]);
  });

  it('a fault is at its word, in the words of the text, and what mends it is said in them', () => {
    const wrong = sound.replace('(26 ', '(27 ');
    const [fault] = readPattern(wrong).faults;
    if (!fault) throw new Error('nothing found');
    expect(fault).toMatchObject({ code: 'count-differs', row: 1 });
    expect(wrong.slice(fault.from, fault.to)).toBe('27');
    expect(withMends(wrong, fault.mends)).toBe(sound);
    // So is one with the word for stitches behind it, which is one phrase with it.
    const sts = sound.replace(into('(26 sts').text, into('(25 sts').text);
    const [other] = readPattern(sts).faults;
    expect(sts.slice(other?.from, other?.to)).toBe('25');
    expect(withMends(sts, other?.mends ?? [])).toBe(sound);
    const unknown = `${sound}\n${into('Row 10: ch 1, sc in each st to last st').text}, frobl, girare.`;
    const [word] = readPattern(unknown).faults;
    expect(word).toMatchObject({ code: 'undefined-word', words: 'frobl', row: 10 });
    expect(unknown.slice(word?.from, word?.to)).toBe('frobl');
  });
});
