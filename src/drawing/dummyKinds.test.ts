import { describe, expect, it } from 'vitest';
import type { Design } from '@/core/design';
import { makeFigure, type Reason } from '@/core/figures';
import { FITTING_KINDS } from '@/core/fittingKinds';
import {
  FITTING_GROUPS,
  isSingle,
  moveMarkEdits,
  nameAt,
  pathOf,
  type FabricMark,
  type FittingCatalogues,
  type FittingInput,
  type FittingStage,
} from '@/core/fittings';
import { foldBag } from '@/core/fold';
import { asPlanned, madeSizes, makings } from '@/core/makings';
import { planBag } from '@/core/plan';
import { ownCodes } from '@/core/problems';
import { seededRandom } from '@/core/random';
import { fullDesign } from '@/core/testing/designs';
import {
  FITTING_WORDS,
  problemSentence,
  repairLabel,
  sectionFigures,
  stepFigures,
  stepTexts,
  writePattern,
  type FittingWords,
} from '@/core/wording';
import { foldedDrawing } from './foldedDrawing';
import { foldedMesh } from './foldedMesh';
import { pieceDrawing } from './pieceDrawing';
import { sectionDrawing } from './sectionDrawing';

/**
 * One kind in every group that no file knows but this one. What the rest of Ruelle does with them it does with every kind:
 * where it asked which kind something is, these would not be planned, drawn, worded, made or summed.
 */
interface ToyProblems {
  'toy-odd': { downMm: number };
}
interface ToyRepairs {
  'toy-even': { downMm: number };
}
interface Toy {
  kind: 'toy';
  downMm: number;
}
const ours = ownCodes<ToyProblems, ToyRepairs>();
const toy = (downMm: number): Toy => ({ kind: 'toy', downMm });
/** What every lining is asked, whatever its kind: how thick it is. */
const THIN = { thicknessMm: 0, layers: 1, interfacingMm: null };

const SOURCE: Reason = { rule: 'As it is wished.', inputs: [], source: { kind: 'chosen' } };

function toyStage(choice: Toy, { at, pouch, set }: FittingInput): FittingStage<Toy> {
  const name = (what: string) => nameAt(at, `${at.group}-toy.${what}`);
  const wide = makeFigure(name('wide'), 'Toy, width', 30, 'mm', SOURCE);
  const long = makeFigure(name('long'), 'Toy, length', 400, 'mm', SOURCE);
  const count = makeFigure(name('count'), 'Toy, stitches', 6, 'stitch', SOURCE);
  const rows = makeFigure(name('rows'), 'Toy, rows', 8, 'row', SOURCE);
  const fabric = makeFigure(name('fabric'), 'Toy, fabric', 30 * 400, 'mm2', SOURCE);
  const mark: FabricMark = {
    mark: name('mark'),
    of: at,
    piece: set.tracks.front.piece,
    face: 'outer',
    acrossMm: 10,
    alongMm: choice.downMm,
    stationMm: choice.downMm,
    count: null,
    form: { kind: 'ring', radiusMm: 8, wireMm: 2 },
    stuff: 'metal',
    standsMm: 3,
    throughMm: [pouch.layers.fabricMm],
    presence: 'set',
    move: {
      way: 'along',
      countedMm: null,
      path: [...pathOf(at), 'downMm'],
      valueMm: choice.downMm,
      perMm: 1,
      leastMm: 5,
      mostMm: 60,
      stepMm: pouch.rowMm,
      alongPiece: 1,
      setMm: choice.downMm,
      isGripped: true,
    },
  };
  return {
    choice,
    at,
    marks: [mark],
    bands: [],
    worked: [{ name: name('strip'), width: wide, length: long, fabric }],
    beside: [],
    workedOn: [],
    threads: [],
    cloth: [],
    bought: 0,
    sewn: [{ label: 'Round the toy', mm: 100 }],
    tails: 3,
    steps: [{ name: `set-${at.group}-toy`, after: ['blocked'], before: ['joined'], mark: 'toy.mark' }],
    differs: [{ id: name('size'), name: 'Toy', empty: wide, full: long }],
    sizes: [long],
    worn: { mm: 500, path: [...pathOf(at), 'downMm'] },
    closes: null,
    holds: [],
    fromEdgeMm: 20,
    compared: [wide],
    asked: [wide, long, count, rows, fabric],
    // What every kind of edging says besides: how its edge runs; and of pocket: what is cut for it.
    ...(at.group === 'edgings' && { outline: { plainMm: 2, depthMm: 2, form: 'level', perMm: 0 } }),
    ...(at.group === 'pockets' && { pieces: [] }),
    problems: [
      ours.problem({
        code: 'toy-odd',
        severity: 'mind',
        place: 'body',
        values: { downMm: choice.downMm },
        repairs: [
          ours.repair({
            code: 'toy-even',
            values: { downMm: 20 },
            edits: [{ path: [...pathOf(at), 'downMm'], value: 20 }],
          }),
        ],
      }),
    ],
  };
}

