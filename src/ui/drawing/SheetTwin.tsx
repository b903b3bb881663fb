import { useMemo } from 'react';
import { sheetText } from '@/core/wording';
import { useBagBehind } from '@/ui/bag/BagProvider';

/** The sheet in words, beside its drawing, for readers of the screen: pieces, parts, folds and marks with their numbers. It follows like the numbers. */
export function SheetTwin() {
  const { design, plan } = useBagBehind('numbers', (state) => ({ design: state.design, plan: state.plan }));
  const pieces = useMemo(() => sheetText(design, plan), [design, plan]);
  return (
    <section className="only-read" aria-label="The pieces in words">
      {pieces.map(({ name, lines }) => (
        <div key={name}>
          <p>{name}</p>
          <ul>
            {lines.map((line, index) => (
              <li key={index}>{line}</li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
