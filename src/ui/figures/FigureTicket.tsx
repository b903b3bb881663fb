'use client';

import { memo, type MouseEvent } from 'react';
import type { Figure } from '@/core/figures';
import { BASIS_SIGN, BASIS_WORDS, formatDifference, formatPlusMinus, formatQuantity } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { showTheSame } from './showTheSame';

interface FigureTicketProps {
  figure: Figure;
  /** Another label than the figure's own, where its place already says part of it. */
  label?: string;
  /** The mark on the drawing that it is pinned to. */
  mark?: string;
}

/** A paper ticket with a number, its unit and its ±. Pressed, it turns round and says why. */
export const FigureTicket = memo(function FigureTicket({ figure, label, mark }: FigureTicketProps) {
  const lit = useBag((state) => mark !== undefined && state.selection === mark);
  return (
    <div className="ticket" data-lit={lit || undefined}>
      <div className="ticket-label">{label ?? figure.label}</div>
      <AskableNumber figure={figure} mark={mark} />
      {figure.basis && (
        <div className="ticket-basis">
          {BASIS_SIGN} {BASIS_WORDS[figure.basis]}
        </div>
      )}
    </div>
  );
}, showTheSame);

interface AskableNumberProps {
  figure: Figure;
  mark?: string;
  /** For a difference: its sign is shown, its ± is left to the why. */
  signed?: boolean;
}

/** A number that can be asked why, without the ticket: for tables and running text. */
export const AskableNumber = memo(function AskableNumber({ figure, mark, signed = false }: AskableNumberProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const expanded = useBag((state) => state.asked?.figure === figure.id);
  const store = useBagStore();
  const ask = (event: MouseEvent<HTMLButtonElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const { asked, ask: askStore, select } = store.getState();
    if (mark) select(mark);
    // Asked from the back of a ticket, the next one turns up in the same place.
    const place = asked && event.currentTarget.closest('[role=dialog]') ? asked : { x: box.left, y: box.bottom };
    askStore({ figure: figure.id, x: place.x, y: place.y });
  };
  const doubt = signed ? '' : formatPlusMinus(figure, unit);
  const value = (signed ? formatDifference : formatQuantity)(figure.value, figure.unit, unit);
  return (
    <button
      type="button"
      className="asked"
      onClick={ask}
      aria-expanded={expanded}
      aria-label={`${figure.label}: ${value} ${doubt}${figure.basis ? `, ${BASIS_WORDS[figure.basis]}` : ''}. Why?`}
      data-figure={figure.id}
    >
      {figure.basis && (
        <span className="asked-basis" title={BASIS_WORDS[figure.basis]} aria-hidden>
          {BASIS_SIGN}
        </span>
      )}
      <span className="asked-value">{value}</span>
      {doubt && <span className="asked-doubt">{doubt}</span>}
    </button>
  );
}, showTheSame);
