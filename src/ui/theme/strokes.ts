import type { Role } from '@/drawing';

interface Stroke {
  fill?: string;
  fillOpacity?: string;
  stroke?: string;
  strokeWidth?: string;
  strokeOpacity?: string;
  strokeDasharray?: string;
  strokeLinecap?: 'round';
}

const INK = 'var(--chakra-colors-ink)';
const CHALK = 'var(--cloth-chalk)';

/** The drawing conventions: how each role is drawn. Written down for people in docs/look.md. */
export const STROKES: Record<Role, Stroke> = {
  cloth: { fill: 'var(--cloth)', stroke: INK, strokeWidth: '1px' },
  flap: { fill: 'var(--cloth)', stroke: INK, strokeWidth: '1.4px' },
  fabric: { stroke: 'var(--cloth)' },
  row: { stroke: 'var(--thread)', strokeWidth: '0.7px' },
  rowPublic: { stroke: 'var(--thread)', strokeWidth: '1.3px' },
  fold: { stroke: CHALK, strokeWidth: '1.8px', strokeDasharray: '9 5' },
  opening: { stroke: 'var(--chakra-colors-paper)', strokeWidth: '4px' },
  crease: { stroke: INK, strokeWidth: '1px', strokeDasharray: '2 3' },
  tick: { stroke: INK, strokeWidth: '1.2px' },
  edge: { stroke: CHALK, strokeWidth: '2.4px' },
  wish: { stroke: CHALK, strokeWidth: '1.2px', strokeDasharray: '2 5' },
  seam: { stroke: CHALK, strokeWidth: '4px', strokeDasharray: '2 4' },
  metal: { fill: '#d9dde0', stroke: '#20282b', strokeWidth: '1.2px' },
  metalBehind: { stroke: '#e6eaec', strokeWidth: '2px', strokeDasharray: '4 3' },
  board: { stroke: '#e4e2d6', strokeWidth: '1.6px', strokeDasharray: '3 3' },
  vinyl: { fill: '#ffffff', fillOpacity: '0.35', stroke: CHALK, strokeWidth: '1.2px' },
  boardSheet: { fill: '#e4e2d6', stroke: '#6f6c58', strokeWidth: '0.5px' },
  cord: { fill: 'var(--cloth)', stroke: CHALK, strokeWidth: '1.6px' },
  ghost: { stroke: CHALK, strokeWidth: '1px', strokeDasharray: '1 3' },
  border: { fill: 'var(--cloth)', stroke: INK, strokeWidth: '1px' },
  foot: { fill: 'url(#hatch)', stroke: CHALK, strokeWidth: '1px' },
  lining: { stroke: '#f1e3c0', strokeWidth: '1.2px', strokeDasharray: '12 3 2 3' },
  meshSheet: { stroke: '#e4e2d6' },
  liningSheet: { stroke: 'var(--chakra-colors-brass)' },
  load: { fill: 'var(--chakra-colors-brass-pale)', stroke: 'var(--chakra-colors-brass-deep)', strokeWidth: '0.8px' },
  inside: { stroke: CHALK, strokeWidth: '1px', strokeDasharray: '5 4' },
  thing: { fill: 'var(--chakra-colors-brass-pale)', fillOpacity: '0.9', stroke: INK, strokeWidth: '1px' },
  press: { stroke: INK, strokeWidth: '1.5px', strokeDasharray: '9 5' },
  outline: { stroke: 'var(--cloth)', strokeWidth: '2.5px' },
  symbol: { stroke: INK, strokeWidth: '1.5px', strokeLinecap: 'round' },
  symbolSolid: { fill: INK },
  tag: { fill: 'var(--chakra-colors-paper)', stroke: INK, strokeWidth: '0.6px' },
  dimension: { stroke: INK, strokeWidth: '0.6px' },
  rib: { stroke: 'var(--thread)', strokeWidth: '3.2px', strokeLinecap: 'round' },
  bolt: { fill: 'var(--chakra-colors-paper)', fillOpacity: '0.5', stroke: INK, strokeWidth: '0.8px' },
  clash: { fill: 'var(--chakra-colors-decide)', fillOpacity: '0.8', stroke: INK, strokeWidth: '1px' },
  clashEdge: { stroke: 'var(--chakra-colors-decide)', strokeWidth: '3px', strokeDasharray: '6 3' },
  unworked: { fill: 'var(--chakra-colors-counter)', fillOpacity: '0.74' },
  unworkedRounds: { stroke: 'var(--chakra-colors-counter)', strokeOpacity: '0.74' },
  rowNow: { fill: 'var(--chakra-colors-brass)', stroke: INK, strokeWidth: '1.2px' },
  roundNow: { stroke: 'var(--chakra-colors-brass)' },
  bump: { fill: 'var(--thread)', stroke: INK, strokeWidth: '0.5px' },
};

/**
 * The conventions as rules of the page: an element only says what it is, and so changes little when it moves. Lines keep their weight
 * whatever the scale, but those that are as thick as what they stand for (`data-true`).
 */
export const DRAWN = Object.fromEntries(
  Object.entries(STROKES).flatMap(([role, { fill = 'none', ...stroke }]) => [
    [`[data-role="${role}"]`, { fill, vectorEffect: 'non-scaling-stroke', ...stroke }],
    [`[data-role="${role}"][data-true]`, { vectorEffect: 'none' }],
    [`[data-role="${role}"][data-lit]:not([data-true])`, { stroke: 'var(--chakra-colors-brass)', strokeWidth: '4px' }],
  ]),
);

/** Where the fabric itself is to be seen, the cloth and the lines that stand for its rows are left away; its outline stays. */
export const ON_FABRIC = {
  '[data-fabric] [data-role="cloth"], [data-fabric] [data-role="flap"]': { fillOpacity: 0, strokeOpacity: 0.55 },
  '[data-fabric] [data-role="row"], [data-fabric] [data-role="rowPublic"], [data-fabric] [data-role="bump"], [data-fabric] [data-role="rib"]':
    { visibility: 'hidden' },
};
