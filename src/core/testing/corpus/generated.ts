import { between, pick, someHand, type Hand, type Height, type Random } from './hand';
import { PatternWriter, type Seeded, type WrittenPattern } from './writtenPattern';

/** Chains passed over at the hook, and made at the beginning of a row, for each height. */
const HOOK: Record<Height, { nth: string; passed: number; stands: boolean; lead: number }> = {
  sc: { nth: '2nd', passed: 1, stands: false, lead: 1 },
  hdc: { nth: '3rd', passed: 2, stands: false, lead: 2 },
  dc: { nth: '4th', passed: 3, stands: true, lead: 3 },
};
/** Words that no pattern knows. */
const NONSENSE = ['flurb', 'zwist', 'quock', 'brellet', 'tumpst'];

/**
 * A pattern in somebody's own way of writing, with one fault of a kind in it, or none.
 *
 * @param random numbers from 0 up to 1; the same ones give the same text
 */
export function generatedPattern(random: Random, seeded: Seeded | null): WrittenPattern {
  const hand = someHand(random);
  const kind: 'rows' | 'disc' | 'spiral' | 'mesh' | 'oval' =
    seeded === 'joined-spiral'
      ? 'spiral'
      : seeded === 'size' || seeded === 'row-unknown'
        ? 'rows'
        : pick(random, ['rows', 'rows', 'disc', 'spiral', 'mesh', 'oval'] as const);
  const writer = new PatternWriter();
  const stitch = kind === 'rows' ? pick(random, ['sc', 'hdc', 'dc', 'sc'] as const) : 'sc';
  const gaugeStitches = between(random, 12, 22);
  heading(writer, hand, random, seeded, gaugeStitches);
  const piece = { writer, hand, random, seeded: seeded === 'hook' ? null : seeded };
  switch (kind) {
    case 'rows':
      flatRows(piece, stitch, gaugeStitches);
      break;
    case 'mesh':
      mesh(piece);
      break;
    case 'oval':
      oval(piece);
      break;
    default:
      rounds(piece, kind === 'spiral');
  }
  return writer.written();
}

interface Writing {
  writer: PatternWriter;
  hand: Hand;
  random: Random;
  seeded: Seeded | null;
}

const LETTERS = [
  ['E-4', 3.5, 4],
  ['G-6', 4, 5],
  ['H-8', 5, 4],
  ['I-9', 5.5, 5],
  ['J-10', 6, 5],
] as const;

function heading(writer: PatternWriter, hand: Hand, random: Random, seeded: Seeded | null, gauge: number): void {
  writer.line(pick(random, ['Pouch for reeds', 'MARKET BAG', 'Purse in a day', 'Clutch with a fold']));
  // A word is only foreign where it is known whose words the others are.
  if (seeded === 'other-terms' || random() < 0.5)
    writer.line(hand.terms === 'us' ? 'Written in US terms.' : 'This pattern is in UK terms.');
  const [letter, mm, wrong] = pick(random, LETTERS);
  if (seeded === 'hook') writer.line(`Hook: «${wrong}» mm (${letter})`, 'hook');
  else if (random() < 0.6)
    writer.line(
      pick(random, [
        `Hook: ${mm} mm (${letter})`,
        `You need: a ${mm} mm hook, 100 g of yarn`,
        `Hook ${letter} (${mm} mm)`,
      ]),
    );
  if (seeded === 'size' || random() < 0.5)
    writer.line(`${hand.terms === 'us' ? 'Gauge' : 'Tension'}: ${gauge} sts and ${gauge + 2} rows = 10 cm`);
}

