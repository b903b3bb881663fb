/** The head of a ledger: what its columns are. */
export function LedgerHead({ heads }: { heads: readonly string[] }) {
  return (
    <thead>
      <tr>
        {heads.map((head) => (
          <th key={head} scope="col">
            {head}
          </th>
        ))}
      </tr>
    </thead>
  );
}
