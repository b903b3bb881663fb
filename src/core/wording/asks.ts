import type { Figure, FigureName } from '@/core/figures';
import type { BodyStepId, StepId } from '@/core/making';
import { fittingAt, nameAt, type FittingStage } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import { FITTING_WORDS, wordsOf, type Quoted } from './fittings';
import type { PatternSectionId } from './patternText';

const PANEL: readonly FigureName[] = [
  'panel.stitches',
  'panel.startingChain',
  'panel.frontRows',
  'panel.backRows',
  'panel.bridgeRows',
  'panel.flapRows',
];

const STEPS: Record<BodyStepId, readonly FigureName[]> = {
  start: ['panel.startingChain', 'panel.stitches', 'round.chain', 'base.chain'],
  'work-front': ['panel.frontRows', 'panel.stitches', 'fold.base'],
  'mark-base': ['fold.base'],
  'work-back': ['panel.backRows', 'panel.backLength'],
  'mark-top': ['fold.top.rows', 'fold.top'],
  'work-flap': [
    'panel.bridgeRows',
    'panel.flapRows',
    'panel.rows',
    'panel.length',
    'flap.startStitches',
    'flap.edgeStitches',
  ],
  'work-front-piece': ['panel.startingChain', 'panel.stitches', 'panel.frontRows', 'corner.radius', 'corner.off'],
  'work-back-piece': [
    'panel.backRows',
    'panel.bridgeRows',
    'panel.flapRows',
    'flap.startStitches',
    'flap.edgeStitches',
  ],
  'work-gusset': [
    'gusset.stitches',
    'gusset.rowsAcross',
    'gusset.length',
    'gusset.rows',
    'gusset.stitchesAlong',
    'strip.rowHeight',
  ],
  'work-discs': ['panel.frontRows', 'disc.increase', 'disc.flatness', 'panel.stitches', 'panel.width'],
  'work-band': ['gusset.stitches', 'gusset.rows', 'band.length', 'strip.rowHeight'],
  'work-base': ['base.chain', 'base.rounds', 'disc.increase', 'disc.flatness'],
  'work-sides': ['panel.frontRows', 'round.stitches'],
  'narrow-mouth': ['mouth.stitches', 'mouth.before', 'mouth.after'],
  'work-half-disc': ['halfDisc.rows', 'halfDisc.increase', 'halfDisc.flatness'],
  'check-pieces': ['panel.stitches', 'panel.rows', 'panel.width', 'panel.length'],
  'turn-hem': ['gauge.rowHeight'],
  'box-corners': ['corner.seam', 'corner.fromPoint', 'corner.stitches', 'corner.rows'],
  'join-gusset-front': ['gusset.stitches', 'gusset.rows', 'gusset.length'],
  'join-gusset-back': ['gusset.length'],
  'join-side-bands': ['gusset.stitches', 'gusset.rows', 'band.length', 'band.baseRows', 'strip.rowHeight'],
  'join-band': ['rim.joined', 'rim.open', 'gusset.stitches', 'gusset.rows', 'band.length'],
  'sew-bottom': ['panel.stitches'],
  'sew-flap': ['halfDisc.rows'],
  'weave-ends': [],
  block: [],
  fold: ['panel.frontRows', 'fold.top.rows', 'fold.flap.rows'],
  'seam-sides': ['seam.rows', 'seam.length'],
  inspect: ['size.width', 'size.height', 'flap.drop.loaded'],
};

const SECTIONS: Readonly<Record<string, readonly FigureName[]>> = {
  sizes: ['size.width', 'size.height', 'size.depth', 'flap.drop.loaded', 'flap.drop.empty'],
  materials: ['yarn.mass', 'yarn.length', 'yarn.balls'],
  gauge: ['gauge.stitchWidth', 'gauge.rowHeight'],
  conventions: [],
  panel: PANEL,
  front: PANEL,
  back: ['panel.backRows', 'panel.bridgeRows', 'panel.flapRows'],
  gusset: STEPS['work-gusset'],
  disc: STEPS['work-discs'],
  band: STEPS['work-band'],
  base: STEPS['work-base'],
  sides: ['panel.frontRows', 'round.stitches', 'mouth.stitches', 'side.first', 'side.second'],
  'half-disc': STEPS['work-half-disc'],
  joins: ['gusset.length', 'band.length', 'rim.joined'],
  order: [],
  notes: [],
};

/** The figures of a plan that a step quotes, so that each number in its text can be asked why. */
export function stepFigures(plan: Plan, step: StepId, words = FITTING_WORDS): Figure[] {
  const of = plan.steps.find(({ id }) => id === step)?.of;
  if (!of) return figuresNamed(plan, STEPS[step as BodyStepId]);
  const stage = fittingAt(plan.fittings, of.at);
  return stage ? quoted(plan, stage, wordsOf(stage, words).quotes.steps[of.name] ?? []) : [];
}

/** The figures of a plan that a part of the pattern quotes. The order of making quotes what its steps do. */
export function sectionFigures(plan: Plan, section: PatternSectionId, words = FITTING_WORDS): Figure[] {
  if (section === 'order') return [...new Set(plan.steps.flatMap(({ id }) => stepFigures(plan, id, words)))];
  const own = figuresNamed(plan, SECTIONS[section] ?? []);
  const ofFittings = plan.fittings.flatMap((stage) => {
    if (section === 'sizes') return stage.sizes;
    const { quotes } = wordsOf(stage, words);
    if (section === 'materials') return quoted(plan, stage, quotes.materials);
    return stage.worked.some(({ name }) => name === section) ? quoted(plan, stage, quotes.worked) : [];
  });
  return [...own, ...ofFittings];
}

/** A fitting's figures by their bare names. */
const quoted = (plan: Plan, { at }: FittingStage, names: Quoted): Figure[] =>
  figuresNamed(
    plan,
    names.map((name) => nameAt(at, name)),
  );

/** Those of the named figures that a plan has: a bag without a strap has none of a strap's. */
export const figuresNamed = (plan: Plan, names: readonly FigureName[]): Figure[] =>
  names.flatMap((name) => (plan.figures as Record<FigureName, Figure | undefined>)[name] ?? []);
