import { ringBounds, type PatternPiece } from '@/core/cutting';
import type { Design } from '@/core/design';
import type { FittingPlace } from '@/core/fittings';
import { LINING_NAMES, type InterfacingPiece, type LiningPattern } from '@/core/lining';
import type { Plan } from '@/core/plan';
import type { PocketPiece, PocketStage } from '@/core/pocket';
import { STIFFENER_NAMES, type StiffenerPiece } from '@/core/stiffener';
import { wordsOf } from './fittings';
import { formatQuantity } from './quantity';

/** What is written on a printed piece: its name, how many to cut, how large it is finished; `part` is its name in one word or two. */
export interface PieceWords {
  name: string;
  part: string;
  notes: string[];
}

/** The words on a piece of lining as it is printed. */
function printedPiece(
  { name, settings }: Pick<Design, 'name' | 'settings'>,
  { id, copies, layers, finishedWidth, finishedHeight, grain, cut, seam }: LiningPattern,
): PieceWords {
  const length = (mm: number) => formatQuantity(mm, 'mm', settings.lengthUnit);
  const part = LINING_NAMES[id];
  return {
    name: `Lining: ${part}`,
    part,
    notes: [
      name,
      `Cut ${copies * layers}, right side up${grain === 'up' ? ', arrow along the grain' : ''}`,
      `Finished ${length(finishedWidth.value)} by ${length(finishedHeight.value)}`,
      cut === seam ? 'No allowance' : 'Allowances are in the cut line',
    ],
  };
}

/** The words on a piece of interfacing as it is printed. */
function printedInterfacing(
  { name, settings }: Pick<Design, 'name' | 'settings'>,
  { id, copies, cut }: InterfacingPiece,
): PieceWords {
  const { widthMm, heightMm } = ringBounds(cut);
  const length = (mm: number) => formatQuantity(mm, 'mm', settings.lengthUnit);
  const part = `interfacing, ${LINING_NAMES[id]}`;
  return {
    name: `Interfacing: ${LINING_NAMES[id]}`,
    part,
    notes: [name, `Cut ${copies}`, `${length(widthMm)} by ${length(heightMm)}`, 'No allowance'],
  };
}

/** The words on a piece of stiffener as it is printed: what it is cut from has no grain and no allowance. */
function printedStiffener(
  { name, settings }: Pick<Design, 'name' | 'settings'>,
  { id, copies, width, height, bars }: StiffenerPiece,
): PieceWords {
  const length = (mm: number) => formatQuantity(mm, 'mm', settings.lengthUnit);
  const part = STIFFENER_NAMES[id].toLowerCase();
  return {
    name: `Stiffener: ${part}`,
    part,
    notes: [
      name,
      `Cut ${copies}`,
      `${length(width.value)} by ${length(height.value)}`,
      bars ? `${bars.across} bars by ${bars.up}` : 'No allowance',
    ],
  };
}

/** What the piece of a pocket is called among others. */
export const pocketPart = ({ index }: FittingPlace): string => `pocket${index > 0 ? ` ${index + 1}` : ''}`;

/** The words on a piece of a pocket as it is printed. */
function printedPocket(
  { name, settings }: Pick<Design, 'name' | 'settings'>,
  { choice, held, at, own }: PocketStage,
  { cut, seam, grain }: PocketPiece,
): PieceWords {
  const { widthMm, heightMm } = ringBounds(seam);
  const length = (mm: number) => formatQuantity(mm, 'mm', settings.lengthUnit);
  const part = pocketPart(at);
  const { title } = wordsOf({ choice, at });
  return {
    name: `${title}${at.index > 0 ? ` (${at.index + 1})` : ''}`,
    part,
    notes: [
      name,
      `Cut 1${grain === 'up' ? ', arrow along the grain' : ''}`,
      `Finished ${length(widthMm)} by ${length(heightMm)}`,
      cut === seam ? 'No allowance' : 'Allowances are in the cut line',
      ...(own.holes ? [`${own.holes.value} holes`] : []),
      ...(held ? [`For ${held.thing.name}`] : []),
    ],
  };
}

/** Everything that is cut for a bag, in the order it is drawn: pieces of lining, of pockets, then of stiffener, each with its words. */
export const piecesToCut = (
  design: Pick<Design, 'name' | 'settings'>,
  { lining, pockets, stiffener }: Pick<Plan, 'lining' | 'pockets' | 'stiffener'>,
): (PatternPiece & PieceWords)[] => [
  ...(lining?.patterns ?? []).map((piece) => ({ ...piece, ...printedPiece(design, piece) })),
  ...(lining?.interfacing ?? []).map((piece) => ({ ...piece, ...printedInterfacing(design, piece) })),
  ...pockets.flatMap((stage) => stage.pieces.map((piece) => ({ ...piece, ...printedPocket(design, stage, piece) }))),
  ...(stiffener?.pieces ?? []).map((piece) => ({ ...piece, ...printedStiffener(design, piece) })),
];

/** What all pieces of the drawing of a lining are called, with how many of each: what is crocheted, then what is cut. */
export const piecesDrawn = (
  design: Pick<Design, 'name' | 'settings'>,
  plan: Pick<Plan, 'lining' | 'pockets' | 'stiffener'>,
): { part: string; copies: number }[] => [
  ...(plan.lining && 'own' in plan.lining
    ? plan.lining.pieces.map(({ id, copies }) => ({ part: id === 'back' ? 'back' : LINING_NAMES[id], copies }))
    : []),
  ...piecesToCut(design, plan).map(({ part, copies, ...piece }) => ({
    part,
    copies: copies * ('layers' in piece ? (piece.layers as number) : 1),
  })),
];

/** The words on the pages of a printed sheet. */
export const pageWords = ({ name }: Pick<Design, 'name'>) => ({
  title: `${name}: pieces at true size`,
  measure: 'This square is 50 mm (2 in, less a hair) on every side. If yours is not, print at 100 %.',
  glue: 'Glue the pages so that the crosses at their corners lie on each other.',
  page: (page: string) => `${name}: page ${page}`,
});
