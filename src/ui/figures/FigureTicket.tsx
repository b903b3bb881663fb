'use client';

import { Box, chakra } from '@chakra-ui/react';
import type { MouseEvent } from 'react';
import type { Figure } from '@/core/figures';
import { formatPlusMinus, formatQuantity } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';

interface FigureTicketProps {
  figure: Figure;
  /** Another label than the figure's own, where its place already says part of it. */
  label?: string;
  /** The mark on the drawing that it is pinned to. */
  mark?: string;
}

/** A paper ticket with a number, its unit and its ±. Pressed, it turns round and says why. */
export function FigureTicket({ figure, label, mark }: FigureTicketProps) {
  const lit = useBag((state) => mark !== undefined && state.selection === mark);
  const asked = useBag((state) => state.asked?.figure === figure.id);
  return (
    <Box
      bg="paper"
      border="1px solid"
      borderColor={lit ? 'brassDeep' : 'paperEdge'}
      boxShadow={lit ? '0 0 0 3px var(--chakra-colors-brass)' : '0 1px 2px rgba(20,30,30,.25)'}
      borderRadius="2px"
      px="2.5"
      py="1"
      position="relative"
      _before={{
        content: '""',
        position: 'absolute',
        left: '5px',
        top: '5px',
        width: '6px',
        height: '6px',
        borderRadius: 'full',
        bg: 'counterEdge',
        boxShadow: 'inset 0 0 0 1px var(--chakra-colors-ink-soft)',
      }}
    >
      <Box fontSize="12.5px" color="inkSoft" pl="3" lineHeight="1.25">
        {label ?? figure.label}
      </Box>
      <AskableNumber figure={figure} expanded={asked} mark={mark} />
    </Box>
  );
}

/** A number that can be asked why, without the ticket: for tables and running text. */
export function AskableNumber({ figure, expanded, mark }: { figure: Figure; expanded?: boolean; mark?: string }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const ask = (event: MouseEvent<HTMLButtonElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const { asked, ask: askStore, select } = store.getState();
    if (mark) select(mark);
    // Asked from the back of a ticket, the next one turns up in the same place.
    const place = asked && event.currentTarget.closest('[role=dialog]') ? asked : { x: box.left, y: box.bottom };
    askStore({ figure: figure.id, x: place.x, y: place.y });
  };
  const doubt = formatPlusMinus(figure, unit);
  const value = formatQuantity(figure.value, figure.unit, unit);
  return (
    <chakra.button
      type="button"
      onClick={ask}
      aria-expanded={expanded}
      aria-label={`${figure.label}: ${value} ${doubt}. Why?`}
      data-figure={figure.id}
      cursor="help"
      textAlign="left"
      whiteSpace="nowrap"
      borderBottom="1px dotted"
      borderColor="inkSoft"
      fontVariantNumeric="tabular-nums"
    >
      <chakra.span fontFamily="heading" fontSize="16px" fontWeight={600}>
        {value}
      </chakra.span>
      {doubt && (
        <chakra.span fontSize="13px" color="inkSoft" ml="1.5">
          {doubt}
        </chakra.span>
      )}
    </chakra.button>
  );
}
