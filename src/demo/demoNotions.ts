import { notionIdSchema, type Notion } from '@/core/notions';

const notion = (id: string, parts: Omit<Notion, 'id'>): Notion => ({ id: notionIdSchema.parse(id), ...parts });

/** What lies in the maker's drawer, measured by her. */
export const demoNotions = (): Notion[] => [
  notion('bass-case-lock', {
    name: 'Lock from the old bass case',
    kind: 'tuck-lock',
    ...{ count: 1, price: null },
    sizes: { widthMm: 47, heightMm: 27.5, prongMm: 8.5 },
  }),
  notion('uniform-button', {
    name: 'Button off a band uniform',
    kind: 'buttonhole',
    ...{ count: 3, price: 0.8 },
    sizes: { diameterMm: 21.6, thicknessMm: 6.4 },
  }),
  notion('drum-sling-ring', {
    name: 'D-ring from a drum sling',
    kind: 'ring',
    ...{ count: 4, price: 1.2 },
    sizes: { insideMm: 27, wireMm: 3.8 },
  }),
];
