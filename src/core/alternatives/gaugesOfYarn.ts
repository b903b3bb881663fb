import { isMeasured, swatchPatternOf, type Design, type Swatch } from '@/core/design';
import { gaugeOnHook, swatchGauge, type Measure } from '@/core/gauge';

/** Hooks are made in steps of a quarter of a millimetre up to 4, and of a half above; foretold hooks keep to the half. */
const HOOK_STEP_MM = 0.5;

/** The gauge that a yarn gives on a hook, in the stitch of the bag's swatch. */
export interface HookGauge {
  hookMm: number;
  /** Null for a hook that was not tried: its gauge is foretold. */
  swatch: Swatch | null;
  stitchMm: Measure;
  rowMm: Measure;
  thicknessMm: number;
}

/**
 * The gauges that swatches of the bag's yarn give in its own swatch's stitch: those measured, and those foretold for hooks
 * between them.
 */
export function gaugesOfYarn(design: Pick<Design, 'swatch' | 'ownStitches'>, swatches: readonly Swatch[]): HookGauge[] {
  const own = design.swatch;
  const others = swatches.filter((other) => other.id !== own.id && isMeasured(other) && isSameFabric(other, own));
  const family = [own, ...others];
  const { nature } = swatchPatternOf(design);
  const measured = new Map<string, HookGauge>();
  for (const swatch of family) {
    const key = JSON.stringify([swatch.hookMm, swatch.stitchReadings, swatch.rowReadings]);
    if (measured.has(key)) continue;
    const { stitch, row, thicknessMm } = swatchGauge(swatch, nature);
    measured.set(key, { hookMm: swatch.hookMm, swatch, stitchMm: stitch, rowMm: row, thicknessMm });
  }
  const all = [...measured.values()];
  // A hook that nothing was measured on is no trial.
  const tried = all.filter(({ swatch }) => swatch !== null && isMeasured(swatch));
  return [...all, ...foretoldGauges(tried)];
}

/** Whether two swatches can be compared by their hooks alone: the same yarn, stitch, piece and state. */
export const isSameFabric = (a: Swatch, b: Swatch): boolean =>
  a.yarn.name.trim().toLowerCase() === b.yarn.name.trim().toLowerCase() &&
  a.stitch === b.stitch &&
  a.strands === b.strands &&
  a.standsFor === b.standsFor &&
  a.state === b.state;

function foretoldGauges(tried: readonly HookGauge[]): HookGauge[] {
  const line = (pick: (gauge: HookGauge) => Measure) =>
    gaugeOnHook(tried.map((gauge) => ({ hookMm: gauge.hookMm, ...pick(gauge) })));
  const stitches = line(({ stitchMm }) => stitchMm);
  const rows = line(({ rowMm }) => rowMm);
  if (!stitches || !rows) return [];
  const hooks = tried.map(({ hookMm }) => hookMm);
  const least = Math.min(...hooks);
  const most = Math.max(...hooks);
  const thicknessMm = tried.reduce((sum, gauge) => sum + gauge.thicknessMm, 0) / tried.length;
  const between: HookGauge[] = [];
  for (let hookMm = Math.ceil(least / HOOK_STEP_MM) * HOOK_STEP_MM; hookMm < most; hookMm += HOOK_STEP_MM)
    if (!hooks.includes(hookMm))
      between.push({
        hookMm,
        swatch: null,
        stitchMm: stitches.predict(hookMm),
        rowMm: rows.predict(hookMm),
        thicknessMm,
      });
  return between.filter(({ stitchMm, rowMm }) => stitchMm.mm > 0 && rowMm.mm > 0);
}
