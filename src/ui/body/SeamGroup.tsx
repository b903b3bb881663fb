'use client';

import { SEAMS } from '@/core/body';
import { SEAM_KINDS, type SeamKind } from '@/core/design';
import { formatSource } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, NumberField } from '@/ui/fields';
import { WordMark } from '@/ui/words/WordMark';
import { FigureTicket } from '@/ui/figures/FigureTicket';

const NAMES: Record<SeamKind, string> = {
  whip: 'Whipped',
  'through-the-edge': 'Through the edge',
  mattress: 'Mattress stitch',
  'slip-stitch': 'Slip-stitch join',
  'sc-join': 'Row of stitches',
  'outer-loops': 'Outer loops only',
};

const FINISHES = [
  { value: 'turned', label: 'Inside out, then turned' },
  { value: 'showing', label: 'Outside, left showing' },
] as const;

/** How the sides are sewn, what that takes, and the way over the top that the load asks for. */
export function SeamGroup() {
  const { kind, finish, takeUpStitches } = useBag((state) => state.design.body.seam);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const hasSeams = useBag((state) => state.plan.joins.some(({ made }) => made !== 'goes-on'));
  const store = useBagStore();
  const set = (label: string, value: Record<string, unknown>) =>
    store.getState().edit(
      label,
      Object.entries(value).map(([field, one]) => ({ path: ['body', 'seam', field], value: one })),
    );
  const { takeUp, ridge, fromOutside } = SEAMS[kind];
  const usual = takeUp.least === takeUp.most ? `${takeUp.usual}` : `${takeUp.least} to ${takeUp.most}`;
  return (
    <FoldedGroup
      title={hasSeams ? (hasFlap ? 'Seams, and over the top' : 'Seams') : hasFlap ? 'Over the top' : 'The load'}
      answer={
        hasSeams ? `${NAMES[kind]}, ${fromOutside || finish === 'showing' ? 'from outside' : 'inside out'}` : undefined
      }
    >
      {hasSeams && (
        <Row>
          <ChoiceField
            label="The sides are joined"
            width="11em"
            value={kind}
            choices={SEAM_KINDS.map((one) => ({ value: one, label: NAMES[one] }))}
            help={fromOutside ? 'Sewn from outside, the edges side by side.' : undefined}
            onChange={(one) => set(`Seam: ${NAMES[one]}`, { kind: one, takeUpStitches: SEAMS[one].takeUp.usual })}
          />
          {!fromOutside && (
            <ChoiceField
              label="Sewn"
              width="14em"
              value={finish}
              choices={FINISHES}
              help={ridge ? 'This join stands up as a ridge.' : undefined}
              onChange={(one) => set('How the seam is sewn', { finish: one })}
            />
          )}
          <NumberField
            label="Each side seam takes"
            word="take-up"
            suffix="stitches"
            width="4.5em"
            help={`Usual: ${usual}. ${formatSource(takeUp.source)}.`}
            value={takeUpStitches}
            onChange={(value) => set('Seam take-up', { takeUpStitches: value })}
          />
        </Row>
      )}
      <OverTheTop hasFlap={hasFlap} />
    </FoldedGroup>
  );
}

/** The way over the top that the load asks for, apart from the fields: those hold still while a drag changes what this says. */
function OverTheTop({ hasFlap }: { hasFlap: boolean }) {
  const { bridgeLoaded, bridgeEmpty } = useBagBehind('numbers', (state) => state.plan.flap.figures);
  const { load } = useBagBehind('numbers', (state) => state.plan.contents.figures);
  return (
    <Row>
      <FigureTicket figure={load} />
      {hasFlap && (
        <>
          <FigureTicket figure={bridgeLoaded} />
          <FigureTicket figure={bridgeEmpty} />
          <WordMark id="bridge" />
        </>
      )}
    </Row>
  );
}
