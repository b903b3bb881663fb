import { capital } from '@/core/units';
import { patternOf, type Design } from '@/core/design';
import type { Figure } from '@/core/figures';
import { FITTING_GROUPS, type FittingGroup, type FittingStage } from '@/core/fittings';
import { isInRows, type PieceId } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { isCaution } from '@/core/problems';
import { aboutLines } from './aboutText';
import { BASIS_WORDS } from './basisText';
import { colourLines } from './colourText';
import { FITTING_WORDS, wordsOf, type FittingWordsByKind } from './fittings';
import { whichFitting } from './fittings/whichFitting';
import { formatPlusMinus, formatQuantity } from './quantity';
import { JOIN_NAMES, joinLines } from './joinText';
import { asWorkedLines } from './asWorkedText';
import { PIECE_NAMES } from './pieceNames';
import { pieceLines } from './pieceText';
import { problemSentence } from './problemText';
import { stepTexts } from './stepText';
import { lengthWriterFor } from './stepWords';
import { legendOf } from './legend';
import { stitchName } from './stitchText';
import { term } from './terms';

export type PatternSectionId =
  | 'about'
  | 'cautions'
  | 'sizes'
  | 'materials'
  | 'gauge'
  | 'conventions'
  | PieceId
  | 'joins'
  | 'order'
  | 'notes'
  | (string & {});

export interface PatternSection {
  id: PatternSectionId;
  heading: string;
  lines: string[];
}

/** A pattern in words, before it is set as plain text or Markdown. */
export interface Pattern {
  title: string;
  sections: PatternSection[];
}

/**
 * Writes a plan as a pattern, in the design's terms and unit, in English, short, in one size: what `writtenPattern` makes all others of.
 *
 * @param words the words of what is put on
 */
export function writePattern(design: Design, plan: Plan, words = FITTING_WORDS): Pattern {
  const bag = { design, plan, length: lengthWriterFor(design) };
  const worked: PatternSection[] = [
    ...plan.pieces.map((piece) => ({
      id: piece.id,
      heading: piece.copies === 2 ? `${PIECE_NAMES[piece.id]}s, two alike` : PIECE_NAMES[piece.id],
      lines: pieceLines(design, plan, piece, words),
    })),
    ...joinSection(design, plan),
    ...plan.fittings.flatMap((stage) => {
      const { worked: heading, workedLines } = wordsOf(stage, words);
      return stage.worked.map(({ name }) => ({
        id: name,
        heading: numbered(heading, stage),
        lines: workedLines?.(stage, bag, barePieces) ?? [],
      }));
    }),
    { id: 'order', heading: 'Order of making', lines: orderLines(design, plan, words) },
  ];
  const sections: PatternSection[] = [
    { id: 'about', heading: 'About it', lines: aboutLines(design, plan) },
    ...cautionSection(design, plan, words),
    { id: 'sizes', heading: 'Finished sizes', lines: sizeLines(design, plan) },
    { id: 'materials', heading: 'You need', lines: materialLines(design, plan, words) },
    { id: 'gauge', heading: capital(term('gauge', design.settings.terms)), lines: gaugeLines(design, plan) },
    { id: 'conventions', heading: 'Words and counts', lines: conventionLines(design, plan, worked) },
    ...section('colours', 'Colours', colourLines(design, plan)),
    ...worked,
    ...(design.notes.trim() === ''
      ? []
      : [{ id: 'notes' as const, heading: 'Notes', lines: design.notes.trim().split('\n') }]),
  ];
  return { title: design.name, sections };
}

/** A section with what there is to say; none where that is nothing. */
const section = (id: PatternSectionId, heading: string, lines: string[]): PatternSection[] =>
  lines.length > 0 ? [{ id, heading, lines }] : [];

/** What is dangerous of what is on it, each once; nothing where nothing is. */
function cautionSection(design: Design, plan: Plan, words: FittingWordsByKind): PatternSection[] {
  const { lengthUnit } = design.settings;
  const lines = plan.problems.filter(isCaution).map((problem) => problemSentence(problem, lengthUnit, words));
  return section('cautions', 'Take care', [...new Set(lines)]);
}

/** The pieces of a bag that nothing is put on, each under its name. */
function barePieces(design: Design): string[] {
  const result = planBag(design);
  if (!result.ok) return [];
  const { pieces } = result.plan;
  return pieces.flatMap((piece) => [
    ...(pieces.length > 1 ? [`${PIECE_NAMES[piece.id]}:`] : []),
    ...pieceLines(design, result.plan, piece),
  ]);
}

