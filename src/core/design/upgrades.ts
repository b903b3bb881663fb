/** Brings a document of one version to the next one. It gets plain data and gives plain data. */
export type Upgrade = (document: Record<string, unknown>) => Record<string, unknown>;

/**
 * The upgrade from each older version, by the version it reads.
 *
 * Version 0 was the trial format: it had no `notes`, and the flap's drop stood in the body. It was never released,
 * but reading it keeps this path walked.
 */
export const UPGRADES: Readonly<Record<number, Upgrade>> = {
  0: (document) => {
    const { flapDropMm, ...body } = (document.body ?? {}) as Record<string, unknown>;
    return { ...document, version: 1, notes: '', body, flap: { kind: 'straight', dropMm: flapDropMm } };
  },
};
