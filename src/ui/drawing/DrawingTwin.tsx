import type { DrawnText } from '@/core/wording';

/** A drawing in words, for readers of the screen: what is on it, part by part, with its numbers. */
export function DrawingTwin({ label, parts }: { label: string; parts: readonly DrawnText[] }) {
  return (
    <section className="only-read" aria-label={label}>
      {parts.map(({ name, lines }, part) => (
        <div key={part}>
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
