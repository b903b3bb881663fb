import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualStrap, type Design, type FlapKind } from '@/core/design';
import { FLAP_KINDS, usualFlap } from '@/core/flap';
import { planBag } from '@/core/plan';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { besideComplaints, eachRowComplaints, replayComplaints } from '@/core/testing/replayPattern';
import { workableBag } from '@/core/testing/workableBag';

/** Of each construction; `npm run fuzz` asks for a hundred thousand, of which twenty thousand are replayed. */
const RUNS = process.env.FUZZ_RUNS ? Math.ceil(Number(process.env.FUZZ_RUNS) / 5) : 120;

const complaintsOf = (design: Design): string[] => {
  const result = planBag(design);
  if (!result.ok) return [];
  // Told row by row a piece takes far longer to read; one way to begin is enough for that.
  const each = design.settings.foundation === 'chain' ? eachRowComplaints(design, result.plan) : [];
  return [...replayComplaints(design, result.plan), ...each];
};

/** Every way to begin and to turn, from both ends where there are two; the UK words, which are the US ones word for word, in one of them. */
function* ways(design: Design): Generator<Design> {
  const ends = 'workedFrom' in design.body ? (['front-edge', 'flap-edge'] as const) : [null];
  for (const turningChain of ['does-not-count', 'counts'] as const)
    for (const foundation of ['chain', 'foundation-stitches'] as const)
      for (const terms of turningChain === 'counts' && foundation === 'chain'
        ? (['us', 'uk'] as const)
        : (['us'] as const))
        for (const workedFrom of ends) {
          const settings = { ...design.settings, terms, turningChain, foundation };
          yield { ...(workedFrom === null ? design : withBody(design, { workedFrom })), settings };
        }
}

const flapOf = (kind: FlapKind): Design['flap'] =>
  usualFlap(
    kind,
    { dropMm: 52, widthMm: kind === 'tapered' ? 92 : null, hemMm: kind === 'straight' ? 12 : null },
    { widthMm: 118, lengthMm: 52 },
  );

describe.each(BODY_KINDS)('%s: a stranger makes every piece from the words alone', (kind) => {
  test.each(PANEL_STITCH_IDS)('in %s, with every flap, in every school', (stitch) => {
    const bag = withBody(bagOf(kind, { stitchMm: 6, rowMm: 6, fabricMm: 2 }), { widthMm: 118, heightMm: 84 });
    for (const flap of FLAP_KINDS)
      for (const design of ways({ ...bag, stitch, swatch: { ...bag.swatch, stitch }, flap: flapOf(flap) }))
        expect(complaintsOf(design), JSON.stringify([flap, design.settings, design.body])).toEqual([]);
  });

  test(
    'whatever the bag',
    () => {
      fc.assert(
        fc.property(workableBag(kind), (design) => {
          expect(complaintsOf(design)).toEqual([]);
        }),
        { numRuns: RUNS },
      );
    },
    60_000 + RUNS * 100,
  );
});

test.each(PANEL_STITCH_IDS)('every strap of a bag in %s is worked from its words, in every school', (stitch) => {
  const bag = bagOf('fold-over-strip', { stitchMm: 6, rowMm: 6, fabricMm: 2 });
  for (const [kind, wornLengthMm, widthMm] of [
    ['plain', 80, 5],
    ['plain', 900, 22],
    ['lengthwise', 400, 18],
    ['linen', 500, 22],
    ['tube', 400, 18],
  ] as const)
    for (const design of ways({ ...bag, stitch, swatch: { ...bag.swatch, stitch } })) {
      const strapped: Design = { ...design, straps: [{ ...usualStrap(), kind, wornLengthMm, widthMm }] };
      expect(planOf(strapped).straps).toHaveLength(1);
      expect(complaintsOf(strapped), kind).toEqual([]);
      expect(besideComplaints(strapped, planOf(strapped)), kind).toEqual([]);
    }
});
