import type { Hardware, HardwareKind, HardwareOf } from '@/core/design';
import type { MarkForm, ReachingPart } from '@/core/fittings';

/** How a piece of hardware is held: in a seam, by a folded tab, worked into a row, by thread, or by itself through the fabric. */
export type Held = 'seam' | 'tab' | 'worked-in' | 'sewn' | 'through';

/** What of a kind of hardware can be told from its choices alone. */
export interface HardwareNature<Choice extends Hardware> {
  form(choice: Choice): MarkForm;
  /** How far it reaches down from its place, and to either side of it, mm. */
  reachMm(choice: Choice): { downMm: number; sideMm: number };
  standsMm(choice: Choice): number;
  held(choice: Choice): Held;
  /** What its tab goes through, inside, mm: the tab is as wide. */
  eyeMm(choice: Choice): number;
  /** What of it has to reach through the fabric, and the field that says how long that is; null of what goes through nothing. */
  reaches(choice: Choice): { part: ReachingPart; mm: number; field: string; leastMm: number; mostMm: number } | null;
  /** Thread that holds it, for one of them, mm. */
  sewnMm(choice: Choice): number;
}

/** A wire bent to a D so wide inside, half as high, hanging with its straight side up. */
function dOutline(insideMm: number, wireMm: number): [number, number][] {
  const side = (by: number): [number, number][] => {
    const [x, up] = [insideMm / 2 + by, by];
    return Array.from({ length: 13 }, (_, step): [number, number] => {
      const rad = (Math.PI * step) / 12;
      return [x * Math.cos(rad), x * Math.sin(rad)];
    }).concat([
      [-x, -up],
      [x, -up],
    ]);
  };
  const [outer, inner] = [side(wireMm), side(0)];
  // One outline round the wire: along the outside, and back along the inside.
  return [
    ...outer,
    outer[0] as [number, number],
    inner[0] as [number, number],
    ...inner.slice(1).reverse(),
    inner[0] as [number, number],
  ];
}

/** Thread goes so often through, or round, wherever something is held that bears weight. Common practice: doubled, and stitched more than once. */
const STITCHED_TIMES = 6;

const nothing = () => 0;

/** Every kind of hardware. How far things stand out of the fabric from memory. */
export const HARDWARE_NATURES: { readonly [Kind in HardwareKind]: HardwareNature<HardwareOf<Kind>> } = {
  ring: {
    form: ({ shape, insideMm, wireMm }) =>
      shape === 'round'
        ? { kind: 'ring', radiusMm: (insideMm + wireMm) / 2, wireMm }
        : { kind: 'outline', points: dOutline(insideMm, wireMm) },
    reachMm: ({ insideMm, wireMm }) => ({
      downMm: insideMm / 2 + wireMm,
      sideMm: insideMm / 2 + wireMm,
    }),
    standsMm: ({ wireMm }) => wireMm,
    held: ({ held }) => held,
    eyeMm: ({ insideMm }) => insideMm,
    reaches: () => null,
    sewnMm: ({ held, wireMm, insideMm }) =>
      held === 'worked-in' ? 0 : STITCHED_TIMES * (held === 'sewn' ? Math.PI * (wireMm + 3) : insideMm),
  },
  rivet: {
    form: ({ headMm }) => ({ kind: 'disc', radiusMm: headMm / 2 }),
    reachMm: ({ headMm }) => ({ downMm: headMm / 2, sideMm: headMm / 2 }),
    standsMm: () => 2,
    held: () => 'through',
    eyeMm: nothing,
    reaches: ({ shankMm }) => ({ part: 'shank', mm: shankMm, field: 'shankMm', leastMm: 2, mostMm: 30 }),
    sewnMm: nothing,
  },
  eyelet: {
    form: ({ holeMm, rimMm }) => ({ kind: 'ring', radiusMm: (holeMm + rimMm) / 2, wireMm: rimMm }),
    reachMm: ({ holeMm, rimMm }) => ({ downMm: holeMm / 2 + rimMm, sideMm: holeMm / 2 + rimMm }),
    standsMm: () => 1,
    held: () => 'through',
    eyeMm: nothing,
    reaches: ({ barrelMm }) => ({ part: 'barrel', mm: barrelMm, field: 'barrelMm', leastMm: 2, mostMm: 30 }),
    sewnMm: nothing,
  },
  clasp: {
    form: ({ insideMm, lengthMm }) => ({
      kind: 'outline',
      points: [
        [-insideMm / 2, 0],
        [insideMm / 2, 0],
        [insideMm / 2, lengthMm / 3],
        [insideMm / 5, lengthMm / 2.4],
        [insideMm / 3, lengthMm],
        [-insideMm / 3, lengthMm],
        [-insideMm / 5, lengthMm / 2.4],
        [-insideMm / 2, lengthMm / 3],
      ],
    }),
    reachMm: ({ insideMm, lengthMm }) => ({ downMm: lengthMm, sideMm: insideMm / 2 }),
    standsMm: () => 6,
    held: () => 'tab',
    eyeMm: ({ insideMm }) => insideMm,
    reaches: () => null,
    sewnMm: ({ insideMm }) => STITCHED_TIMES * insideMm,
  },
  'handle-plate': {
    form: ({ widthMm, heightMm }) => ({ kind: 'patch', widthMm, lengthMm: heightMm }),
    reachMm: ({ widthMm, heightMm }) => ({ downMm: heightMm / 2, sideMm: widthMm / 2 }),
    standsMm: () => 3,
    held: () => 'sewn',
    eyeMm: nothing,
    reaches: () => null,
    sewnMm: ({ widthMm, heightMm, holes }) => 3 * holes * Math.max(6, (2 * (widthMm + heightMm)) / holes),
  },
};

/** The nature of a piece of hardware, whatever its kind. */
export const natureOf = <Choice extends Hardware>({ kind }: Choice): HardwareNature<Choice> =>
  HARDWARE_NATURES[kind] as unknown as HardwareNature<Choice>;

/** How it looks on a piece whose way runs down the bag, or up it. */
export const hangingForm = (form: MarkForm, way: 1 | -1): MarkForm =>
  form.kind === 'outline'
    ? { ...form, points: form.points.map(([across, along]) => [across, along * way] as const) }
    : form;
