import { z } from 'zod';
import { FITTING_GROUPS, type BesideId } from '@/core/fittings';
import { PIECE_IDS, type PieceId } from '@/core/pieces';

/** The most rows that a piece can have got to: more than any plan has. */
export const MOST_ROWS = 100_000;
/** The most stitches that can be counted in a row. */
const MOST_STITCHES = 5000;
const MOST_MM = 100_000;

/** A piece of the bag, or something put on that is worked by rows: a strap, a border, a piece of a crocheted lining. */
const worked: z.ZodType<PieceId | BesideId> = z.union([
  z.enum(PIECE_IDS),
  z.templateLiteral([z.enum(FITTING_GROUPS), '.', z.string().regex(/\d{1,3}/), '.', z.string().regex(/[a-z-]{1,20}/)]),
]) as unknown as z.ZodType<PieceId | BesideId>;

/** What is worked at, and which of those that are worked alike, from 1. */
const part = { piece: worked, copy: z.number().int().min(1).max(9) };
const rowNumber = z.number().int().min(1).max(MOST_ROWS);

/** What every event has: a name that its window gave it, its number among those it knew of, and the clock of its device, ms. */
const event = {
  id: z.string().regex(/^[\w-]{8,40}$/),
  n: z.number().int().min(1).max(1_000_000_000),
  atMs: z.number().int().min(0).max(8_640_000_000_000_000),
};

/** What a tester tells: something in words, or what the tape says once a row is worked. */
const testedFields = {
  tester: z.string().trim().min(1, { error: 'Write your name.' }).max(40, { error: 'Keep it to 40 characters.' }),
  at: z.strictObject({ ...part, row: z.number().int().min(1).max(MOST_ROWS) }).nullable(),
  says: z.string().trim().min(1).max(2000, { error: 'Keep it to 2000 characters.' }).nullable(),
  widthMm: z.number().positive().max(MOST_MM).nullable(),
  lengthMm: z.number().positive().max(MOST_MM).nullable(),
};

/** What a tester sends; its number and its time are given where it is kept. */
export const testedSchema = z
  .strictObject({ id: event.id, ...testedFields })
  .refine(({ says, widthMm, lengthMm }) => says !== null || widthMm !== null || lengthMm !== null, {
    error: 'Write what you found, or what you measured.',
  })
  .refine(({ at, widthMm, lengthMm }) => at !== null || (widthMm === null && lengthMm === null), {
    error: 'Say after which row you measured.',
  });
export type Tested = z.infer<typeof testedSchema>;

/** What a making is told by, each one once and for good: nothing of it is ever changed, only taken back by another. */
export const makingEventSchema = z.discriminatedUnion('kind', [
  /** A row, or a round, is worked to its end. */
  z.strictObject({ ...event, kind: z.literal('row'), ...part, row: rowNumber }),
  /** Some of what was told before is taken back. */
  z.strictObject({ ...event, kind: z.literal('back'), takes: z.array(event.id).min(1).max(1000) }),
  z.strictObject({
    ...event,
    kind: z.literal('step'),
    step: z.string().min(1).max(120),
    as: z.enum(['done', 'skipped', 'open']),
  }),
  /** What she counted in a row. */
  z.strictObject({
    ...event,
    kind: z.literal('count'),
    ...part,
    row: rowNumber,
    stitches: z.number().int().min(0).max(MOST_STITCHES),
  }),
  /** What the tape and the scale say once so many rows are worked. */
  z.strictObject({
    ...event,
    kind: z.literal('measured'),
    ...part,
    rows: rowNumber,
    lengthMm: z.number().positive().max(MOST_MM),
    widthMm: z.number().positive().max(MOST_MM).nullable(),
    leftG: z.number().min(0).max(MOST_MM).nullable(),
  }),
  z.strictObject({
    ...event,
    kind: z.literal('note'),
    text: z.string().trim().min(1).max(2000),
    step: z.string().min(1).max(120).nullable(),
    at: z.strictObject({ ...part, row: z.number().int().min(0).max(MOST_ROWS) }).nullable(),
  }),
  /** The bag is finished; told again, it is what was told last. What she doesn't know is null. */
  z.strictObject({
    ...event,
    kind: z.literal('finished'),
    /** Yarn that is in it, tails and all. */
    usedG: z.number().positive().max(MOST_MM).nullable(),
    /** Hours that it took, where she knows better than the counter. */
    hours: z.number().positive().max(10_000).nullable(),
    /** A strap: as it lay, as it hung under its bag at first, and after weeks. */
    strap: z
      .strictObject({
        slackMm: z.number().positive().max(MOST_MM),
        hungMm: z.number().positive().max(MOST_MM),
        laterMm: z.number().positive().max(MOST_MM),
      })
      .refine(({ slackMm, hungMm, laterMm }) => slackMm < hungMm && hungMm <= laterMm)
      .nullable(),
    remark: z.string().trim().min(1).max(2000).nullable(),
  }),
  /** What the bag needs is held for it in the stores, or given back to them. */
  z.strictObject({ ...event, kind: z.literal('hold'), holds: z.boolean() }),
  /** What a tester found who works from her pattern: at a row, or of the whole; told by no device of hers. */
  z.strictObject({ ...event, kind: z.literal('tested'), ...testedFields }),
  /** She lays the work down: what passes until the next event is none of its time. */
  z.strictObject({ ...event, kind: z.literal('pause') }),
]);

export type MakingEvent = z.infer<typeof makingEventSchema>;
export type MakingEventKind = MakingEvent['kind'];
export type MakingEventOf<K extends MakingEventKind> = Extract<MakingEvent, { kind: K }>;

/** An event before it has its name, its number and its time. */
export type NewMakingEvent = { [K in MakingEventKind]: Omit<MakingEventOf<K>, 'id' | 'n' | 'atMs'> }[MakingEventKind];

/** Which part of the work: a piece, and which of those that are worked alike. */
export interface PartAt {
  piece: PieceId | BesideId;
  copy: number;
}

/**
 * @example
 * partKey({ piece: 'disc', copy: 2 }) // => 'disc.2'
 */
export const partKey = ({ piece, copy }: PartAt): string => `${piece}.${copy}`;
