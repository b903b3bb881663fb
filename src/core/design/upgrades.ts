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
  // Version 1 took it that the swatch was worked in the bag's stitch.
  1: (document) => ({
    ...document,
    version: 2,
    swatch: { ...(document.swatch as Record<string, unknown>), stitch: document.stitch },
  }),
};
