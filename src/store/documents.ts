/** What was stored, as far as it can be read: null for what is no JSON, or of another shape than this version knows. */
export function readDocument<T>(text: string, read: (document: unknown) => T | null): T | null {
  try {
    return read(JSON.parse(text));
  } catch {
    return null;
  }
}

/** What is read by a schema of Zod, without a word of what is wrong with it. */
export const bySchema =
  <T>(schema: { safeParse: (document: unknown) => { success: true; data: T } | { success: false } }) =>
  (document: unknown): T | null => {
    const parsed = schema.safeParse(document);
    return parsed.success ? parsed.data : null;
  };
