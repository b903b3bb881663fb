import type { OnFlapStage } from '@/core/closure';
import { linesFlap, linesWalls, type MagneticSnap } from '@/core/design';
import { REACHES, REACH_REPAIRS } from './cautionWords';
import { formatQuantity } from '../quantity';
import { onFlapWords } from './onFlapWords';
import { waysByThread, waysThrough } from './waysOut';

type Stage = OnFlapStage<MagneticSnap>;

const isSewn = ({ choice }: Stage): boolean => choice.fixing === 'sewn';
const isShutIn = ({ choice }: Stage): boolean => choice.fixing === 'between-layers';

/** All words of a magnetic snap. */
export const snapWords = onFlapWords<MagneticSnap>({
  prefix: 'snap',
  title: 'Magnetic snap',
  whole: 'snap',
  half: 'snap',
  mate: 'mate',
  two: 'snaps',
  Half: 'Snap',
  flapFace: 'inner face',
  materials: ({ choice, halves, mates }, { design }) => [
    `Magnetic snap${choice.fixing === 'prongs' ? ` with prongs of ${formatQuantity(choice.prongMm, 'mm', design.settings.lengthUnit)}` : choice.fixing === 'sewn' ? ' to sew on' : ' in a cover, to shut in'}, ${formatQuantity(choice.diameterMm, 'mm', design.settings.lengthUnit)}: ${halves.length} for the flap, ${mates.length || halves.length} for the front.`,
    ...(choice.fixing === 'prongs' ? ['A scrap of felt to go behind the snap.'] : []),
    ...(choice.fixing === 'between-layers' ? ['A scrap of cloth for the pocket of each half.'] : []),
  ],
  onFront: (stage) =>
    isSewn(stage)
      ? 'Sew it on through its holes, into the crochet alone, round three times.'
      : isShutIn(stage)
        ? 'Sew it, in a pocket of cloth, to the inner face; turn it so that it draws the other half before you close the pocket.'
        : 'Prongs through the crochet only; a piece of felt behind.',
  onFlap: (stage, { design }) =>
    isSewn(stage)
      ? `Sew it on through its holes, into the ${linesFlap(design) ? 'lining and the back of the stitches' : 'back of the stitches'}, so that no thread shows outside.`
      : isShutIn(stage)
        ? `Sew it, in a pocket of cloth, ${linesFlap(design) ? 'to the crochet, under the lining' : 'to the inner face'}.`
        : throughWhat(stage.inHem, linesFlap(design)),
  frontNotLater: (stage, { design }) =>
    !linesWalls(design)
      ? null
      : isSewn(stage)
        ? 'Once the lining is on, the knots have to be hidden under the stitches.'
        : 'Once the lining is on, its back can only be reached by cutting.',
  flapNotLater: (stage, { design }) => {
    if (isSewn(stage)) return null;
    if (linesFlap(design))
      return isShutIn(stage)
        ? 'Once the lining is on, it can only be put in by unpicking its edge.'
        : 'Once the lining is on, the prongs would have to go through both layers.';
    return stage.inHem ? 'Once the hem is sewn down, the prongs would go through both layers and show.' : null;
  },
  ways: (stage, bag) => (isSewn(stage) ? waysByThread(bag) : waysThrough(bag)),
  repairs: REACH_REPAIRS,
  problems: {
    ...REACHES,
    magnets: (_: object, length: (mm: number) => string) =>
      `Strong small magnets are dangerous when swallowed: not on bags for young children. Keep them about ${length(150).endsWith('cm') ? '15 cm' : '6 in'} from implanted devices (FDA consumer advice), and off cards. Follow your local rules.`,
  },
});

const throughWhat = (inHem: boolean, isLined: boolean): string => {
  if (isLined) return 'Prongs through the lining only, before it is sewn on; reinforce behind.';
  return inHem
    ? 'Prongs through the hem only, with a piece of felt behind: turned back, the hem hides them.'
    : 'Prongs through the crochet, with a piece of felt behind to hide and hold them.';
};