const kind = {
  usual: () => toy(25),
  plan: (choice: Toy, bag: FittingInput) => ({ ok: true as const, stage: toyStage(choice, bag) }),
  made: (stage: FittingStage<Toy>, { frontRowMm }: { frontRowMm: number }) => [
    {
      id: `${stage.at.group}-toy`,
      name: 'Toy',
      label: 'Toy as made',
      isDifference: false,
      mm: stage.choice.downMm * frontRowMm,
    },
  ],
};

const words: FittingWords<FittingStage<Toy>, ToyProblems, ToyRepairs> = {
  title: 'Toy',
  add: 'Put a toy on',
  takeOff: 'Take the toy off',
  added: 'Toy put on',
  takenOff: 'Toy taken off',
  grip: { name: 'Toy', moved: 'Move: Toy' },
  worked: 'Toy strip',
  workedLines: ({ worked }, { length }) => worked.map((strip) => `A strip ${length(strip.length.value)} long.`),
  materials: ({ at }) => [`A toy for the ${at.group}.`],
  steps: Object.fromEntries(
    FITTING_GROUPS.map((group) => [
      `set-${group}-toy`,
      ({ choice }: FittingStage<Toy>, { length }: { length: (mm: number) => string }) => ({
        title: `Set the toy of the ${group}`,
        what: `${length(choice.downMm)} down.`,
        check: null,
        notLater: null,
        ways: [],
      }),
    ]),
  ),
  inspect: 'toy in place',
  tickets: () => [],
  quotes: {
    steps: Object.fromEntries(FITTING_GROUPS.map((group) => [`set-${group}-toy`, [`${group}-toy.wide`]])),
    materials: [],
    worked: ['closures-toy.long'],
  },
  problems: { 'toy-odd': (v, length) => `The toy lies ${length(v.downMm)} down.` },
  repairs: { 'toy-even': (v, length) => `Set it ${length(v.downMm)} down` },
};

const KINDS: FittingCatalogues = {
  closures: { ...FITTING_KINDS.closures, toy: kind },
  hardware: { ...FITTING_KINDS.hardware, toy: kind },
  straps: { ...FITTING_KINDS.straps, toy: kind },
  pockets: { ...FITTING_KINDS.pockets, toy: kind },
  lining: { ...FITTING_KINDS.lining, toy: kind },
  stiffener: { ...FITTING_KINDS.stiffener, toy: kind },
  edgings: { ...FITTING_KINDS.edgings, toy: kind },
  trims: { ...FITTING_KINDS.trims, toy: kind },
};
const WORDS: typeof FITTING_WORDS = {
  closures: { ...FITTING_WORDS.closures, toy: words },
  hardware: { ...FITTING_WORDS.hardware, toy: words },
  straps: { ...FITTING_WORDS.straps, toy: words },
  pockets: { ...FITTING_WORDS.pockets, toy: words },
  lining: { ...FITTING_WORDS.lining, toy: words },
  stiffener: { ...FITTING_WORDS.stiffener, toy: words },
  edgings: { ...FITTING_WORDS.edgings, toy: words },
  trims: { ...FITTING_WORDS.trims, toy: words },
};

const bare: Design = { ...fullDesign(), closures: [], straps: [], lining: null };
const planned = (change: object) => {
  const design = { ...bare, ...change } as unknown as Design;
  const result = planBag(design, undefined, KINDS);
  if (!result.ok) throw new Error(result.problems.map(({ code }) => code).join());
  return { design, plan: result.plan };
};

const { plan: without } = planned({});

