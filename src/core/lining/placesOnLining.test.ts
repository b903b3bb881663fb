import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { CLOSURES } from '@/core/closure';
import { ringBounds, type PieceMark } from '@/core/cutting';
import { USUAL_POCKETS, usualDropIn, usualEdging, usualLining, type Design, type Pocket } from '@/core/design';
import { flatSize, type Piece } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const slip = (change: Partial<Pocket>): Pocket =>
  ({ ...USUAL_POCKETS.slip, widthMm: 60, heightMm: 40, fromMouthMm: 30, ...change }) as Pocket;
const isPocket = (mark: PieceMark): mark is Extract<PieceMark, { kind: 'outline' }> =>
  mark.kind === 'outline' && mark.of === 'pocket';

/** The pockets that are marked on each piece of a bag's lining, with that piece. */
const marked = (bag: Design) =>
  (planOf(bag).lining?.patterns ?? []).flatMap((pattern) =>
    pattern.marks
      .filter(isPocket)
      .map(({ ring }) => ({ id: pattern.id, seam: ringBounds(pattern.seam), at: ringBounds(ring) })),
  );

describe('where pockets lie on a lining', () => {
  test.each(BODY_KINDS)('%s: on the piece that it is sewn to, within its seams', (kind) => {
    for (const lining of [usualLining(), usualDropIn({ body: { kind } })])
      for (const on of ['front', 'back'] as const) {
        // Aside, so that it does not lie across the seam of a lining that goes all round.
        const places = marked({ ...bagOf(kind), lining, pockets: [slip({ on, acrossMm: 36 })] });
        if (kind === 'round-purse') {
          expect(places).toEqual([]);
          continue;
        }
        expect(places.length, `${lining.kind} ${on}`).toBe(1);
        for (const { seam, at } of places) {
          expect(at.leftMm).toBeGreaterThanOrEqual(seam.leftMm);
          expect(at.rightMm).toBeLessThanOrEqual(seam.rightMm);
          expect(at.lowMm).toBeGreaterThanOrEqual(seam.lowMm);
          expect(at.highMm).toBeLessThanOrEqual(seam.highMm);
          expect([at.widthMm, at.heightMm]).toEqual([expect.closeTo(60, 6) as number, expect.closeTo(40, 6) as number]);
        }
      }
  });

  it('dropped in, as far below the lining’s edge as below the mouth, less what that lies below it', () => {
    const bag: Design = {
      ...bagOf('gusset'),
      edgings: [],
      lining: { ...usualDropIn({ body: { kind: 'gusset' } }), belowMm: 8 },
    };
    const [place] = marked({ ...bag, pockets: [slip({ on: 'front' })] });
    expect(place?.id).toBe('front');
    expect((place?.seam.highMm ?? 0) - (place?.at.highMm ?? 0)).toBeCloseTo(30 - 8, 6);
  });

  it('seen from inside the front is mirrored; front and back are cut alike, and of the back it is not', () => {
    const bag: Design = { ...bagOf('gusset'), lining: usualDropIn({ body: { kind: 'gusset' } }) };
    const middle = (on: 'front' | 'back') => {
      const [place] = marked({ ...bag, pockets: [slip({ on, acrossMm: 20 })] });
      return ((place?.at.leftMm ?? 0) + (place?.at.rightMm ?? 0)) / 2;
    };
    expect(middle('front')).toBeCloseTo(-20, 6);
    expect(middle('back')).toBeCloseTo(20, 6);
  });

  /** How far a pocket's upper edge lies from the nearest end of the crochet that the lining covers, mm. */
  const fromCoveredEnd = (bag: Design) => {
    const [pattern] = planOf(bag).lining?.patterns ?? [];
    const covers = pattern?.marks.find((mark) => mark.kind === 'outline' && mark.of === 'crochet');
    const pocket = pattern?.marks.find(isPocket);
    if (covers?.kind !== 'outline' || !pocket) throw new Error('no pocket on it');
    const [whole, at] = [ringBounds(covers.ring), ringBounds(pocket.ring)];
    return Math.min(at.lowMm - whole.lowMm, whole.highMm - at.highMm);
  };
  const open: Design = {
    ...bagOf('fold-over-strip'),
    edgings: [],
    flap: { kind: 'none', dropMm: 50, widthMm: null, hemMm: null },
    lining: usualLining(),
  };

  it('laid over the crochet, as far from its end as from the mouth', () => {
    for (const on of ['front', 'back'] as const)
      expect(fromCoveredEnd({ ...open, pockets: [slip({ on })] })).toBeCloseTo(30, 6);
  });

  it('with a border round the strip, whose plain rounds it covers, still so far from the mouth', () => {
    const edged = { ...open, edgings: [usualEdging('single', 'strip')] };
    expect(planOf(edged).pouch.borders.frontMm).toBeGreaterThan(2);
    expect(fromCoveredEnd({ ...edged, pockets: [slip({ on: 'front' })] })).toBeCloseTo(30, 6);
  });

  it('with a hem that is worked first, whose rows it does not cover', () => {
    const place = (hemMm: number | null) => {
      const body = { ...open.body, workedFrom: 'flap-edge' } as Design['body'];
      const flap = { kind: 'straight', dropMm: 70, widthMm: null, hemMm } as Design['flap'];
      return fromCoveredEnd({ ...open, body, flap, pockets: [slip({ on: 'front' })] });
    };
    expect(place(20)).toBeCloseTo(30, 6);
    expect(place(null)).toBeCloseTo(30, 6);
  });

  it('on a panel that came out longer, as much further along it', () => {
    const pockets = [slip({ on: 'front' })];
    const planned = planOf({ ...open, pockets }).lining?.patterns[0].lies;
    const { lengthMm } = flatSize(planOf(open).pieces[0] as Piece);
    const longer = {
      ...open,
      pockets,
      cameOut: [{ of: 'panel' as const, widthMm: null, heightMm: 1.1 * lengthMm, depthMm: null }],
    };
    expect(planned?.along).toBe(1);
    // Its middle moves with the crochet; what is sewn on stays as large as it is.
    expect(fromCoveredEnd(longer)).toBeCloseTo(1.1 * (30 + 20) - 20, 6);
  });

  it('all round sides in rounds, the back’s lie half a round from the front’s', () => {
    const bag: Design = { ...bagOf('around-chain'), lining: usualLining() };
    const at = (on: 'front' | 'back') => {
      const [place] = marked({ ...bag, pockets: [slip({ on, acrossMm: 36 })] });
      if (!place) throw new Error('nowhere');
      return { x: (place.at.leftMm + place.at.rightMm) / 2, whole: place.seam.widthMm };
    };
    expect(at('front').x).toBeCloseTo(-36, 6);
    expect(at('back').x).toBeCloseTo(36 - at('back').whole / 2, 6);
    // Across the middle of the back its ends meet: there is no one place for it.
    expect(marked({ ...bag, pockets: [slip({ on: 'back', acrossMm: 0 })] })).toEqual([]);
  });

  it('in one piece both lie as far from their own ends', () => {
    const kind = 'fold-over-strip';
    const bag: Design = {
      ...bagOf(kind),
      flap: { kind: 'none', dropMm: 50, widthMm: null, hemMm: null },
      lining: { ...usualDropIn({ body: { kind } }), belowMm: 5 },
    };
    const [front, back] = marked({ ...bag, pockets: [slip({ on: 'front' }), slip({ on: 'back' })] });
    expect(front?.id).toBe('body');
    expect((front?.seam.highMm ?? 0) - (front?.at.highMm ?? 0)).toBeCloseTo(25, 6);
    expect((back?.at.lowMm ?? 0) - (back?.seam.lowMm ?? 0)).toBeCloseTo(25, 6);
  });

  it('what closes the bag is marked on the wall that it is on, and what hangs outside is not', () => {
    const bag: Design = {
      ...bagOf('gusset'),
      closures: [CLOSURES['magnetic-snap'].usual(bagOf('gusset'))],
      lining: usualDropIn({ body: { kind: 'gusset' } }),
      pockets: [{ ...USUAL_POCKETS.vinyl, on: 'back' }],
    };
    const marks = planOf(bag).lining?.patterns.flatMap((one) => one.marks) ?? [];
    expect(marks.filter(({ kind }) => kind === 'spot')).toHaveLength(1);
    expect(marks.filter(isPocket)).toHaveLength(0);
  });
});
