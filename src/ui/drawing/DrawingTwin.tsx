/** A drawing in words, for readers of the screen: what is on it, part by part, with its numbers. */
export function DrawingTwin({
  label,
  parts,
}: {
  label: string;
  parts: readonly { name: string; lines: readonly string[] }[];
}) {
  return (
    <section className="only-read" aria-label={label}>
      {parts.map(({ name, lines }) => (
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
