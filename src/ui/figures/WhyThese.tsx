'use client';

import { useState } from 'react';
import type { Figure } from '@/core/figures';
import { AskableNumber } from './FigureTicket';

/** Below a sentence with numbers in it: on asking, each of those numbers by its name, to be asked why in turn. */
export function WhyThese({ figures }: { figures: readonly Figure[] }) {
  const [open, setOpen] = useState(false);
  if (figures.length === 0) return null;
  return (
    <div className="why-these">
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        {figures.length === 1 ? 'Why this number?' : 'Why these numbers?'}
      </button>
      {open && (
        <ul>
          {figures.map((figure) => (
            <li key={figure.id}>
              {figure.label}: <AskableNumber figure={figure} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
