import { readDesign, thingIdSchema, type Design, type FurtherSize } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import type { Problem } from '@/core/problems';

/** One size of a bag, planned. */
export interface PlannedSize {
  name: string;
  /** Which of the further sizes it is; null: the bag’s own. */
  index: number | null;
  design: Design;
  /** Its plan; or what stands in its way: problems of the plan, or sentences about a size that no bag can have. */
  result: { ok: true; plan: Plan } | { ok: false; problems: Problem[]; faults: readonly string[] };
}

/** Numbers of a body that follow its width: a base, a corner, a mouth. */
const WITH_WIDTH = ['openMm', 'radiusMm'] as const;

/** A length in the same proportion, in whole millimetres and within what a field takes. */
const scaled = (mm: number, by: number, least: number): number => Math.max(least, Math.round(mm * by));

/**
 * A bag in another size: sizes and what is in proportion to them changed, all else as she chose it. Counts that she settled on are of the first size alone.
 *
 * @param ownMm the finished outside sizes of the bag as it is, mm: what another size is in proportion to
 * Source: common practice, no source: a flap keeps its share of the front, a shaped edge its share of the width.
 */
export function designOfSize(design: Design, ownMm: { widthMm: number; heightMm: number }, size: FurtherSize): Design {
  const { of } = size;
  const across = of.widthMm / ownMm.widthMm;
  const up = of.heightMm / ownMm.heightMm;
  const body: Record<string, unknown> = { ...design.body, chosenStitches: null };
  if ('chosenRows' in body)
    body.chosenRows = Object.fromEntries(Object.keys(design.body.chosenRows).map((key) => [key, null]));
  for (const name of WITH_WIDTH) if (typeof body[name] === 'number') body[name] = scaled(body[name], across, 0);
  const flap = {
    ...design.flap,
    // No flap is longer than its front.
    dropMm: Math.min(of.by === 'outside' ? of.heightMm : Infinity, scaled(design.flap.dropMm, up, 10)),
    widthMm: design.flap.widthMm === null ? null : scaled(design.flap.widthMm, across, 10),
  };
  const shaped = {
    ...flap,
    ...('edgeWidthMm' in flap ? { edgeWidthMm: scaled(flap.edgeWidthMm, across, 5) } : {}),
    ...('pointMm' in flap ? { pointMm: scaled(flap.pointMm, up, 5) } : {}),
    ...('radiusMm' in flap ? { radiusMm: scaled(flap.radiusMm, Math.min(across, up), 5) } : {}),
  };
  if (of.by === 'outside') {
    // What goes in was packed for the first size; how thick it lies stays.
    Object.assign(body, { sizesFrom: 'outside', widthMm: of.widthMm, heightMm: of.heightMm });
    return { ...design, body: body as Design['body'], flap: shaped };
  }
  const thing = {
    id: thingIdSchema.parse(`size-${size.name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'own'}`),
    name: size.name,
    ...{ widthMm: of.widthMm, heightMm: of.heightMm, thicknessMm: of.thicknessMm },
    ...{ massG: null, turns: 'as-it-stands' as const, known: null },
  };
  return {
    ...design,
    body: { ...body, sizesFrom: 'contents' } as Design['body'],
    flap: shaped,
    contents: { ...design.contents, items: [{ thing, count: 1 }], thicknessMm: null, massG: null, chosenPacking: null },
    // A pocket is sized by a thing that is not among these.
    pockets: design.pockets.filter((pocket) => !('thing' in pocket) || pocket.thing === null),
  };
}

/**
 * Every size of a bag, planned, the narrowest first, the bag’s own among them.
 *
 * @param plan the plan of the bag as it is
 */
export function plannedSizes(design: Design, plan: Plan): PlannedSize[] {
  const ownMm = { widthMm: plan.pouch.figures.width.value, heightMm: plan.pouch.figures.height.value };
  const own: PlannedSize = { name: design.written.ownSize, index: null, design, result: { ok: true, plan } };
  const others = design.written.sizes.map((size, index): PlannedSize => {
    const read = readDesign(designOfSize(design, ownMm, size));
    if (!read.ok) {
      const faults = read.faults.map(({ sentence }) => sentence);
      return { name: size.name, index, design, result: { ok: false, problems: [], faults } };
    }
    const planned = planBag(read.design);
    const result = planned.ok ? planned : { ...planned, faults: [] };
    return { name: size.name, index, design: read.design, result };
  });
  const width = ({ result }: PlannedSize) => (result.ok ? result.plan.pouch.figures.width.value : Infinity);
  const height = ({ result }: PlannedSize) => (result.ok ? result.plan.pouch.figures.height.value : Infinity);
  return [own, ...others].sort((one, other) => width(one) - width(other) || height(one) - height(other));
}
