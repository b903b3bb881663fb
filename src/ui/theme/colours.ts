/** The colours of the workroom. */
export const COLOURS = {
  counter: { value: '#cfd6d1' },
  counterEdge: { value: '#b4beb8' },
  drawer: { value: '#1e2b2d' },
  drawerText: { value: '#eef1ec' },
  ink: { value: '#1b2426' },
  inkSoft: { value: '#47545a' },
  paper: { value: '#fcfcf8' },
  paperEdge: { value: '#c3c7bd' },
  brass: { value: '#c9a550' },
  brassDeep: { value: '#6b5011' },
  brassPale: { value: '#e9d9a6' },
  chalk: { value: '#1d4f91' },
  decide: { value: '#8f2a05' },
  decidePale: { value: '#fbe6dc' },
  /** What is written on `decide`, and on brass. */
  onDecide: { value: '#ffffff' },
  onBrass: { value: '#221a05' },
} as const;

/** The same by lamp: a dark counter, tickets of warm dark paper, brass that glows. */
export const LAMP: Record<keyof typeof COLOURS, string> = {
  counter: '#20272a',
  counterEdge: '#3b4649',
  drawer: '#0f1719',
  drawerText: '#eef1ec',
  ink: '#efe9da',
  inkSoft: '#b9bfb4',
  paper: '#2d2f2c',
  paperEdge: '#575a50',
  brass: '#b8934a',
  brassDeep: '#d9b96d',
  brassPale: '#4a3f26',
  chalk: '#8fbcff',
  decide: '#ff9a6b',
  decidePale: '#46291c',
  onDecide: '#240f05',
  onBrass: '#1a1304',
};

/** The yarns' colours on the drawing: the cloth, a lighter thread for its rows, and the chalk that shows on it. */
export const CLOTHS = {
  harbour: { label: 'Harbour blue', cloth: '#2f5d73', thread: '#4f7e94', chalk: '#ffffff' },
  moss: { label: 'Moss green', cloth: '#556a3b', thread: '#74895a', chalk: '#ffffff' },
  madder: { label: 'Madder red', cloth: '#85393b', thread: '#a55b5c', chalk: '#ffffff' },
  oat: { label: 'Oat', cloth: '#d8c8a3', thread: '#bca87a', chalk: '#14305c' },
  plum: { label: 'Plum', cloth: '#583d5c', thread: '#7b5e80', chalk: '#ffffff' },
  slate: { label: 'Slate', cloth: '#4f5a64', thread: '#73808b', chalk: '#ffffff' },
} as const;
export type ClothName = keyof typeof CLOTHS;

/** The style that lets a drawing take on a cloth. */
export const clothStyle = (name: ClothName): Record<string, string> => ({
  '--cloth': CLOTHS[name].cloth,
  '--thread': CLOTHS[name].thread,
  '--cloth-chalk': CLOTHS[name].chalk,
});
