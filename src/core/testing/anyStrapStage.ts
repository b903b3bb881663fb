import { planBag } from '@/core/plan';
import type { StrapStage } from '@/core/strap';
import { anyStrap } from './anyStrap';
import { fullDesign } from './designs';

/** Any strap as it is planned on a bag that has everything; of those that can be. */
export const anyStrapStage = anyStrap
  .map((strap): StrapStage | null => {
    const result = planBag({ ...fullDesign(), straps: [strap] });
    return result.ok ? (result.plan.straps[0] ?? null) : null;
  })
  .filter((stage): stage is StrapStage => stage !== null);