describe.each(FITTING_GROUPS)('a kind among the %s that nothing else knows', (group) => {
  const choice = { ...toy(25), ...(group === 'lining' ? THIN : {}) };
  const change = { [group]: isSingle(group) ? choice : [choice] };
  const { design, plan } = planned(change);
  const markOf = `${group}-toy.mark`;

  it('is planned, and its figures can be asked', () => {
    expect(plan.fittings.map(({ choice }) => choice)).toEqual([choice]);
    expect(plan.figures[`${group}-toy.wide` as keyof typeof plan.figures]?.value).toBe(30);
    expect(plan.problems.map(({ code }) => code)).toContain('toy-odd');
  });

  it('is summed: yarn of what is worked apart, what sews it, and its tails; sizes empty and full', () => {
    const grams = (of: typeof plan, what: 'fabric' | 'sewing') => of.yarn.figures?.[what].value ?? NaN;
    const perMm2 = (plan.yarn.figures?.massPerArea.value ?? NaN) / 1e6;
    expect(grams(plan, 'fabric') - grams(without, 'fabric')).toBeCloseTo(30 * 400 * perMm2, 9);
    expect(grams(plan, 'sewing')).toBeGreaterThan(grams(without, 'sewing'));
    expect(plan.yarn.figures?.sewing.reason.inputs.map(({ label }) => label)).toContain('Round the toy');
    expect(plan.emptyAndFull.find(({ id }) => id === `${group}-toy.size`)?.differs.value).toBe(370);
  });

  it('is drawn on its piece, in the section, in space and on the shelf, where it lies', () => {
    const piece = plan.pieces.find(({ id }) => id === plan.tracks.front.piece);
    if (!piece) throw new Error('no front');
    const flat = pieceDrawing(design, plan, piece).shapes.filter(({ mark }) => mark === markOf);
    expect(flat.map((shape) => shape.kind === 'circle' && shape.radiusMm)).toEqual([7, 9]);
    expect(flat.map((shape) => shape.kind === 'circle' && shape.y)).toEqual([-25, -25]);
    expect(sectionDrawing(plan, 'loaded').shapes.filter(({ mark }) => mark === markOf)).toHaveLength(1);
    const { solids } = foldedMesh(foldBag(plan, { state: 'loaded', flap: 1 }), 0);
    expect(solids.filter(({ mark, stuff }) => mark === markOf && stuff === 'metal')).toHaveLength(1);
    expect(() => foldedDrawing(plan)).not.toThrow();
  });

  it('is what the bag is carried by, if it is worn, and what the flap closes at', () => {
    const onShoulder = planned({ ...change, contents: { ...bare.contents, carried: 'on-the-shoulder' } }).plan;
    expect(onShoulder.problems.map(({ code }) => code)).not.toContain('carried-without-strap');
    const { drop } = plan.splits.find(({ id }) => id === 'to-the-closure') ?? {};
    expect(drop?.reason.inputs.map(({ value }) => value)).toContain(20);
  });

  it('is moved by hand', () => {
    const move = plan.marks.find(({ mark }) => mark === markOf)?.move;
    if (!move) throw new Error('it can be moved');
    const path = isSingle(group) ? [group, 'downMm'] : [group, 0, 'downMm'];
    expect(moveMarkEdits(move, 10)).toEqual([{ path, value: 35 }]);
    expect(moveMarkEdits(move, 100)).toEqual([{ path, value: 60 }]);
  });

  it('is made in its order, and worded', () => {
    const id = `set-${group}-toy`;
    const order = plan.steps.map((step) => step.id);
    expect(order.indexOf('block')).toBeLessThan(order.indexOf(id));
    expect(order.indexOf(id)).toBeLessThan(order.indexOf('seam-sides'));
    const texts = stepTexts(design, plan, WORDS);
    expect(texts.find((text) => text.id === id)?.what).toBe('2.5 cm down.');
    expect(texts.at(-1)?.check).toContain('toy in place');
    expect(stepFigures(plan, id, WORDS).map(({ value }) => value)).toEqual([30]);
    const { sections } = writePattern(design, plan, WORDS);
    expect(sections.find((section) => section.id === 'materials')?.lines).toContain(`A toy for the ${group}.`);
    const strip = sections.find(({ heading }) => heading === 'Toy strip');
    expect(strip?.lines.join(' ')).toContain('A strip 40.0 cm long');
    expect(sectionFigures(plan, 'sizes', WORDS).map(({ label }) => label)).toContain('Toy, length');
    const [problem] = plan.problems.filter(({ code }) => code === 'toy-odd');
    expect(problem && problemSentence(problem, 'cm', WORDS)).toBe('The toy lies 2.5 cm down.');
    expect(problem?.repairs.map((repair) => repairLabel(repair, 'cm', WORDS))).toEqual(['Set it 20.0 mm down']);
  });

  it('differs from making to making', () => {
    const { takeUpStitches } = design.body.seam;
    const made = madeSizes(plan, { ...asPlanned(takeUpStitches), rowShare: 2 }, KINDS);
    expect(made.fitted).toEqual([
      { id: `${group}-toy`, name: 'Toy', label: 'Toy as made', isDifference: false, mm: 25 * 2 * plan.pouch.rowMm },
    ]);
    const steps = makings(plan, 20, seededRandom(1), KINDS);
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(step.value.spreads.map(({ measure }) => measure)).toContain(`${group}-toy`);
  });
});

it('two of a kind have figures, marks and steps of their own', () => {
  const { plan } = planned({ closures: [toy(25), toy(40)] });
  expect(plan.marks.map(({ mark, alongMm }) => [mark, alongMm])).toEqual([
    ['closures-toy.mark', 25],
    ['closures-toy.mark.2', 40],
  ]);
  expect(plan.steps.map(({ id }) => id)).toEqual(expect.arrayContaining(['set-closures-toy', 'set-closures-toy.2']));
  const inputs = plan.yarn.figures?.sewing.reason.inputs.filter(({ label }) => label === 'Round the toy');
  expect(inputs).toHaveLength(2);
});
