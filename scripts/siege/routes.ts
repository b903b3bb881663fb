import { testedSchema } from '../../src/core/bench';
import { designSchema, ownStitchSchema, saveSchema, thingSchema } from '../../src/core/design';
import { notionSchema } from '../../src/core/notions';
import { stockItemSchema } from '../../src/core/stock';
import {
  archiveSchema,
  keepSchema,
  makingPartSchema,
  makingsPartSchema,
  newBagSchema,
  newSwatchSchema,
  partSchema,
  phonesSchema,
  photoChangeSchema,
  photosOfSchema,
  photoToKeepSchema,
  pictureSchema,
  restoreSchema,
  restoreWaySchema,
  shelfPartSchema,
  tellSchema,
} from '../../src/server/requests';
import type { z } from 'zod';

/** A route as a siege knows it. In its path, `[id]` stands for any id. */
export interface Route {
  method: string;
  path: string;
  /** What it takes as its body, where it takes any. */
  body?: z.ZodType;
  /** What may stand behind the question mark of its address. */
  query?: z.ZodType;
  /** Its answer goes on as long as somebody listens: it is not waited for. */
  goesOn?: true;
}

/** Every route, and what it takes. */
export const ROUTES: readonly Route[] = [
  { method: 'GET', path: '/api/health' },
  { method: 'GET', path: '/api/copy' },
  { method: 'GET', path: '/api/bags', query: shelfPartSchema },
  { method: 'POST', path: '/api/bags', body: newBagSchema },
  { method: 'GET', path: '/api/bags/[id]' },
  { method: 'PUT', path: '/api/bags/[id]', body: saveSchema.extend({ design: designSchema }) },
  { method: 'PUT', path: '/api/bags/[id]/archive', body: archiveSchema },
  { method: 'POST', path: '/api/bags/[id]/copy' },
  { method: 'DELETE', path: '/api/bags/[id]/refused/[refusedId]' },
  { method: 'GET', path: '/api/bags/[id]/making', query: makingPartSchema },
  { method: 'POST', path: '/api/bags/[id]/making', body: tellSchema },
  { method: 'GET', path: '/api/bags/[id]/making/live', query: makingPartSchema, goesOn: true },
  { method: 'POST', path: '/api/bags/[id]/tester' },
  { method: 'POST', path: '/api/tests/[id]', body: testedSchema },
  { method: 'GET', path: '/api/makings', query: makingsPartSchema },
  { method: 'GET', path: '/api/makings/[id]' },
  { method: 'GET', path: '/api/swatches', query: partSchema },
  { method: 'POST', path: '/api/swatches', body: newSwatchSchema },
  { method: 'DELETE', path: '/api/swatches/[id]' },
  { method: 'GET', path: '/api/things', query: partSchema },
  { method: 'POST', path: '/api/things', body: keepSchema(thingSchema) },
  { method: 'DELETE', path: '/api/things/[id]' },
  { method: 'GET', path: '/api/notions', query: partSchema },
  { method: 'POST', path: '/api/notions', body: keepSchema(notionSchema) },
  { method: 'DELETE', path: '/api/notions/[id]' },
  { method: 'GET', path: '/api/stock', query: partSchema },
  { method: 'POST', path: '/api/stock', body: keepSchema(stockItemSchema) },
  { method: 'DELETE', path: '/api/stock/[id]' },
  { method: 'GET', path: '/api/stitches', query: partSchema },
  { method: 'POST', path: '/api/stitches', body: keepSchema(ownStitchSchema) },
  { method: 'DELETE', path: '/api/stitches/[id]' },
  { method: 'GET', path: '/api/photos', query: photosOfSchema },
  { method: 'POST', path: '/api/photos', query: photoToKeepSchema },
  { method: 'GET', path: '/api/photos/[id]', query: pictureSchema },
  { method: 'PUT', path: '/api/photos/[id]', body: photoChangeSchema },
  { method: 'GET', path: '/api/phones' },
  { method: 'PUT', path: '/api/phones', body: phonesSchema },
  { method: 'POST', path: '/api/phones/code' },
  { method: 'DELETE', path: '/api/phones/[id]' },
  { method: 'GET', path: '/api/backup' },
  { method: 'GET', path: '/api/backup/nightly' },
  { method: 'GET', path: '/api/backup/nightly/[name]' },
  { method: 'POST', path: '/api/restore', query: restoreSchema },
  { method: 'POST', path: '/api/restore/[token]', body: restoreWaySchema },
  { method: 'DELETE', path: '/api/restore/[token]' },
  { method: 'GET', path: '/' },
  { method: 'GET', path: '/swatches' },
  { method: 'GET', path: '/stores' },
  { method: 'GET', path: '/logbook' },
  { method: 'GET', path: '/reader' },
  { method: 'GET', path: '/words' },
  { method: 'GET', path: '/workroom' },
  { method: 'GET', path: '/sw.js' },
  { method: 'GET', path: '/manifest.webmanifest' },
  { method: 'GET', path: '/bags/[id]/[place]' },
  { method: 'GET', path: '/tests/[id]' },
];
