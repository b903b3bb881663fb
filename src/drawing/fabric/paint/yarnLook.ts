/** A colour as three shares of 255. */
export type Rgb = readonly [number, number, number];

/** How a yarn is painted: itself, where the light falls on it, and where it is in shade. */
export interface YarnLook {
  body: Rgb;
  light: Rgb;
}

/**
 * A colour as it is written, #rrggbb, as three shares of 255.
 *
 * @example
 * rgbOf('#2f5d73') // => [47, 93, 115]
 */
export const rgbOf = (hex: string): Rgb => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as unknown as Rgb;

/** The look of a yarn from the colours of its cloth. */
export const yarnLook = ({ cloth, thread }: { cloth: string; thread: string }): YarnLook => ({
  body: rgbOf(cloth),
  light: rgbOf(thread),
});

/** A colour as the canvas takes it. */
export const colourOf = (rgb: Rgb): string => `rgb(${rgb.join(' ')})`;

/** A colour a share of the way to another, as the canvas takes it. */
export const mixed = (one: Rgb, other: Rgb, share: number): string =>
  `rgb(${one.map((value, at) => Math.round(value + ((other[at] as number) - value) * share)).join(' ')})`;

export const SHADE: Rgb = [12, 16, 18];
