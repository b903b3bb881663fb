import type { WorkedStrap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { HungStrap } from './hungStrap';
import type { StrapNature } from './natures';
import type { StrapSizes } from './strapSizes';
import { shareAt } from './stretch';
import { ALONG, type StripGauge } from './stripGauge';

const OF_A_COPY = 'Of the strap that you like: divided by one plus what this one grows under the same.';

const BETWEEN: Readonly<Record<WorkedStrap['school'], string>> = {
  pulled: 'Worn length divided by one plus what the strap grows when pulled: it is measured fully pulled.',
  loaded: 'Worn length divided by one plus what the strap grows under what it carries: it is measured as it hangs.',
  slack: 'The worn length itself: the strap is reinforced so that it can’t stretch, and measured slack.',
};

const WORN_LABEL: Readonly<Record<WorkedStrap['school'], string>> = {
  pulled: 'Worn length, pulled',
  loaded: 'Worn length, under this bag',
  slack: 'Worn length, reinforced',
};

const FROM_TRIAL = 'The ± comes from the trial strip: a longer one makes it smaller.';
const WORN_RULE: Readonly<Record<WorkedStrap['school'], string>> = {
  pulled: `Strap as worked less what its ends take; pulled, it grows as the trial strip did. ${FROM_TRIAL}`,
  loaded: `Strap as worked less what its ends take; under what it carries it grows as the trial strip did under weights. ${FROM_TRIAL}`,
  slack: 'Strap as worked less what its ends take: the tape inside keeps it so.',
};

const OF_A_COPY_WORN = `Strap as worked less what its ends take, under what the strap that you like was measured under. ${FROM_TRIAL}`;

/** How long a strap is to be worked, slack, and what comes of that when it is worn. */
interface LengthFigures {
  between: Figure;
  slackToWork: Figure;
  slackPlanned: Figure;
  pulledPlanned: Figure;
  /** Rows, stitches, rounds or chains along it. */
  alongCount: Figure;
}

/** What its lengths are told from. */
interface Told {
  strap: WorkedStrap;
  sizes: StrapSizes;
  gauge: StripGauge;
  nature: StrapNature;
  hung: HungStrap;
}

/** How long it is to be worked, slack, and what comes of that when it is worn. */
export function lengthFigures(
  { strap, sizes, gauge, nature, hung }: Told,
  named: (id: string) => string,
): LengthFigures {
  const { along, growth, doubt } = gauge;
  const { unit, plural } = ALONG[nature.lie];
  const { share } = sizes;
  const stretched =
    strap.school === 'pulled'
      ? [inputFrom(growth)]
      : strap.school === 'loaded'
        ? [input('Longer under what it carries, by', share, 'ratio'), inputFrom(growth)]
        : [];
  const isCopy = strap.given.by === 'copy' && strap.school !== 'slack';
  const longer = isCopy ? [input('Longer under what that one was measured under', share, 'ratio')] : stretched;
  const loss = hung.loss ? [inputFrom(hung.loss)] : [];
  const fixed = [
    ...(hung.hardware ? [inputFrom(hung.hardware)] : []),
    ...(hung.doubled ? [inputFrom(hung.doubled)] : []),
  ];
  const lessHardware = fixed.length > 0 ? ' Less what is not strap, and with what lies double or is tied.' : '';
  const between = makeFigure(
    named('strap.between'),
    'Slack, without its ends',
    sizes.slackMm - hung.path.lossMm,
    'mm',
    {
      rule: `${isCopy ? OF_A_COPY : BETWEEN[strap.school]}${lessHardware}`,
      inputs: [hung.wornFrom, ...fixed, ...longer],
      source: GEOMETRY,
    },
  );
  const slackToWork = makeFigure(named('strap.slackToWork'), 'Strap to work, slack', sizes.slackMm, 'mm', {
    rule: 'Slack length between the feet, plus what its ends take, which does not stretch.',
    inputs: [inputFrom(between), ...loss],
    source: COMMON_PRACTICE,
  });
  const alongCount = makeFigure(
    named(nature.lie === 'along' ? 'strap.stitches' : nature.lie === 'cord' ? 'strap.chains' : 'strap.rows'),
    `${plural.charAt(0).toUpperCase()}${plural.slice(1)} ${nature.lie === 'along' ? 'along the strap' : nature.lie === 'cord' ? 'of each strand' : 'of the strap'}`,
    sizes.alongCount,
    unit,
    {
      rule: `Slack length to work divided by what one of its ${plural} takes along it, to the nearest.`,
      inputs: [inputFrom(slackToWork), inputFrom(along)],
      source: GEOMETRY,
    },
  );
  const slackPlusMinus = sizes.alongCount * (along.plusMinus ?? 0);
  const shareDoubt =
    strap.school === 'slack'
      ? 0
      : doubt((one) => (strap.school === 'pulled' && !isCopy ? one.mostShare : shareAt(one, sizes.rest.pullN)));
  return {
    between,
    slackToWork,
    alongCount,
    slackPlanned: makeFigure(
      named('strap.slackPlanned'),
      'Strap as worked, slack',
      sizes.plannedSlackMm,
      'mm',
      {
        rule: `Its ${plural}, times what one takes along it.`,
        inputs: [inputFrom(alongCount), inputFrom(along)],
        source: GEOMETRY,
      },
      slackPlusMinus,
    ),
    pulledPlanned: makeFigure(
      named('strap.pulledPlanned'),
      isCopy ? 'As long as the strap you like' : WORN_LABEL[strap.school],
      sizes.wornMm,
      'mm',
      {
        rule: `${isCopy ? OF_A_COPY_WORN : WORN_RULE[strap.school]}${fixed.length > 0 ? ' With what is not strap, less what lies double or is tied.' : ''}`,
        inputs: [inputFrom(alongCount), inputFrom(along), ...loss, ...fixed, ...longer],
        source: GEOMETRY,
      },
      Math.hypot(slackPlusMinus * (1 + share), shareDoubt * sizes.stretchingMm),
    ),
  };
}
