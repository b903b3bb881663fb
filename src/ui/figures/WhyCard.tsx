'use client';

import { Box, CloseButton, Flex, Table } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import type { ReasonInput } from '@/core/figures';
import { BASIS_SENTENCES, formatPlusMinus, formatQuantity, formatSource } from '@/core/wording';
import { figureAsked } from '@/ui/bag/bagStore';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { AskableNumber } from './FigureTicket';

const WIDTH_PX = 400;

/** The back of a ticket: the rule in words, what went in, where the rule comes from. Inputs can be asked in turn. */
export function WhyCard() {
  const asked = useBag((state) => state.asked);
  const figure = useBag((state) => (state.asked ? figureAsked(state, state.asked.figure) : undefined));
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const card = useRef<HTMLDivElement>(null);
  const cameFrom = useRef<Element | null>(null);

  useEffect(() => {
    if (asked === null) return;
    if (!card.current?.contains(document.activeElement)) cameFrom.current = document.activeElement;
    card.current?.focus();
  }, [asked]);

  if (!asked || !figure) return null;
  const close = () => {
    store.getState().ask(null);
    if (cameFrom.current instanceof HTMLElement || cameFrom.current instanceof SVGElement) cameFrom.current.focus();
  };
  const left = Math.max(8, Math.min(asked.x, window.innerWidth - WIDTH_PX - 8));
  const below = asked.y < window.innerHeight * 0.55;
  const doubt = formatPlusMinus(figure, unit);

  return (
    <Box
      ref={card}
      role="dialog"
      aria-label={`Why: ${figure.label}`}
      tabIndex={-1}
      position="fixed"
      zIndex={40}
      left={`${left}px`}
      {...(below ? { top: `${asked.y + 6}px` } : { bottom: `${window.innerHeight - asked.y + 34}px` })}
      width={`min(${WIDTH_PX}px, 94vw)`}
      maxH="56vh"
      overflowY="auto"
      bg="paper"
      border="1px solid"
      borderColor="brassDeep"
      borderTopWidth="5px"
      borderTopColor="brass"
      boxShadow="0 8px 28px rgba(20,30,30,.35)"
      p="4"
      onKeyDown={(event) => {
        if (event.key === 'Escape') close();
      }}
    >
      <Flex justify="space-between" align="start" gap="2">
        <Box>
          <Box fontSize="13px" color="inkSoft">
            {figure.label}
          </Box>
          <Box fontFamily="heading" fontSize="20px">
            {formatQuantity(figure.value, figure.unit, unit)} {doubt}
          </Box>
        </Box>
        <CloseButton size="sm" onClick={close} aria-label="Turn the ticket back" />
      </Flex>
      <Box mt="2">{figure.reason.rule}</Box>
      {figure.reason.inputs.length > 0 && (
        <Table.Root size="sm" mt="3" variant="line">
          <Table.Body>
            {figure.reason.inputs.map((input, index) => (
              <Table.Row key={index} bg="transparent">
                <Table.Cell px="0" py="1" borderColor="paperEdge">
                  {input.label}
                </Table.Cell>
                <Table.Cell px="0" py="1" textAlign="right" borderColor="paperEdge">
                  <InputValue input={input} />
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
      {figure.basis && (
        <Box mt="3" fontSize="13px" fontStyle="italic">
          {BASIS_SENTENCES[figure.basis]}
        </Box>
      )}
      <Box mt="3" fontSize="13px" color="inkSoft">
        {formatSource(figure.reason.source)}
      </Box>
    </Box>
  );
}

/** An input that is itself a figure of the plan can be asked why as well. */
function InputValue({ input }: { input: ReasonInput }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const figure = useBag((state) => (input.from ? figureAsked(state, input.from) : undefined));
  if (figure) return <AskableNumber figure={figure} />;
  return (
    <>
      {formatQuantity(input.value, input.unit, unit)}{' '}
      {formatPlusMinus({ ...input, plusMinus: input.plusMinus ?? null }, unit)}
    </>
  );
}
