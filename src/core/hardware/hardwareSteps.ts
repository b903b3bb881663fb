import { linesWalls } from '@/core/design';
import type { Hardware } from '@/core/design';
import type { FittingInput, StepRule } from '@/core/fittings';
import type { Held } from './natures';

/**
 * When hardware is set: what is worked in while its row is; what is caught in a seam before that is sewn; what goes through the fabric, or is sewn on,
 * while its back can be reached.
 *
 * Source: common practice, no source.
 *
 * @param hasSeam a seam runs where it is set
 */
export function hardwareSteps(choice: Hardware, held: Held, hasSeam: boolean, { design }: FittingInput): StepRule[] {
  const { kind, on } = choice;
  const lined = linesWalls(design);
  const set = { name: `set-${kind}`, mark: kind };
  switch (held) {
    case 'worked-in':
      return [{ ...set, after: [], before: [on === 'flap' ? 'flap-worked' : 'worked'] }];
    case 'through':
      return [{ ...set, after: ['blocked'], before: ['covered', 'joined'] }];
    case 'seam':
      return [{ ...set, after: ['blocked'], before: ['joined'] }];
    case 'tab': {
      const tab = `make-${kind}-tab`;
      return [
        { name: tab, after: ['begun'], before: [] },
        { ...set, after: ['blocked', tab], before: hasSeam ? ['joined'] : lined ? ['covered'] : [] },
      ];
    }
    case 'sewn':
      return [{ ...set, after: lined ? ['blocked'] : ['blocked', 'joined'], before: lined ? ['covered'] : [] }];
  }
}
