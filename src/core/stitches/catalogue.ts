import { bobbleField } from './patterns/bobbleField';
import { clusterMesh } from './patterns/clusterMesh';
import { linen } from './patterns/linen';
import {
  doubleCrochet,
  extendedSingleCrochet,
  halfDoubleCrochet,
  herringboneDouble,
  herringboneHalfDouble,
  singleCrochet,
  slipStitch,
  slipStitchRib,
  treble,
} from './patterns/plain';
import { raisedDrops } from './patterns/raisedDrops';
import { spikes } from './patterns/spikes';
import { chainCord, doubleThickness, spiralTube } from './patterns/straps';
import { waffle } from './patterns/waffle';
import type { StitchPattern } from './stitch';

/** Every stitch pattern the app knows. A new one is a new file and a line here. */
export const STITCHES = {
  sc: singleCrochet,
  hdc: halfDoubleCrochet,
  esc: extendedSingleCrochet,
  dc: doubleCrochet,
  tr: treble,
  'herringbone-hdc': herringboneHalfDouble,
  'herringbone-dc': herringboneDouble,
  linen,
  spikes,
  waffle,
  'bobble-field': bobbleField,
  'cluster-mesh': clusterMesh,
  'raised-drops': raisedDrops,
  'sl-st': slipStitch,
  'sl-st-rib': slipStitchRib,
  'double-thickness': doubleThickness,
  'spiral-tube': spiralTube,
  'chain-cord': chainCord,
} as const satisfies Record<string, StitchPattern>;

export type StitchId = keyof typeof STITCHES;

export const STITCH_IDS = Object.keys(STITCHES) as [StitchId, ...StitchId[]];

/** The patterns that a panel can be worked in: fabrics in rows. */
export const PANEL_STITCH_IDS = STITCH_IDS.filter((id) => STITCHES[id].use === 'fabric') as [StitchId, ...StitchId[]];
