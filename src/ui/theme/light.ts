/** What the workroom is lit by: as this computer has it, by day, or by lamp. */
export const LIGHTS = ['auto', 'day', 'lamp'] as const;
export type Light = (typeof LIGHTS)[number];

/** Where this browser keeps it, so that a page comes in its light at once. */
export const LIGHT_COOKIE = 'ruelle-light';
const A_YEAR_S = 365 * 24 * 3600;

/**
 * A light as it was kept; as the computer has it where nothing was, or something else.
 *
 * @example
 * asLight('lamp') // => 'lamp'
 * asLight(undefined) // => 'auto'
 */
export const asLight = (kept: string | undefined): Light => LIGHTS.find((light) => light === kept) ?? 'auto';

/** Lights the page, and keeps it for all that come. */
export function setLight(light: Light): void {
  document.documentElement.dataset.light = light;
  document.cookie = `${LIGHT_COOKIE}=${light}; path=/; max-age=${A_YEAR_S}; samesite=strict`;
}

/** What the page is lit by now. */
export const lightNow = (): Light => asLight(document.documentElement.dataset.light);
