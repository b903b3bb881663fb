import { escaped, short } from '../paper/svgOf';
import type { Picture, PictureLook } from './picture';

/** A picture as an SVG file, its lengths in millimetres, on white. */
export function pictureSvg({ widthMm, heightMm, paths, labels }: Picture, title: string): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${short(widthMm)}mm" height="${short(heightMm)}mm" viewBox="0 0 ${short(widthMm)} ${short(heightMm)}">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="${short(widthMm)}" height="${short(heightMm)}" fill="#fff"/>`,
    ...paths.map(({ points, closed, look }) => {
      const d = points.map((point, index) => `${index === 0 ? 'M' : 'L'}${short(point.x)} ${short(point.y)}`).join('');
      return `<path d="${d}${closed ? 'Z' : ''}" ${attributes(look)}/>`;
    }),
    ...labels.map(
      ({ x, y, text, sizeMm, align = 'middle' }) =>
        `<text x="${short(x)}" y="${short(y)}" font-size="${short(sizeMm)}" font-family="'Source Sans 3', sans-serif" text-anchor="${align}">${escaped(text)}</text>`,
    ),
    '</svg>',
    '',
  ].join('\n');
}

const attributes = ({ fill, fillOpacity, stroke, strokeMm, dashMm }: PictureLook): string =>
  [
    `fill="${fill ?? 'none'}"`,
    ...(fill !== null && fillOpacity < 1 ? [`fill-opacity="${fillOpacity}"`] : []),
    ...(stroke === null ? [] : [`stroke="${stroke}" stroke-width="${short(strokeMm)}"`]),
    ...(stroke !== null && dashMm.length > 0 ? [`stroke-dasharray="${dashMm.map(short).join(' ')}"`] : []),
  ].join(' ');
