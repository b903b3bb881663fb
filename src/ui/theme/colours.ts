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
} as const;

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
