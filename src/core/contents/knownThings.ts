import { MEMORY, type Source } from '@/core/figures';
import type { Turns } from './packTree';

/** A thing of known size, to start a list from. What is null is for the maker to measure. */
interface KnownThing {
  id: string;
  name: string;
  widthMm: number;
  heightMm: number;
  thicknessMm: number | null;
  massG: number | null;
  turns: Turns;
  source: Source;
}

const ISO_7810: Source = {
  kind: 'published',
  reference: 'ISO/IEC 7810, Identification cards: physical characteristics',
};
const ISO_216: Source = { kind: 'published', reference: 'ISO 216, Writing paper: trimmed sizes, A and B series' };

const card = (id: string, name: string, widthMm: number, heightMm: number, thicknessMm: number | null): KnownThing => ({
  id,
  name,
  widthMm,
  heightMm,
  thicknessMm,
  massG: null,
  turns: 'in-the-plane',
  source: ISO_7810,
});

const paper = (name: string, widthMm: number, heightMm: number): KnownThing => ({
  id: name.toLowerCase(),
  name: `${name} paper`,
  widthMm,
  heightMm,
  thicknessMm: null,
  massG: null,
  turns: 'in-the-plane',
  source: ISO_216,
});

/** A rough class of things: what they usually come to, to be measured over. From memory. */
const rough = (
  id: string,
  name: string,
  [widthMm, heightMm, thicknessMm]: [number, number, number],
  massG: number,
  turns: Turns = 'in-the-plane',
): KnownThing => ({ id, name, widthMm, heightMm, thicknessMm, massG, turns, source: MEMORY });

/** Things of known size. A new one is a line here. */
export const KNOWN_THINGS: readonly KnownThing[] = [
  card('id-1', 'Bank or identity card (ID-1)', 85.6, 53.98, 0.76),
  card('id-2', 'Older identity card (ID-2)', 105, 74, null),
  card('id-3', 'Passport (ID-3)', 88, 125, null),
  paper('A6', 105, 148),
  paper('A5', 148, 210),
  paper('A4', 210, 297),
  paper('B6', 125, 176),
  rough('phone', 'Phone', [76, 158, 10], 200),
  rough('hard-glasses', 'Glasses in a hard case', [162, 64, 42], 110),
  rough('soft-glasses', 'Glasses in a soft case', [165, 75, 28], 60),
  rough('keys', 'Bunch of keys', [85, 55, 20], 90),
  rough('purse', 'Small purse', [115, 95, 25], 170),
  rough('notebook', 'Small notebook', [90, 140, 12], 110),
  rough('pen', 'Pen', [12, 140, 12], 12),
  rough('bottle', 'Small bottle', [65, 195, 65], 560, 'as-it-stands'),
  rough('umbrella', 'Folding umbrella', [240, 55, 55], 320),
  rough('handkerchiefs', 'Packet of handkerchiefs', [105, 55, 25], 25),
];

export const knownThing = (id: string | null): KnownThing | undefined => KNOWN_THINGS.find((known) => known.id === id);
