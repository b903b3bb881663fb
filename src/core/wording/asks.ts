import type { Figure, FigureName } from '@/core/figures';
import type { StepId } from '@/core/making';
import type { Plan } from '@/core/plan';
import type { PatternSectionId } from './patternText';

const PANEL: readonly FigureName[] = [
  'panel.stitches',
  'panel.startingChain',
  'panel.frontRows',
  'panel.backRows',
  'panel.bridgeRows',
  'panel.flapRows',
];
const SNAP_FRONT: readonly FigureName[] = ['snap.mateRow', 'snap.secondMateRow', 'snap.mateDistance', 'snap.across'];
const STRAP: readonly FigureName[] = ['strap.stitches', 'strap.startingChain', 'strap.rows'];

const STEPS: Record<StepId, readonly FigureName[]> = {
  start: ['panel.startingChain', 'panel.stitches', 'round.chain', 'base.chain'],
  'work-front': ['panel.frontRows', 'panel.stitches', 'fold.base'],
  'mark-base': ['fold.base'],
  'work-back': ['panel.backRows'],
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
  'join-gusset-front': ['gusset.length'],
  'join-gusset-back': ['gusset.length'],
  'join-band': ['rim.joined', 'rim.open', 'band.length'],
  'sew-bottom': ['panel.stitches'],
  'sew-flap': ['halfDisc.rows'],
  'weave-ends': [],
  block: [],
  'set-snap-front': SNAP_FRONT,
  'cut-lining': ['lining.cutWidth', 'lining.cutLength'],
  'press-lining': ['lining.turnUnder', 'lining.finishedWidth', 'lining.finishedLength'],
  'set-snap-flap': ['snap.halfRow', 'snap.halfInset', 'snap.across'],
  'sew-lining': [],
  fold: ['panel.frontRows', 'fold.top.rows', 'fold.flap.rows'],
  'seam-sides': ['seam.rows', 'seam.length'],
  'work-strap': [...STRAP, 'strap.slackPlanned'],
  'check-strap': ['strap.pulledPlanned'],
  'attach-strap': ['strap.footRows', 'strap.stitches'],
  inspect: ['size.width', 'size.height', 'flap.drop.loaded'],
};

const SECTIONS: Record<PatternSectionId, readonly FigureName[]> = {
  sizes: ['size.width', 'size.height', 'size.depth', 'flap.drop.loaded', 'flap.drop.empty', 'strap.pulledPlanned'],
  materials: ['yarn.mass', 'yarn.length', 'yarn.balls', 'lining.cutWidth', 'lining.cutLength'],
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
  strap: STRAP,
  order: [],
  notes: [],
};

/** The figures of a plan that a step quotes, so that each number in its text can be asked why. */
export const stepFigures = (plan: Plan, step: StepId): Figure[] => figuresNamed(plan, STEPS[step]);

/** The figures of a plan that a part of the pattern quotes. The order of making quotes what its steps do. */
export const sectionFigures = (plan: Plan, section: PatternSectionId): Figure[] =>
  section === 'order'
    ? [...new Set(plan.steps.flatMap(({ id }) => stepFigures(plan, id)))]
    : figuresNamed(plan, SECTIONS[section]);

/** Those of the named figures that a plan has: a bag without a strap has none of a strap's. */
export const figuresNamed = (plan: Plan, names: readonly FigureName[]): Figure[] =>
  names.flatMap((name) => (plan.figures as Record<FigureName, Figure | undefined>)[name] ?? []);
