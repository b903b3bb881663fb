/** Writes the JSON Schema of the design document to docs/design.schema.json, made from the Zod schema. */
import { writeFileSync } from 'node:fs';
import { designJsonSchema } from '../src/core/design/jsonSchema';

writeFileSync('docs/design.schema.json', `${JSON.stringify(designJsonSchema(), null, 2)}\n`);