/** Rows one above the other, straight or narrowed at both sides. */
function flatRows({ writer, hand, random, seeded }: Writing, stitch: Height, gauge: number): void {
  const { nth, passed, stands, lead } = HOOK[stitch];
  const word = hand.word(stitch);
  let count = between(random, 16, 40);
  const chain = count + passed - (stands ? 1 : 0);
  const widthCm = Math.round((10 * count * 10) / gauge) / 10;
  if (seeded === 'size') writer.line(`Finished size: about «${Math.round(widthCm * 1.4)}» cm wide.`, 'size');
  else if (random() < 0.3) writer.line(`Finished size: about ${widthCm} cm wide.`);
  writer.line('');
  const faultRow = between(random, 2, 5);
  const isLead = hand.turn !== 'end-with-chain';
  const leadWords = isLead
    ? `ch ${lead}${stands ? ` (counts as ${hand.word('dc')})` : lead === 2 ? ' (does not count as a st)' : ''}, `
    : '';
  const ends = hand.turn === 'none' ? '' : hand.turn === 'end' ? ', turn' : `, ch ${lead}, turn`;
  const nonsense = pick(random, NONSENSE);
  if (random() < 0.3 || (!isLead && lead > 1))
    writer.line(stands ? 'The turning chain counts as a stitch.' : 'The turning chain does not count as a stitch.');
  writer.line(pick(random, [`Ch ${chain}.`, `Chain ${chain}`, `With main colour, ch ${chain}.`]));
  const first = `${word} in ${nth} ch from hook and in each ch across`;
  writer.line(`${hand.label('row', 1, pick(random, ['', ' (RS)']))}${first}${ends}${hand.count(count)}`);
  let number = 1;
  const rows = between(random, 6, 9);
  while (number < rows) {
    number += 1;
    const isFault = number === faultRow;
    if (isFault && seeded === 'row-number') {
      number += 1;
      writer.line(
        `«${hand.label('row', number, '').trimEnd()}» ${leadWords}${hand.inEach(word, false)}${ends}${hand.count(count)}`,
        seeded,
        number,
      );
      continue;
    }
    const narrows = !stands && count > 12 && random() < 0.35;
    if (isFault && seeded === 'undefined-word') {
      writer.line(
        `${hand.label('row', number, '')}${leadWords}«${nonsense}» in each st across${ends}${hand.count(count)}`,
        seeded,
        number,
      );
      continue;
    }
    if (isFault && seeded === 'other-terms') {
      const foreign = hand.terms === 'us' ? 'htr' : 'hdc';
      writer.line(
        `${hand.label('row', number, '')}${leadWords}«${foreign}» in each st across${ends}${hand.count(count)}`,
        seeded,
        number,
      );
      continue;
    }
    if (isFault && seeded === 'fit') {
      const half = Math.floor(count / 2);
      const taken = stands ? 1 : 0;
      const last = count - half - taken + pick(random, [1, 2, -1]);
      writer.line(
        `${hand.label('row', number, '')}${leadWords}${word} in next ${half} sts, «${word} in last ${last} sts»${ends}${hand.count(count)}`,
        seeded,
        number,
      );
      continue;
    }
    if (isFault && seeded === 'repeat') {
      const over = count - (stands ? 1 : 0);
      const every = [3, 4, 5, 7].find((one) => over % one !== 0) ?? 3;
      writer.line(
        `${hand.label('row', number, '')}${leadWords}«*${word} in next ${every - 1} sts, ${hand.skip} next st, ch 1; rep from * across»${ends}${hand.count(count)}`,
        seeded,
        number,
      );
      continue;
    }
    if (isFault && seeded === 'count') {
      const wrong = count + pick(random, [1, 2, -1, -2]);
      writer.line(
        `${hand.label('row', number, '')}${leadWords}${hand.inEach(word, false)}${ends}${hand.count(wrong).replace(String(wrong), `«${wrong}»`)}`,
        seeded,
        number,
      );
      continue;
    }
    if (narrows) {
      count -= 2;
      const dec = hand.decrease(word);
      const middle = pick(random, [`${word} in each st to last 2 sts`, hand.inNext(count - 2, word)]);
      writer.line(`${hand.label('row', number, '')}${leadWords}${dec}, ${middle}, ${dec}${ends}${hand.count(count)}`);
      continue;
    }
    writer.line(
      `${hand.label('row', number, random() < 0.2 ? (number % 2 ? ' (RS)' : ' (WS)') : '')}${leadWords}${hand.inEach(word, false)}${ends}${hand.count(count)}`,
    );
  }
  if (seeded === 'row-unknown') {
    writer.line(`«Rows ${number + 1}-${number + 4}: Repeat row ${number + 9}.»`, seeded, number + 1);
    return;
  }
  if (random() < 0.5)
    writer.line(
      pick(random, [
        `Rows ${number + 1}-${number + 4}: Repeat row ${number}.`,
        `Rows ${number + 1} to ${number + 4}: ${leadWords}${hand.inEach(word, false)}${ends}${hand.count(count)}`,
      ]).replace(/Repeat row (\d+)\./, (whole, row: string) =>
        Number(row) === number ? `${leadWords}${hand.inEach(word, false)}${ends}${hand.count(count)}` : whole,
      ),
    );
  else
    writer.line(`Rows ${number + 1}–${number + 6}: ${leadWords}${hand.inEach(word, false)}${ends}${hand.count(count)}`);
  writer.line(
    pick(random, ['Fasten off.', 'Fasten off and weave in the ends.', 'Fasten off, leaving a long tail to sew with.']),
  );
}

