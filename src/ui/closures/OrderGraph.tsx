'use client';

import { Box } from '@chakra-ui/react';
import { useId, useMemo, useState } from 'react';
import { settingGraph } from '@/core/making';
import { stepTexts, type StepText } from '@/core/wording';
// Apart from the other drawings, so that its library is not part of the shelf's first view.
import { orderLayout, type OrderLayout } from '@/drawing/orderLayout';
import { useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { Group } from '@/ui/bag/PlaceLayout';
import { WaysOut } from '@/ui/bench/WaysOut';

const BOX = { widthPx: 148, heightPx: 44 };
/** Two lines of a title fit into a box. */
const LINE_CHARACTERS = 22;

/** What of this bag has to be set before what, as a small graph; pressed, a step says what it shuts off and what helps where it was forgotten. */
export function OrderGraph() {
  // Drawn anew when the steps are others, not whenever something is moved.
  const order = useBagBehind('numbers', orderKey);
  const store = useBagStore();
  const [shown, setShown] = useState<string | null>(null);
  const { layout, texts } = useMemo(() => {
    const { design, plan } = store.getState();
    const graph = settingGraph(plan.steps, 'closures', 'hardware');
    return {
      order,
      layout: orderLayout(graph, BOX),
      texts: new Map(stepTexts(design, plan).map((text) => [text.id, text])),
    };
  }, [store, order]);
  if (layout.nodes.length === 0) return null;
  const text = shown === null ? undefined : texts.get(shown);
  const press = (id: string) => {
    setShown(id === shown ? null : id);
    store.getState().select(store.getState().plan.steps.find((step) => step.id === id)?.of?.mark ?? null);
  };
  return (
    <Group title="Set in this order">
      <Box fontSize="14px" mb="2">
        From the top down. Where a line is heavy, what lies above it can’t be done any more once what lies below it is.
      </Box>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="What is set before what">
        <Drawn layout={layout} texts={texts} shown={shown} onPress={press} />
      </Box>
      {text && <Told text={text} />}
    </Group>
  );
}

/** What the graph says: its steps, what they need and shut off, and how many of each thing there are. */
function orderKey({ plan, design }: BagState): string {
  const steps = plan.steps.map(({ id, needs, shutsOff }) => `${id}:${needs.join()}:${shutsOff.join()}`);
  const things = [...plan.closures, ...plan.fittings].map(({ marks }) => marks.length);
  return `${steps.join(';')}|${things.join()}|${design.lining?.kind ?? ''}`;
}

interface DrawnProps {
  layout: OrderLayout;
  texts: ReadonlyMap<string, StepText>;
  shown: string | null;
  onPress: (id: string) => void;
}

function Drawn({ layout, texts, shown, onPress }: DrawnProps) {
  const arrow = useId();
  return (
    <svg
      width={layout.widthPx}
      height={layout.heightPx}
      role="group"
      aria-label="Steps, each below what comes before it"
    >
      <defs>
        <marker id={arrow} viewBox="0 0 8 8" refX="7" refY="4" markerWidth="6" markerHeight="6" orient="auto">
          <path d="M0 0 L8 4 L0 8 z" fill="var(--chakra-colors-ink)" />
        </marker>
      </defs>
      {layout.edges.map(({ from, to, shuts, points }) => (
        <polyline
          key={`${from} ${to}`}
          points={points.map(({ x, y }) => `${x},${y}`).join(' ')}
          fill="none"
          stroke="var(--chakra-colors-ink)"
          strokeWidth={shuts ? 3 : 1.2}
          strokeDasharray={shuts ? undefined : '5 4'}
          markerEnd={`url(#${arrow})`}
        />
      ))}
      {layout.nodes.map(({ id, isOfGroup, x, y, widthPx, heightPx }) => (
        <g
          key={id}
          role="button"
          tabIndex={0}
          aria-pressed={id === shown}
          aria-label={texts.get(id)?.title ?? id}
          style={{ cursor: 'pointer' }}
          onClick={() => onPress(id)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            onPress(id);
          }}
        >
          <rect
            x={x}
            y={y}
            width={widthPx}
            height={heightPx}
            fill={isOfGroup ? 'var(--chakra-colors-brass)' : 'var(--chakra-colors-paper)'}
            stroke="var(--chakra-colors-ink)"
            strokeWidth={id === shown ? 2.5 : 1}
          />
          {inLines(texts.get(id)?.title ?? id).map((line, index, lines) => (
            <text
              key={index}
              x={x + widthPx / 2}
              y={y + heightPx / 2 + 4 + (index - (lines.length - 1) / 2) * 15}
              textAnchor="middle"
              fontSize="12.5"
              fill="var(--chakra-colors-ink)"
            >
              {line}
            </text>
          ))}
        </g>
      ))}
    </svg>
  );
}

/** A title in two lines at most, broken between words. */
function inLines(title: string): string[] {
  const lines: string[] = [];
  for (const word of title.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= LINE_CHARACTERS) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length <= 2 ? lines : [lines[0] as string, `${lines[1]}…`];
}

function Told({ text }: { text: StepText }) {
  return (
    <Box bg="paper" border="1px solid" borderColor="paperEdge" px="3" py="2" mt="2" aria-live="polite">
      <Box fontWeight={700}>{text.title}</Box>
      <Box fontSize="14px">{text.what}</Box>
      {text.notLater && (
        <Box fontSize="14px" color="inkSoft">
          Not later: {text.notLater}
        </Box>
      )}
      <WaysOut ways={text.ways} />
    </Box>
  );
}
