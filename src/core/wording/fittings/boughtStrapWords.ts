import { BOUGHT_STRAP_KINDS, type BoughtStrapKind } from '@/core/design';
import type { BoughtStrapStage, StrapProblems, StrapRepairs } from '@/core/strap';
import { stepWords } from '../stepWords';
import { STRAP_WORDS, attachWords, hardwareMaterials, hungTickets, tickets } from './hungWords';
import { STRAP_NAMES } from './strapNames';
import type { FittingWords } from './words';

/** How the cut ends of each are kept from fraying. Common practice, no source. */
const CUT: Readonly<Record<BoughtStrapKind, string>> = {
  rope: 'Whip both ends with thread before you cut.',
  leather: 'Cut the ends square, and punch holes for the stitches.',
  webbing: 'Seal both ends, or turn them under.',
  'metal-chain': 'Open a link at either end, and count the links of both sides.',
  'ready-made': 'Nothing is cut.',
};

/** All words of a strap that is bought. */
const boughtStrapWords = (kind: BoughtStrapKind): FittingWords<BoughtStrapStage, StrapProblems, StrapRepairs> => ({
  title: STRAP_NAMES[kind].title,
  ...STRAP_WORDS,
  materials: (stage, bag) => {
    const { figures, choice } = stage;
    const of = bag.design.straps.length > 1 ? `Strap ${stage.at.index + 1}: ` : '';
    const long = `${bag.length(figures.toCut.value)} long, ${bag.length(choice.widthMm)} wide`;
    return [`${of}${STRAP_NAMES[kind].title.toLowerCase()}, ${long}.`, ...hardwareMaterials(stage, bag)];
  },
  steps: {
    'cut-strap': ({ figures }, { length }) =>
      kind === 'ready-made'
        ? stepWords(
            'Try the strap',
            `Clip it to the rings before the tabs are sewn down: ${length(figures.worn.value)} from mouth to mouth.`,
          )
        : stepWords('Cut the strap', `${length(figures.toCut.value)}. ${CUT[kind]}`),
    'attach-strap': attachWords,
  },
  tickets: ({ figures, hung, pull, drop }) => [
    tickets([[figures.toCut], [figures.worn], [figures.mass], [hung.load.mass], [pull], [drop]]),
    hungTickets(hung, figures),
  ],
  quotes: {
    steps: {
      'cut-strap': ['strap.toCut', 'strap.worn'],
      'attach-strap': ['strap.stands', 'strap.firstFoot', 'strap.secondFoot'],
    },
    materials: ['strap.toCut'],
    worked: [],
  },
});

/** Of every kind that is bought. */
export const BOUGHT_STRAP_WORDS = Object.fromEntries(
  BOUGHT_STRAP_KINDS.map((kind) => [kind, boughtStrapWords(kind)]),
) as Record<BoughtStrapKind, ReturnType<typeof boughtStrapWords>>;
