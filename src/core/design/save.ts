import { z } from 'zod';
import { trimmedHistory } from './history';
import { isMeasured, type Design } from './schema';

const saveIdSchema = z.string().regex(/^[\w-]{1,40}$/);

/** A save as a window sends it: the design as it should be kept, its history, and what both rest on. The design is looked into elsewhere. */
export const saveSchema = z.strictObject({
  /** A name for this save, by which it is known again. */
  saveId: saveIdSchema.optional(),
  /** Earlier saves of the same window that it never had an answer to. */
  unanswered: z.array(saveIdSchema).max(100).optional(),
  /** Refused saves that this one decides: they are forgotten once it is kept. */
  settles: z.array(saveIdSchema).max(100).optional(),
  /** The revision that the window has seen last. */
  baseRevision: z.number().int().min(1),
  design: z.unknown(),
  /** What can be undone and redone. It is kept, and not looked into. */
  history: z.strictObject({
    version: z.number().int().optional(),
    undo: z.array(z.unknown()),
    redo: z.array(z.unknown()),
  }),
});

/** A save whose design has been read. */
export type Save = Omit<z.infer<typeof saveSchema>, 'design'> & { design: Design };

/** A save put in writing: what stands of it in the file, as JSON, so that whoever keeps it needs to look into nothing. */
export interface WrittenSave extends Omit<Save, 'design' | 'history'> {
  name: string;
  design: string;
  /** The history, as much of it as may be kept. */
  history: string;
  /** The swatch that it is planned from; null for one that was not measured. */
  swatch: { id: string; name: string; document: string } | null;
}

/**
 * Puts a save in writing.
 *
 * @example
 * writtenSave({ baseRevision: 3, design: starterDesign('thirds', 'none'), history: { undo: [], redo: [] } }).swatch // => null
 */
export function writtenSave({ design, history, ...save }: Save): WrittenSave {
  const { swatch } = design;
  return {
    ...save,
    name: design.name,
    design: JSON.stringify(design),
    history: JSON.stringify(trimmedHistory(history)),
    swatch: isMeasured(swatch) ? { id: swatch.id, name: swatch.name, document: JSON.stringify(swatch) } : null,
  };
}
