import type { ReactNode } from 'react';

/** A table that may be wider than its place: it is scrolled sideways there, by hand or by keys, and never cut off. */
export const Scrolled = ({ label, children }: { label: string; children: ReactNode }) => (
  <div className="scrolled" role="region" aria-label={label} tabIndex={0}>
    {children}
  </div>
);
