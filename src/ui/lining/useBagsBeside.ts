import { useEffect, useMemo, useState } from 'react';
import type { Design } from '@/core/design';
import type { LayoutPiece } from '@/core/layout';
import { useBag } from '@/ui/bag/BagProvider';
import { designOf } from '@/ui/shelf/bagOnShelf';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';

interface OfBags {
  bags: { id: string; design: Design }[];
  cloth: Design['cloth'];
}
const askPieces =
  ({ bags, cloth }: OfBags): Work<LayoutPiece[]> =>
  (worker) =>
    worker.piecesOf(bags, cloth);

const NONE: readonly LayoutPiece[] = [];

/** The pieces of other bags that are cut from the same cloth, as those bags are saved now; and the names of bags that are no longer on the shelf. */
export function useBagsBeside(): { pieces: readonly LayoutPiece[]; missing: readonly string[] } {
  const cloth = useBag((state) => state.design.cloth);
  const { beside, oneWay } = cloth;
  const wanted = beside.map(({ id }) => id).join(' ');
  /** What each wish came to: null for a bag that is not there. */
  const [known, setKnown] = useState<ReadonlyMap<string, Design | null>>(new Map());
  useEffect(() => {
    let isOver = false;
    for (const id of wanted.split(' ').filter((one) => one !== ''))
      void designOf(id).then((design) => {
        if (!isOver) setKnown((before) => new Map(before).set(id, design));
      });
    return () => {
      isOver = true;
    };
  }, [wanted]);
  const question = useMemo((): OfBags | null => {
    const bags = wanted.split(' ').flatMap((id) => {
      const design = known.get(id);
      return design ? [{ id, design }] : [];
    });
    return bags.length > 0 ? { bags, cloth: { ...cloth, beside: [], laid: [] } } : null;
    // Of the cloth it asks only which way pieces may lie.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted, known, oneWay]);
  const { last } = useAnswer(question, askPieces);
  return {
    pieces: question && last ? last : NONE,
    missing: beside.filter(({ id }) => known.get(id) === null).map(({ name }) => name),
  };
}
