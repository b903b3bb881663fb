'use client';

import { capital } from '@/core/units';
import type { KeyboardEvent } from 'react';
import type { Plan } from '@/core/plan';
import { tradeOffs, type Solution, type SolutionFigures, type Solutions } from '@/core/solutions';
import { differenceText, stitchName } from '@/core/wording';
import type { Drawing } from '@/drawing';
import { focusingChange } from '@/ui/focus/focusChange';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedView } from '@/ui/drawing/FoldedView';
import { AskableNumber } from '@/ui/figures/FigureTicket';

/** A plan as the list shows it. */
export interface ShownSolution {
  solution: Solution;
  name: string;
  plan: Plan;
  figures: SolutionFigures;
  drawing: Drawing;
}

interface SolutionListProps {
  shown: readonly ShownSolution[];
  found: Pick<Solutions, 'present' | 'units'>;
  compared: number;
  onCompare: (index: number) => void;
}

const THUMB_PX = { width: 76, height: 66 };

/** Plans drawn small to one scale, each with what it gains and gives up. Its number takes it while the list has the focus. */
export function SolutionList({ shown, found, compared, onCompare }: SolutionListProps) {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const unit = design.settings.lengthUnit;
  const titleOf = ({ stitch, hookMm }: Solution) =>
    capital(`${stitchName(stitch, design.settings.terms, design.ownStitches)}, ${hookMm} mm hook`);
  const take = ({ solution }: ShownSolution) => {
    if (!solution.isPresent && solution.edits.length > 0)
      store.getState().edit(`Take the plan in ${titleOf(solution)}`, solution.edits);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const one = shown[Number(event.key) - 1];
    if (!one || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    take(one);
  };
  const fitMm = {
    width: Math.max(...shown.map(({ drawing }) => drawing.box.widthMm)),
    height: Math.max(...shown.map(({ drawing }) => drawing.box.heightMm)),
  };
  return (
    <ol className="solutions" data-testid="solution-list" onKeyDown={onKeyDown}>
      {shown.map((one, index) => {
        const { solution, figures, drawing, name } = one;
        const { gains, givesUp } = tradeOffs(solution.costs, found.present, found.units);
        const title = titleOf(solution);
        return (
          <li key={name} data-compared={index === compared || undefined}>
            <button
              type="button"
              className="solution"
              aria-pressed={index === compared}
              aria-label={`Compare plan ${name}: ${title}`}
              onClick={() => onCompare(index)}
            >
              <FoldedView
                drawing={drawing}
                cloth={design.swatch.yarn.colour}
                label={`Plan ${name}, folded`}
                boxPx={THUMB_PX}
                fitMm={fitMm}
              />
            </button>
            <div>
              <div className="solution-head">
                <strong>
                  {name}. {title}
                </strong>
                {solution.isPresent ? (
                  <span>as planned</span>
                ) : solution.isForetold ? (
                  <span>a swatch first</span>
                ) : (
                  <button
                    type="button"
                    className="take"
                    aria-label={`Take plan ${name}: ${title}`}
                    onClick={(event) => focusingChange(event, () => take(one))}
                  >
                    Take it
                  </button>
                )}
              </div>
              <div className="solution-figures">
                <AskableNumber figure={figures.width} />
                {' × '}
                <AskableNumber figure={figures.height} />
                {figures.drop && (
                  <span>
                    flap <AskableNumber figure={figures.drop} />
                  </span>
                )}
                {figures.yarn && <AskableNumber figure={figures.yarn} />}
                <AskableNumber figure={figures.stitches} />
              </div>
              <ul className="trade-offs">
                {gains.length + givesUp.length === 0 && (
                  <li>{solution.isPresent ? 'The bag as it is now.' : 'As good as the bag is now.'}</li>
                )}
                {gains.length > 0 && (
                  <li data-good>Gains: {gains.map((gain) => differenceText(gain, unit)).join('; ')}.</li>
                )}
                {givesUp.length > 0 && (
                  <li>Gives up: {givesUp.map((loss) => differenceText(loss, unit)).join('; ')}.</li>
                )}
              </ul>
            </div>
          </li>
        );
      })}
    </ol>
  );
}
