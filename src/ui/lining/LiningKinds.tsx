import { Box } from '@chakra-ui/react';
import type { Lining } from '@/core/design';
import { LININGS } from '@/core/lining';
import { wordsOf } from '@/core/wording';
import { liningIcon } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { DrawnActions } from '@/ui/fields/DrawnActions';
import { TicketRow } from '@/ui/fittings/FittingGroup';
import { LINING_AT } from './LiningPlan';

/** A lining is chosen by its drawing; another kind takes the place of the one there is. */
export function LiningKinds({ lining }: { lining: Lining | null }) {
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const opening = useBag((state) => state.plan.opening.figures);
  const falls = useBag((state) => state.plan.opening.problems.length > 0);
  const carries = useBag((state) => state.design.contents.items.length > 0);
  const store = useBagStore();
  const put = (kind: Lining['kind']) => {
    const { design, edit } = store.getState();
    edit(wordsOf({ choice: { kind }, at: LINING_AT }).added, [
      { path: ['lining'], value: LININGS[kind].usual(design) },
    ]);
  };
  const kinds = (Object.keys(LININGS) as Lining['kind'][]).filter((kind) => kind !== lining?.kind);
  const actions = kinds.map((kind) => {
    const { title, add } = wordsOf({ choice: { kind }, at: LINING_AT });
    return { value: kind, label: title, says: lining ? `${title} instead` : add, drawing: liningIcon(kind) };
  });
  return (
    <Group title={lining ? 'Another lining instead' : 'No lining'} next="choose-lining">
      {!lining && (
        <Box fontSize="14px" mb="2">
          The crochet shows inside. A lining keeps small things from slipping through and hides the back of a snap.
        </Box>
      )}
      {!lining && (
        <>
          <TicketRow tickets={[{ figure: opening.across }, { figure: opening.up }]} />
          {carries && !falls && (
            <Box fontSize="14px" mb="2">
              Nothing that you carry is small enough to go through.
            </Box>
          )}
        </>
      )}
      <DrawnActions actions={actions} cloth={colour} scale={1.6} onAct={put} />
    </Group>
  );
}