/** Chains and stitches in turn: what is passed over is a chain. */
function mesh({ writer, hand, random, seeded }: Writing): void {
  const repeats = between(random, 6, 14);
  const count = 2 * repeats + 1;
  const word = hand.word('sc');
  writer.line('');
  writer.line(`Ch ${count + 1}.`);
  const ends = hand.turn === 'none' ? '' : ', turn';
  writer.line(
    `${hand.label('row', 1, '')}${word} in 2nd ch from hook, *ch 1, ${hand.skip} next ch, ${word} in next ch; rep from * across${ends}${hand.count(count)}`,
  );
  const faultRow = between(random, 2, 4);
  const straight = (number: number) =>
    `${hand.label('row', number, '')}ch 1, ${word} in first st, *ch 1, ${hand.skip} next ch-sp, ${word} in next st; rep from * across${ends}${hand.count(count)}`;
  for (let number = 2; number <= 6; number += 1) {
    if (number !== faultRow || seeded === null) {
      writer.line(straight(number));
      continue;
    }
    const label = hand.label('row', number, '');
    const begin = `${label}ch 1, ${word} in first st, `;
    const middle = `*ch 1, ${hand.skip} next ch-sp, ${word} in next st; rep from * across`;
    switch (seeded) {
      case 'count': {
        const wrong = count + pick(random, [2, -2, 3, -3]);
        writer.line(
          `${begin}${middle}${ends}${hand.count(wrong).replace(String(wrong), `«${wrong}»`)}`,
          seeded,
          number,
        );
        break;
      }
      case 'fit':
        writer.line(
          `${begin}*ch 1, ${hand.skip} next ch-sp, ${word} in next st; rep from * to last 2 sts, ch 1, ${hand.skip} next ch-sp, «${word} in next 3 sts»${ends}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'repeat':
        writer.line(
          `${begin}«*ch 2, ${hand.skip} next ${[2, 3, 4, 6].find((one) => (count - 1) % (one + 1) !== 0) ?? 2} sts, ${word} in next st; rep from * across»${ends}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'undefined-word':
        writer.line(
          `${begin}*ch 1, ${hand.skip} next ch-sp, «${pick(random, NONSENSE)}» in next st; rep from * across${ends}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'other-terms':
        writer.line(
          `${begin}*ch 1, ${hand.skip} next ch-sp, «${hand.terms === 'us' ? 'htr' : 'sc'}» in next st; rep from * across${ends}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'row-number':
        writer.line(
          `«${hand.label('row', number + 2, '').trimEnd()}» ch 1, ${word} in first st, ${middle}${ends}${hand.count(count)}`,
          seeded,
          number + 2,
        );
        for (let after = number + 3; after <= 7; after += 1) writer.line(straight(after));
        writer.line('Fasten off.');
        return;
      default:
        writer.line(straight(number));
    }
  }
  writer.line('Fasten off.');
}

/** A disc of six or eight more in every round, then some straight ones. */
function rounds({ writer, hand, random, seeded }: Writing, isSpiral: boolean): void {
  const more = pick(random, [6, 6, 8]);
  const word = hand.word('sc');
  writer.line('');
  if (isSpiral)
    writer.line(
      pick(random, [
        'Work in a spiral; do not join the rounds.',
        'This piece is worked in continuous rounds.',
        'Worked in a spiral: do not join.',
      ]),
    );
  const join = isSpiral
    ? ''
    : pick(random, [`, join with sl st in first ${word}`, ', join with sl st', ', sl st in first st to join']);
  const begin = isSpiral ? '' : pick(random, ['ch 1, ', '']);
  const label = (number: number) => hand.label('round', number, '');
  writer.line(
    `${label(1)}${more} ${word} in ${pick(random, ['magic ring', 'a magic ring', 'MR', 'magic circle'])}${join}${hand.count(more)}`,
  );
  const grows = between(random, 4, 6);
  const faultRound = between(random, 3, grows);
  let count = more;
  for (let number = 2; number <= grows; number += 1) {
    const plain = number - 2;
    count += more;
    const inside = plain === 0 ? hand.increase(word) : `${hand.inNext(plain, word)}, ${hand.increase(word)}`;
    const whole = (what: string) => `${label(number)}${begin}${what}${join}${hand.count(count)}`;
    const star =
      plain === 0
        ? random() < 0.5
          ? `2 ${word} in each st around`
          : hand.star(hand.increase(word), more, true, '')
        : hand.star(inside, more, true, '');
    if (number !== faultRound || seeded === null) {
      writer.line(whole(star));
      continue;
    }
    switch (seeded) {
      case 'count': {
        const wrong = count + pick(random, [1, 2, -2, -4]);
        writer.line(
          `${label(number)}${begin}${star}${join}${hand.count(wrong).replace(String(wrong), `«${wrong}»`)}`,
          seeded,
          number,
        );
        break;
      }
      case 'fit':
        writer.line(
          whole(`[${word} in next ${plain} sts, 2 ${word} in next st] ${more} times, «${word} in next 2 sts»`),
          seeded,
          number,
        );
        break;
      case 'repeat': {
        const over = count - more;
        const every = [plain + 2, plain + 3, plain + 4, plain + 5].find((one) => over % one !== 0) ?? plain + 2;
        writer.line(
          whole(`«*${word} in next ${every - 1} sts, 2 ${word} in next st; rep from * around»`),
          seeded,
          number,
        );
        break;
      }
      case 'undefined-word':
        writer.line(
          whole(`*${word} in next ${plain} sts, «${pick(random, NONSENSE)}» in next st; rep from * around`),
          seeded,
          number,
        );
        break;
      case 'other-terms':
        writer.line(
          whole(
            `*«${hand.terms === 'us' ? 'htr' : 'sc'}» in next ${plain} sts, 2 ${word} in next st; rep from * around`,
          ),
          seeded,
          number,
        );
        break;
      case 'joined-spiral':
        writer.line(`${label(number)}${star}, «join with sl st in first st»${hand.count(count)}`, seeded, number);
        break;
      case 'row-number':
        writer.line(
          `«${hand.label('round', number + 1, '').trimEnd()}» ${begin}${star}${join}${hand.count(count)}`,
          seeded,
          number + 1,
        );
        for (let after = number + 2; after <= number + 3; after += 1)
          writer.line(`${label(after)}${begin}${hand.inEach(word, true)}${join}${hand.count(count)}`);
        return;
      default:
        writer.line(whole(star));
    }
  }
  writer.line(`${hand.label('round', grows + 1, '')}${begin}${hand.inEach(word, true)}${join}${hand.count(count)}`);
  writer.line(`Rnds ${grows + 2}-${grows + 5}: ${begin}${hand.inEach(word, true)}${join}${hand.count(count)}`);
  writer.line('Fasten off.');
}

/** Round a chain: along one side of it and back along the other. */
function oval({ writer, hand, random, seeded }: Writing): void {
  const straight = between(random, 6, 20);
  const word = hand.word('sc');
  writer.line('');
  writer.line(`Ch ${straight + 3}.`);
  // Along: straight + 1 singles, 3 in the last; back: straight, 2 in the last.
  let count = straight + 1 + 3 + straight + 2;
  const join = `, join with sl st in first ${word}`;
  writer.line(
    `${hand.label('round', 1, '')}${word} in 2nd ch from hook, ${word} in next ${straight} ch, 3 ${word} in last ch, working along the other side of the chain, ${word} in next ${straight} ch, 2 ${word} in last ch${join}${hand.count(count)}`,
  );
  const faultRound = between(random, 2, 4);
  for (let number = 2; number <= 5; number += 1) {
    const isFault = number === faultRound;
    const label = hand.label('round', number, '');
    if (!isFault || seeded === null || seeded === 'joined-spiral') {
      writer.line(`${label}ch 1, ${hand.inEach(word, true)}${join}${hand.count(count)}`);
      continue;
    }
    switch (seeded) {
      case 'count': {
        const wrong = count + pick(random, [1, -1, 4]);
        writer.line(
          `${label}ch 1, ${hand.inEach(word, true)}${join}${hand.count(wrong).replace(String(wrong), `«${wrong}»`)}`,
          seeded,
          number,
        );
        break;
      }
      case 'fit':
        writer.line(
          `${label}ch 1, ${word} in next ${straight} sts, «${word} in next ${count - straight + 2} sts»${join}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'repeat': {
        const every = [3, 4, 5, 7].find((one) => count % one !== 0) ?? 3;
        writer.line(
          `${label}ch 1, «*${word} in next ${every - 1} sts, ch 1, ${hand.skip} next st; rep from * around»${join}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      }
      case 'undefined-word':
        writer.line(
          `${label}ch 1, «${pick(random, NONSENSE)}» in each st around${join}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'other-terms':
        writer.line(
          `${label}ch 1, «${hand.terms === 'us' ? 'htr' : 'sc'}» in each st around${join}${hand.count(count)}`,
          seeded,
          number,
        );
        break;
      case 'row-number':
        writer.line(
          `«${hand.label('round', number + 1, '').trimEnd()}» ch 1, ${hand.inEach(word, true)}${join}${hand.count(count)}`,
          seeded,
          number + 1,
        );
        return;
      default:
        count += 0;
        writer.line(`${label}ch 1, ${hand.inEach(word, true)}${join}${hand.count(count)}`);
    }
  }
}
