import type { Pattern } from '@/core/wording';
import { FIRST, isTicked } from './patternBlocks';

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] as string);

const STYLE = `
  body { font: 16px/1.6 Georgia, 'Times New Roman', serif; color: #20282b; background: #fff; max-width: 46rem; margin: 2rem auto; padding: 0 1rem; }
  h1 { font-size: 2rem; line-height: 1.2; } h2 { font-size: 1.25rem; margin: 1.6rem 0 .3rem; }
  p { margin: .2rem 0; } figure { margin: 1rem 0; text-align: center; } svg { max-width: 100%; height: auto; }
  label.row { display: block; padding-left: 1.7rem; text-indent: -1.7rem; break-inside: avoid; }
  label.row input { margin-right: .5rem; }
  @media print { h2 { break-after: avoid; } figure { break-inside: avoid; } body { margin: 0; max-width: none; } }
`;

/**
 * A pattern as a page of its own: nothing of it is fetched from elsewhere, and nothing of it runs.
 *
 * @param drawings SVG, each before which section it stands and what it shows
 *
 * @example
 * patternHtml({ title: 'A <b> pouch', sections: [] }, [], 'en').includes('A &lt;b&gt; pouch') // => true
 */
export function patternHtml(
  { title, sections }: Pattern,
  drawings: readonly { before: string; label: string; svg: string; notes?: readonly string[] }[],
  language: string,
): string {
  const figures = (id: string) =>
    drawings
      .filter(({ before }) => before === id)
      .map(
        ({ label, svg, notes = [] }) =>
          `<figure>${svg.replace(/^<\?xml[^>]*\?>\s*/, '')}<figcaption>${escaped(label)}</figcaption></figure>${notes.map((note) => `\n<p>${escaped(note)}</p>`).join('')}`,
      )
      .join('\n');
  const line = (text: string) =>
    isTicked(text) ? `<label class="row"><input type="checkbox">${escaped(text)}</label>` : `<p>${escaped(text)}</p>`;
  const body = sections
    .map(
      ({ id, heading, lines }) =>
        `${id === FIRST ? `${figures(id)}\n` : ''}<section><h2>${escaped(heading)}</h2>\n${id === FIRST ? '' : `${figures(id)}\n`}${lines.map(line).join('\n')}\n</section>`,
    )
    .join('\n');
  return `<!doctype html>
<html lang="${escaped(language)}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)}</title><style>${STYLE}</style></head>
<body>
<h1>${escaped(title)}</h1>
${body}
</body>
</html>
`;
}
