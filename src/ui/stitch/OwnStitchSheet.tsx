'use client';

import { Box, Button, Flex, Input, Stack } from '@chakra-ui/react';
import { useId, useMemo, useState } from 'react';
import type { FoundRepeat as FoundRepeatAnswer, PatternRow } from '@/core/stitches';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { Sheet, type SheetProps } from '@/ui/bag/Sheet';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import { TypedField } from '@/ui/fields/TypedField';
import { NatureFields } from './NatureFields';
import { StepForm } from './StepForm';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';
import { writtenRows, writtenStitch, type OwnStitchDraft } from './ownStitchDraft';

interface OwnStitchSheetProps extends SheetProps {
  first: OwnStitchDraft;
}

/** A pattern of her own, its rows written in words or put together step by step; its repeat and its counts are found by working them. */
export function OwnStitchSheet({ first, open, onClose }: OwnStitchSheetProps) {
  const { terms } = useBag((state) => state.design.settings);
  const store = useBagStore();
  const [draft, setDraft] = useState(first);
  const [row, setRow] = useState(0);
  const [fault, setFault] = useState<{ row: number | null; sentence: string } | null>(null);
  const change = (part: Partial<OwnStitchDraft>) => {
    setDraft({ ...draft, ...part });
    setFault(null);
  };
  const setWords = (index: number, words: string) =>
    change({ rows: draft.rows.map((old, at) => (at === index ? words : old)) });

  const save = () => {
    const written = writtenStitch(draft, terms);
    if (!written.ok) return setFault(written);
    const { design, edit } = store.getState();
    const at = design.ownStitches.findIndex(({ id }) => id === draft.id);
    const faults = edit(`Pattern: ${draft.name}`, [
      { path: ['ownStitches', at < 0 ? design.ownStitches.length : at], value: written.own },
      { path: ['stitch'], value: draft.id },
      { path: ['body', 'chosenStitches'], value: null },
    ]);
    const [refused] = faults;
    if (!refused) return onClose();
    const [, , part, index] = refused.path;
    const inRows = part === 'rows' ? Number(index) + draft.setupCount : part === 'setupRows' ? Number(index) : null;
    setFault({ row: inRows, sentence: refused.sentence });
  };
  return (
    <Sheet open={open} onClose={onClose} title="A pattern of your own" wide>
      <Stack gap="4">
        <TypedField
          label="Name"
          width="16em"
          shown={draft.name}
          commit={(name) => {
            change({ name });
            return null;
          }}
        />
        <Box as="ol" listStyleType="none" display="grid" gap="2">
          {draft.rows.map((words, index) => (
            <RowField
              key={index}
              label={`Row ${index + 1}${index < draft.setupCount ? ', worked once' : ''}`}
              words={words}
              fault={fault?.row === index ? fault.sentence : null}
              onFocus={() => setRow(index)}
              onChange={(next) => setWords(index, next)}
              onRemove={
                draft.rows.length === 1
                  ? null
                  : () =>
                      change({
                        rows: draft.rows.filter((_, at) => at !== index),
                        setupCount: Math.min(draft.setupCount, draft.rows.length - 2),
                      })
              }
            />
          ))}
        </Box>
        <Flex gap="3" wrap="wrap">
          <Button size="xs" variant="outline" onClick={() => change({ rows: [...draft.rows, ''] })}>
            One more row
          </Button>
          <Box fontSize="13px" color="inkSoft" flex="1 1 20em">
            Write as in a pattern: “sc in next 2 sts, *ch 1, skip next st; rep from * to last 2 sts, sc in next 2 sts”.
            Leave the turning chain out: it is added the way you work.
          </Box>
        </Flex>
        <StepForm
          rowNumber={row + 1}
          words={draft.rows[row] ?? ''}
          terms={terms}
          onWords={(words) => setWords(row, words)}
        />
        <NatureFields draft={draft} onChange={change} />
        <FoundRepeat draft={draft} terms={terms} />
        {fault && fault.row === null && (
          <Box role="alert" color="decide" fontWeight={600}>
            ⚠ {fault.sentence}
          </Box>
        )}
        <Row>
          <Button bg="brass" color="onBrass" _hover={{ filter: 'brightness(1.12)' }} onClick={save}>
            Work the bag in it
          </Button>
          <Button variant="outline" onClick={onClose}>
            Leave it
          </Button>
        </Row>
      </Stack>
    </Sheet>
  );
}

interface RowFieldProps {
  label: string;
  words: string;
  fault: string | null;
  onFocus: () => void;
  onChange: (words: string) => void;
  onRemove: (() => void) | null;
}

function RowField({ label, words, fault, onFocus, onChange, onRemove }: RowFieldProps) {
  const nameId = useId();
  return (
    <li>
      <FieldFrame label={label} fault={fault}>
        {({ id, describedBy }) => (
          <Flex gap="2">
            <Input
              id={id}
              size="sm"
              value={words}
              onFocus={onFocus}
              onChange={(event) => onChange(event.target.value)}
              aria-invalid={fault !== null}
              aria-describedby={describedBy}
              autoComplete="off"
              borderColor={fault ? 'decide' : 'counterEdge'}
            />
            {onRemove && (
              <Button size="sm" variant="outline" aria-label={`Take out ${label}`} id={nameId} onClick={onRemove}>
                Take out
              </Button>
            )}
          </Flex>
        )}
      </FieldFrame>
    </li>
  );
}

/** What working the rows gives, while she writes: worked away from the screen, with the last answer left standing until the next. */
function FoundRepeat({ draft: { rows, setupCount }, terms }: { draft: OwnStitchDraft; terms: 'us' | 'uk' }) {
  const written = useMemo(() => writtenRows(rows, terms), [rows, terms]);
  const question = useMemo(
    () => (written.ok ? { setupRows: written.rows.slice(0, setupCount), rows: written.rows.slice(setupCount) } : null),
    [written, setupCount],
  );
  const { last, isCurrent } = useAnswer(question, askRepeat);
  if (question === null || !last?.ok) return null;
  const { repeatStitches, edgeStitches } = last;
  return (
    <Box role="status" fontSize="14.5px" color={isCurrent ? 'ink' : 'inkSoft'} aria-busy={!isCurrent}>
      Worked row by row, it comes out on{' '}
      {repeatStitches === 1
        ? 'any count'
        : `a multiple of ${repeatStitches} stitches${edgeStitches > 0 ? ` plus ${edgeStitches}` : ''}`}
      {isCurrent ? '.' : ' – working it anew…'}
    </Box>
  );
}

const askRepeat =
  (rows: { setupRows: PatternRow[]; rows: PatternRow[] }): Work<FoundRepeatAnswer> =>
  (worker) =>
    worker.repeat(rows);
