import { z } from 'zod';
import { DESIGN_VERSION, designSchema } from './schema';

/**
 * The JSON Schema (draft 2020-12) of the design document, for other programs. It says everything that the Zod schema says
 * of single fields; that a flap may not be longer than the front stands in words in the description.
 *
 * @example
 * designJsonSchema().title // => 'Ruelle design, version 18'
 */
export function designJsonSchema(): Record<string, unknown> {
  return {
    ...z.toJSONSchema(designSchema, { target: 'draft-2020-12' }),
    title: `Ruelle design, version ${DESIGN_VERSION}`,
    description:
      'What a maker chose or measured for a bag: lengths in mm, masses in g. flap.dropMm is at most body.heightMm; straps[].sample is nowhere shorter under more pull: slackMm, then loaded by mass, then pulledMm; nor wider.',
  };
}