/** The steps, each with what to check and what can't be done later. */
const orderLines = (design: Design, plan: Plan, words: FittingWordsByKind): string[] =>
  stepTexts(design, plan, words).map(({ title, what, check, notLater }, index) =>
    [
      `${index + 1}. ${title}. ${what}`,
      ...(check ? [`Check: ${lowerFirst(check)}`] : []),
      ...(notLater ? [`Not later: ${lowerFirst(notLater)}`] : []),
    ].join(' '),
  );

/** Sets a pattern as plain text, headings in capitals. */
export const patternAsText = ({ title, sections }: Pattern): string =>
  `${[title.toUpperCase(), ...sections.map(({ heading, lines }) => [heading.toUpperCase(), ...lines].join('\n'))].join('\n\n')}\n`;

/** Sets a pattern as Markdown. */
export const patternAsMarkdown = ({ title, sections }: Pattern): string =>
  `${[`# ${escaped(title)}`, ...sections.map(({ heading, lines }) => `## ${heading}\n\n${lines.map(asItem).join('\n')}`)].join('\n\n')}\n`;

function asItem(line: string): string {
  const [number = '- '] = /^\d+\. /.exec(line) ?? [];
  return number + escaped(number === '- ' ? line : line.slice(number.length));
}

/** A text in which no star, bracket or sign means anything but itself. */
const escaped = (text: string): string => text.replace(/[\\`*_[\]<>|~#&]/g, '\\$&');

/** How edges of different pieces meet, those that meet alike said once; nothing for a strip, whose sides meet row by row. */
function joinSection(design: Design, plan: Plan): PatternSection[] {
  const byLines = new Map<string, string[]>();
  for (const join of plan.joins) {
    const [one, other] = join.edges;
    if (join.made === 'goes-on' || one.piece === other.piece) continue;
    // Front and back are spoken of together where the same is done to both.
    const told = join.made === 'as-worked' ? asWorkedLines(design, join) : joinLines(design, join);
    const lines = told.map((line) => line.replace(/the (front|back)\b/g, 'the panel'));
    const key = lines.join('\n');
    byLines.set(key, [...(byLines.get(key) ?? []), JOIN_NAMES[join.id]]);
  }
  if (byLines.size === 0) return [];
  return [
    {
      id: 'joins',
      heading: 'How the edges meet',
      lines: [...byLines].flatMap(([lines, names]) => [`${names.join('; ')}:`, ...lines.split('\n')]),
    },
  ];
}

function sizeLines(design: Design, plan: Plan): string[] {
  const { pouch, flap } = plan;
  const drops = flap.hasFlap ? [flap.figures.dropLoaded, flap.figures.dropEmpty] : [];
  const depth = pouch.figures.depth ? [pouch.figures.depth] : [];
  return [pouch.figures.width, pouch.figures.height, ...depth, ...drops]
    .map((figure) => figureLine(design, figure))
    .concat(
      plan.fittings.flatMap(({ at, sizes }) =>
        sizes.map((figure) => `${whichFitting({ path: [at.group, at.index] }, design)}${figureLine(design, figure)}`),
      ),
    );
}

function materialLines(design: Design, plan: Plan, words: FittingWordsByKind): string[] {
  const { lengthUnit } = design.settings;
  const { yarn, heldWith } = design.swatch;
  const amounts = plan.yarn.lots.map(
    ({ name, ballMassG, mass, length, balls, atHandG, lacking }) =>
      `${name}: ${formatQuantity(mass.value, 'g', lengthUnit)}, ${formatQuantity(length.value, 'm', lengthUnit)}; ${formatQuantity(balls.value, 'ball', lengthUnit)} of ${formatQuantity(ballMassG, 'g', lengthUnit)}${lacking && atHandG !== null ? `; ${formatQuantity(atHandG, 'g', lengthUnit)} at hand, ${formatQuantity(lacking.value, 'ball', lengthUnit)} to buy` : ''}.`,
  );
  const unknown = [yarn, ...heldWith].map(({ name }) => `${name}, amount not known: the swatch was not weighed.`);
  const bag = { design, plan, length: lengthWriterFor(design) };
  const ofGroup = (group: FittingGroup) =>
    plan.fittings
      .filter(({ at }) => at.group === group)
      .flatMap((stage) => wordsOf(stage, words).materials(stage, bag));
  return [
    ...(amounts.length > 0 ? amounts : unknown),
    `Hook ${design.swatch.hookMm} mm, stitch markers, yarn needle, scissors, pins, a tape measure.`,
    // What two of a kind need alike is said once.
    ...new Set(FITTING_GROUPS.flatMap(ofGroup)),
  ];
}

const STATES = { 'as-worked': 'as worked', blocked: 'blocked', hanging: 'hanging' } as const;

function gaugeLines(design: Design, plan: Plan): string[] {
  const overMm = design.settings.lengthUnit === 'cm' ? 100 : 101.6;
  const over = design.settings.lengthUnit === 'cm' ? '10 cm' : '4 in';
  const counted = (figure: Figure) => (overMm / figure.value).toFixed(1);
  const { swatch, settings } = design;
  const what = `${stitchName(design.stitch, settings.terms, design.ownStitches)}${plan.gauge.basis === 'rough' ? '' : `, ${STATES[swatch.state]}`}`;
  return [
    `${counted(plan.gauge.stitchWidth)} stitches and ${counted(plan.gauge.rowHeight)} rows over ${over} of ${what}, on a ${swatch.hookMm} mm hook.`,
    ...basisLines(design, plan),
  ];
}

/** Where the gauge was not measured in this stitch, or not at all, the pattern says so. */
function basisLines({ swatch, stitch, settings, ownStitches }: Design, { gauge }: Plan): string[] {
  const { basis, stitchWidth } = gauge;
  if (basis === null) return [];
  const doubt = `± ${Math.round((100 * (stitchWidth.plusMinus ?? 0)) / stitchWidth.value)} %`;
  if (basis === 'rough')
    return [
      `Not measured yet: rough, from the yarn’s class and the hook, ${doubt}. Work a swatch and measure it first.`,
    ];
  const from =
    swatch.stitch === stitch ? 'a swatch for another piece' : stitchName(swatch.stitch, settings.terms, ownStitches);
  return [`Foretold from ${from}, ${doubt}: not measured in this fabric. Work a swatch of it first.`];
}

function conventionLines(design: Design, plan: Plan, worked: readonly PatternSection[]): string[] {
  const { terms, turningChain, hand } = design.settings;
  const text = worked.flatMap(({ lines }) => lines).join('\n');
  const pattern = patternOf(design);
  const hasChains =
    !plan.pieces.every(({ plain }) => plain) &&
    [...pattern.setupRows, ...pattern.rows].some(({ repeat }) => repeat.some((step) => 'chain' in step));
  const rows = plan.pieces.some(
    (piece) => piece.kind === 'half-disc' || (piece.kind === 'rows' && piece.roundCount < piece.rows.length),
  );
  return [
    `Written in ${term('setName', terms)}: ${legendOf(text, terms).join('; ')}.`,
    ...(hasChains ? ['Each chain of the pattern counts as a stitch.'] : []),
    ...(rows ? [turningChainLine(turningChain)] : []),
    ...(rows
      ? [
          `${plan.pieces.some(isInRows) && pattern.firstRowPublic ? 'Odd rows show the right side. ' : ''}Stitches are counted from the ${hand} edge, seen from the right side with row 1 at the bottom.`,
        ]
      : []),
    ...(/[*[]/.test(text)
      ? ['A stretch between a star and “rep from *”, or in brackets, is worked as often as is said.']
      : []),
  ];
}

const turningChainLine = (school: Design['settings']['turningChain']): string =>
  school === 'counts'
    ? 'The turning chain counts as the first stitch of its row, where nothing else is said; the last stitch of the next row goes into its top.'
    : 'The turning chain does not count as a stitch.';

/** A heading with which of several it is: the first bears none. */
const numbered = (heading: string, { at }: FittingStage): string =>
  at.index === 0 ? heading : `${heading} ${at.index + 1}`;

function figureLine(design: Design, figure: Figure): string {
  const { lengthUnit } = design.settings;
  const doubts = [formatPlusMinus(figure, lengthUnit), figure.basis ? BASIS_WORDS[figure.basis] : ''].filter(Boolean);
  return `${figure.label}: ${formatQuantity(figure.value, figure.unit, lengthUnit)}${doubts.length > 0 ? ` (${doubts.join('; ')})` : ''}.`;
}

/** Lowers the first letter, for a sentence that goes on after a colon. */
const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
