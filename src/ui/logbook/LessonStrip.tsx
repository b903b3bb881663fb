import type { Offer } from '@/core/logbook';

const WIDTH = 300;
const HEIGHT = 54;
const MARGIN = 10;
const LINE_Y = 30;
/** Room beside the outermost mark, as a share of what is shown. */
const AIR = 0.08;

/** How far the next bag may lie to either side of what is offered, in the unit of the offer. */
function reach({ kind, value, plusMinus }: Offer): [number, number] {
  const isRatio = kind !== 'takeUp' && kind !== 'creep';
  return isRatio ? [value * Math.exp(-plusMinus), value * Math.exp(plusMinus)] : [value - plusMinus, value + plusMinus];
}

/** What is usual, what each bag told, and where the next is expected, along one line. What it says stands in words beside it. */
export function LessonStrip({ offer, told }: { offer: Offer; told: readonly number[] }) {
  const [from, to] = reach(offer);
  const all = [...told, offer.usual, from, to];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const air = AIR * (most - least);
  const x = (value: number) => MARGIN + ((value - least + air) / (most - least + 2 * air)) * (WIDTH - 2 * MARGIN);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" style={{ maxWidth: 420 }} aria-hidden>
      <line x1={MARGIN} x2={WIDTH - MARGIN} y1={LINE_Y} y2={LINE_Y} stroke="var(--chakra-colors-counter-edge)" />
      <rect
        x={x(from)}
        width={x(to) - x(from)}
        y={LINE_Y - 9}
        height={18}
        fill="var(--chakra-colors-brass-pale)"
        stroke="var(--chakra-colors-brass)"
      />
      <line
        x1={x(offer.usual)}
        x2={x(offer.usual)}
        y1={LINE_Y - 14}
        y2={LINE_Y + 14}
        stroke="var(--chakra-colors-ink-soft)"
        strokeDasharray="3 2"
      />
      <text x={x(offer.usual)} y={LINE_Y - 18} fontSize="11" textAnchor="middle" fill="var(--chakra-colors-ink-soft)">
        usual
      </text>
      <line
        x1={x(offer.value)}
        x2={x(offer.value)}
        y1={LINE_Y - 12}
        y2={LINE_Y + 12}
        stroke="var(--chakra-colors-ink)"
        strokeWidth={3}
      />
      {told.map((value, index) => (
        <circle
          key={index}
          cx={x(value)}
          cy={LINE_Y}
          r={4.5}
          fill="var(--chakra-colors-paper)"
          stroke="var(--chakra-colors-ink)"
          strokeWidth={1.6}
        />
      ))}
    </svg>
  );
}
