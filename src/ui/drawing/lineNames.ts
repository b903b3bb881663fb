import type { PanelLineId } from '@/core/body';

/** What the lines that can be moved are called. */
export const LINE_NAMES: Record<PanelLineId, string> = {
  'fold.base': 'Base fold',
  'fold.top': 'Top fold',
  'fold.flap': 'Flap starts',
  'edge.flap': 'Flap’s edge',
  'edge.back': 'Back’s upper edge',
  'edge.front': 'Front’s upper edge',
};
