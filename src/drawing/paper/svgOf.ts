import { paperLook } from './paperLooks';
import { paperPaths } from './paperPaths';
import type { PaperSheet } from './paperSheet';

/** A length as files write it, to a thousandth of a millimetre. */
export const short = (mm: number): string => String(Math.round(mm * 1000) / 1000);
/** A text as it may stand in a file of marked-up text. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign);

/**
 * A sheet as an SVG file, its lengths in millimetres: printed or opened at its own size, it is as large as the things it shows.
 *
 * @param title what it is called in the file
 */
export function svgOf({ box, shapes, labels }: PaperSheet, title: string): string {
  const { x, y, widthMm, heightMm } = box;
  const paths = shapes.flatMap(paperPaths).map(({ role, points, closed }) => {
    const { strokeMm, dashMm, fill } = paperLook(role);
    const d = points.map((point, index) => `${index === 0 ? 'M' : 'L'}${short(point.x)} ${short(point.y)}`).join('');
    const dash = dashMm.length > 0 ? ` stroke-dasharray="${dashMm.join(' ')}"` : '';
    return `<path d="${d}${closed ? 'Z' : ''}" fill="${fill === 'solid' ? '#000' : 'none'}" stroke="#000" stroke-width="${strokeMm}"${dash}/>`;
  });
  const texts = labels.map(
    (label) =>
      `<text x="${short(label.x)}" y="${short(label.y)}" font-size="${short(label.sizeMm)}" font-family="'Source Sans 3', sans-serif" text-anchor="${label.align === 'middle' ? 'middle' : 'start'}">${escaped(label.text)}</text>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${short(widthMm)}mm" height="${short(heightMm)}mm" viewBox="${short(x)} ${short(y)} ${short(widthMm)} ${short(heightMm)}">`,
    `<title>${escaped(title)}</title>`,
    ...paths,
    ...texts,
    '</svg>',
    '',
  ].join('\n');
}
