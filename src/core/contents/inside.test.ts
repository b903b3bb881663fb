import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fabricRoundMm2, shortBy } from './choosePacking';
import { insideNeeded, sheetsAcrossMm, sheetsAlongMm, sheetsUpMm, type Wrap } from './inside';

const lot = fc.record({
  widthMm: fc.double({ min: 5, max: 300, noNaN: true }),
  heightMm: fc.double({ min: 5, max: 300, noNaN: true }),
  thicknessMm: fc.double({ min: 0, max: 100, noNaN: true }),
});
const WRAPS: readonly Wrap[] = ['flat', 'deep', 'round'];

describe('the inside that things need', () => {
  it.each(WRAPS)('%s: what is needed just fits, and nothing less does', (wrap) => {
    fc.assert(
      fc.property(lot, fc.double({ min: 0.01, max: 5, noNaN: true }), (size, lessMm) => {
        const needed = insideNeeded(size, 0, wrap);
        expect(shortBy(size, needed, wrap)).toEqual({ widthMm: 0, heightMm: 0, depthMm: 0 });
        const narrow = shortBy(size, { ...needed, widthMm: needed.widthMm - lessMm }, wrap);
        expect(narrow.widthMm).toBeCloseTo(lessMm, 9);
        expect(narrow.heightMm).toBe(0);
        if (needed.depthMm === null) return;
        const shallow = shortBy(size, { ...needed, depthMm: needed.depthMm - lessMm }, wrap);
        expect(shallow.depthMm).toBeCloseTo(lessMm, 9);
      }),
    );
  });

  it('of a flat bag goes round the things: over the middle it is as long as a string about them', () => {
    // A taut string about a rectangle of width w and thickness t, halved, is w + t: geometry.
    fc.assert(
      fc.property(lot, ({ widthMm, heightMm, thicknessMm }) => {
        const string = 2 * widthMm + 2 * thicknessMm;
        expect(insideNeeded({ widthMm, heightMm, thicknessMm }, 0, 'flat').widthMm).toBeCloseTo(string / 2, 9);
      }),
    );
  });

  it('of a round bag has the corners on its rim', () => {
    fc.assert(
      fc.property(lot, (size) => {
        const radius = insideNeeded(size, 0, 'round').widthMm / 2;
        const corner = Math.sqrt((size.widthMm / 2) ** 2 + (size.heightMm / 2) ** 2);
        expect(radius).toBeCloseTo(corner, 9);
      }),
    );
  });

  it.each(WRAPS)('%s: ease is room beside the things, in every direction', (wrap) => {
    fc.assert(
      fc.property(lot, fc.double({ min: 0, max: 60, noNaN: true }), (size, easeMm) => {
        const [tight, easy] = [insideNeeded(size, 0, wrap), insideNeeded(size, easeMm, wrap)];
        expect(easy.widthMm - tight.widthMm).toBeCloseTo(easeMm, 9);
        expect(easy.heightMm - tight.heightMm).toBeCloseTo(easeMm, 9);
        if (wrap !== 'flat') expect((easy.depthMm ?? NaN) - (tight.depthMm ?? NaN)).toBeCloseTo(easeMm, 9);
        expect(fabricRoundMm2(size, easeMm, wrap)).toBeGreaterThanOrEqual(fabricRoundMm2(size, 0, wrap));
      }),
    );
  });

  it('takes as much fabric as a box has faces, without its top', () => {
    // Faces of a box by formula: front and back, both sides, the base.
    const [w, h, t] = [120, 90, 40];
    const faces = 2 * w * h + 2 * t * h + w * t;
    expect(fabricRoundMm2({ widthMm: w, heightMm: h, thicknessMm: t }, 0, 'deep')).toBeCloseTo(faces, 9);
    // A drum: two discs and the wall between them.
    const radius = Math.hypot(w, h) / 2;
    expect(fabricRoundMm2({ widthMm: w, heightMm: h, thicknessMm: t }, 0, 'round')).toBeCloseTo(
      2 * Math.PI * radius ** 2 + 2 * Math.PI * radius * t,
      6,
    );
  });
});

describe('the sheets between outside and inside', () => {
  const sheets = { fabricMm: 2.5, liningMm: 0.5 };
  it('are two across; one at the base of a bag, two where it is closed all round', () => {
    expect([sheetsAcrossMm(sheets), sheetsUpMm(sheets)]).toEqual([6, 3]);
    expect(WRAPS.map((wrap) => sheetsAlongMm(sheets, wrap))).toEqual([3, 3, 6]);
  });
});
