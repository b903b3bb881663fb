import { EmbeddedActionsParser, type IToken, type TokenType } from 'chevrotain';
import type { Instruction, Place, StitchWord, TextSpan } from './instruction';
import { numberIn, T, TOKENS } from './tokens';
import { stitchNamed } from './vocabulary';

/** A noun for what a stitch goes into. */
type Noun = Place['noun'];

/** What a phrase is read to, before it stands in its row: places without a number are one. */
const NEXT: Place = { which: 'next', count: 1, noun: 'st' };

const joined = (image: string): StitchWord => {
  const [, name = '', over = '1'] = /^(.*?)\s?(\d+)\s?tog/i.exec(image) ?? [];
  return { word: stitchNamed(name)?.word ?? name.toLowerCase(), over: Number(over) };
};

/** Tokens that name what a stitch goes into. */
const NOUNS = [
  T.Foundation,
  T.Space,
  T.Chain,
  T.St,
  T.Together,
  T.Stitch,
  T.Own,
  T.Post,
  T.Increase,
  T.Decrease,
] as TokenType[];

/** Reads one phrase: what stands between two commas, brackets or stars. */
class PhraseParser extends EmbeddedActionsParser {
  public readonly phrase: () => Instruction[];

  constructor() {
    super([...TOKENS], { maxLookahead: 3, recoveryEnabled: false });
    const spanOf = (first: IToken): TextSpan => {
      const last = this.LA(0);
      return { from: first.startOffset, to: (last.endOffset ?? last.startOffset) + 1 };
    };
    const amount = (one: IToken | undefined): number => (one ? numberIn(one.image ?? '') : 1);

    const stitchWord = this.RULE('stitchWord', (): StitchWord =>
      this.OR([
        { ALT: () => joined(this.CONSUME(T.Together).image ?? '') },
        {
          ALT: () => {
            let isDeep = false;
            this.OPTION(() => {
              this.CONSUME(T.Post);
              isDeep = true;
            });
            const { image } = this.CONSUME(T.Stitch);
            const word = stitchNamed(image ?? '')?.word ?? '';
            return isDeep ? { word, over: 1, isDeep } : { word, over: 1 };
          },
        },
        { ALT: () => ({ word: (this.CONSUME(T.Own).image ?? '').toLowerCase(), over: 1 }) },
      ]),
    );

    /** What it goes into: a stitch by any name, a chain, a space. */
    const noun = this.RULE('noun', (): Noun =>
      this.OR([
        { ALT: () => (this.CONSUME(T.Space), 'sp' as const) },
        {
          ALT: () => {
            this.CONSUME(T.Chain);
            // “ch-3” as the name of what is worked into is its space.
            let space: Noun = 'ch';
            this.OPTION({
              GATE: () => this.LA(1).tokenType === T.Number && (this.LA(0).image ?? '').endsWith('-'),
              DEF: () => {
                this.CONSUME(T.Number);
                space = 'sp';
              },
            });
            return space;
          },
        },
        { ALT: () => (this.CONSUME(T.St), 'st' as const) },
        {
          ALT: () => (
            this.OPTION2(() => this.CONSUME(T.Foundation)),
            this.SUBRULE(stitchWord),
            this.OPTION1(() => this.CONSUME2(T.St)),
            'st' as const
          ),
        },
        {
          ALT: () => (
            this.OR1([{ ALT: () => this.CONSUME(T.Increase) }, { ALT: () => this.CONSUME(T.Decrease) }]),
            'st' as const
          ),
        },
      ]),
    );
    const isNoun = () => NOUNS.includes(this.LA(1).tokenType);

    const tail = this.RULE('tail', (): { left: number } | null =>
      this.OR([
        { ALT: () => (this.CONSUME(T.ToEnd), { left: 0 }) },
        {
          ALT: () => {
            this.CONSUME(T.ToLast);
            let left = 1;
            this.OPTION1(() => {
              left = amount(this.CONSUME(T.Number));
            });
            this.OPTION2({ GATE: isNoun, DEF: () => this.SUBRULE(noun) });
            this.OPTION3(() => this.CONSUME1(T.Last));
            return { left };
          },
        },
      ]),
    );

    const place = this.RULE('place', (): Place => {
      this.OPTION1(() =>
        this.OR2([
          { ALT: () => this.CONSUME(T.In) },
          { ALT: () => this.CONSUME(T.Around) },
          { ALT: () => this.CONSUME(T.With) },
        ]),
      );
      this.OPTION2(() => this.CONSUME(T.Loop));
      const found = this.OR([
        {
          ALT: (): Place => {
            this.CONSUME(T.Each);
            let which = 'each' as Place['which'];
            let count = 0;
            this.OPTION3(() => {
              this.OR1([
                {
                  ALT: () => {
                    this.CONSUME1(T.Next);
                    which = 'next';
                  },
                },
                {
                  ALT: () => {
                    this.CONSUME1(T.Last);
                    which = 'last';
                  },
                },
                {
                  ALT: () => {
                    this.CONSUME1(T.First);
                    which = 'next';
                  },
                },
              ]);
            });
            this.OPTION4(() => {
              count = amount(this.CONSUME1(T.Number));
              if (which === 'each') which = 'next';
            });
            let what: Noun = 'st';
            this.OPTION5({ GATE: isNoun, DEF: () => (what = this.SUBRULE1(noun)) });
            this.OPTION6(() => {
              const end = this.SUBRULE1(tail);
              if (which === 'each') count = end?.left ?? 0;
            });
            // “each remaining st” is each that is left.
            if (which === 'last' && count === 0) return { which: 'each', count: 0, noun: what };
            return { which, count: which === 'each' ? count : Math.max(1, count), noun: what };
          },
        },
        {
          ALT: (): Place => {
            this.CONSUME2(T.Next);
            let count = 1;
            this.OPTION7(() => (count = amount(this.CONSUME2(T.Number))));
            let what: Noun = 'st';
            this.OPTION8({ GATE: isNoun, DEF: () => (what = this.SUBRULE2(noun)) });
            return { which: 'next', count, noun: what };
          },
        },
        {
          ALT: (): Place => {
            this.CONSUME2(T.Last);
            let count = 1;
            this.OPTION9(() => (count = amount(this.CONSUME3(T.Number))));
            let what: Noun = 'st';
            this.MANY1({ GATE: isNoun, DEF: () => (what = this.SUBRULE3(noun)) });
            return { which: 'last', count, noun: what };
          },
        },
        {
          ALT: (): Place => {
            this.CONSUME2(T.First);
            let count = 1;
            this.OPTION({ GATE: () => true, DEF: () => (count = amount(this.CONSUME4(T.Number))) });
            let what: Noun = 'st';
            this.MANY2({ GATE: isNoun, DEF: () => (what = this.SUBRULE4(noun)) });
            return { which: 'first', count, noun: what };
          },
        },
        {
          ALT: (): Place => {
            this.CONSUME(T.Same);
            let what: Noun = 'st';
            this.MANY3({ GATE: isNoun, DEF: () => (what = this.SUBRULE5(noun)) });
            return { which: 'same', count: 1, noun: what };
          },
        },
        {
          ALT: (): Place => {
            const nth = amount(this.CONSUME(T.Ordinal));
            let what = 'st' as Noun;
            this.MANY4({ GATE: isNoun, DEF: () => (what = this.SUBRULE6(noun)) });
            let hook = what === 'ch';
            this.MANY5(() => {
              this.CONSUME(T.FromHook);
              hook = true;
            });
            return hook ? { which: 'from-hook', count: nth, noun: 'ch' } : { which: 'next', count: nth, noun: what };
          },
        },
        { ALT: (): Place => (this.CONSUME(T.Ring), { which: 'ring', count: 1, noun: 'st' }) },
        {
          ALT: (): Place => {
            this.CONSUME(T.Turning);
            this.MANY6({ GATE: isNoun, DEF: () => this.SUBRULE7(noun) });
            return { which: 'turning', count: 1, noun: 'st' };
          },
        },
        {
          ALT: (): Place => {
            const count = amount(this.CONSUME5(T.Number));
            return { which: 'next', count, noun: this.SUBRULE8(noun) };
          },
        },
        { ALT: (): Place => ({ which: 'next', count: 1, noun: this.SUBRULE9(noun) }) },
      ]);
      return found;
    });

    const isPlace = () => {
      const type = this.LA(1).tokenType;
      if (type === T.In || type === T.Loop || type === T.Around) return true;
      // “sl st to first sc”
      if (type === T.With) return [T.First, T.Turning, T.Same].includes(this.LA(2).tokenType as never);
      return [T.Each, T.Next, T.Last, T.Same, T.First].includes(type as never);
    };
    const isCount = () =>
      this.LA(1).tokenType === T.Number &&
      ![T.Chain, T.Stitch, T.Together, T.Own, T.Post, T.Increase, T.Decrease].includes(this.LA(2).tokenType as never);
    const repeated = (items: Instruction[], first: IToken, times: IToken): Instruction[] => {
      const image = times.image ?? '';
      const more = /more/i.test(image);
      return [
        {
          ...spanOf(first),
          do: 'repeat',
          items,
          until: { is: 'times', times: numberIn(image) + (more ? 1 : 0), said: 'in-all' },
        },
      ];
    };

    const isTail = () => [T.ToEnd, T.ToLast].includes(this.LA(1).tokenType as never);
    const times = this.RULE('times', (): IToken =>
      this.OR([
        { ALT: () => this.CONSUME(T.Times) },
        { ALT: () => this.CONSUME(T.StarTimes) },
        { ALT: () => this.CONSUME(T.Once) },
        { ALT: () => this.CONSUME(T.MoreTimes) },
      ]),
    );

    /** A stitch with the number before it and the place behind it. */
    const worked = this.RULE('worked', (): Instruction[] => {
      const first = this.LA(1);
      let each: number | null = null;
      let isLoop = false;
      this.OPTION1(() => {
        each = amount(this.CONSUME(T.Number));
      });
      this.OPTION2(() => {
        this.CONSUME(T.Loop);
        isLoop = true;
      });
      const stitch = this.SUBRULE(stitchWord);
      this.OPTION3(() => this.CONSUME(T.St));
      this.OPTION4({
        GATE: () =>
          this.LA(1).tokenType === T.Loop &&
          ![T.Each, T.Next, T.Last, T.Same, T.First, T.Chain, T.Ordinal, T.Number, T.St].includes(
            this.LA(2).tokenType as never,
          ),
        DEF: () => {
          this.CONSUME2(T.Loop);
          isLoop = true;
        },
      });
      let at: Place | null = null;
      // “3 sc” without a place: one in each of the next three.
      this.OPTION6({
        GATE: () => isPlace() || isCount() || isTail(),
        DEF: () =>
          this.OR([
            { GATE: isPlace, ALT: () => (at = this.SUBRULE(place)) },
            {
              ALT: () => {
                at = { which: 'next', count: amount(this.CONSUME2(T.Number)), noun: 'st' };
                this.OPTION5({ GATE: isNounAhead, DEF: () => this.SUBRULE1(noun) });
              },
            },
            { ALT: () => (at = { which: 'each', count: this.SUBRULE(tail)?.left ?? 0, noun: 'st' }) },
          ]),
      });
      const where: Place = at ?? { ...NEXT, count: stitch.over > 1 ? stitch.over : (each ?? 1) };
      const whole: Instruction = {
        ...spanOf(first),
        do: 'work',
        stitch,
        each: at === null ? 1 : (each ?? 1),
        place: where,
        isLoop,
      };
      // “2 sc2tog” without a place is done twice.
      const done: Instruction =
        at === null && stitch.over > 1 && each !== null
          ? { ...spanOf(first), do: 'repeat', items: [whole], until: { is: 'times', times: each, said: 'in-all' } }
          : whole;
      let all: Instruction[] = [done];
      this.OPTION7(() => {
        all = repeated(all, first, this.SUBRULE(times));
      });
      return all;
    });
    const isNounAhead = () => [T.St, T.Chain, T.Space].includes(this.LA(1).tokenType as never);

    const shaped = this.RULE('shaped', (): Instruction[] => {
      const first = this.LA(1);
      let many = 1;
      this.OPTION1(() => (many = amount(this.CONSUME(T.Number))));
      const kind = this.OR([
        { ALT: () => (this.CONSUME(T.Increase), 'increase' as const) },
        { ALT: () => (this.CONSUME(T.Decrease), 'decrease' as const) },
      ]);
      let at: Place | null = null;
      this.OPTION2({
        GATE: () => isPlace() || isTail(),
        DEF: () =>
          this.OR1([
            { GATE: isPlace, ALT: () => (at = this.SUBRULE(place)) },
            { ALT: () => (at = { which: 'each', count: this.SUBRULE(tail)?.left ?? 0, noun: 'st' }) },
          ]),
      });
      const whole: Instruction = { ...spanOf(first), do: kind, place: at ?? NEXT };
      const done: Instruction =
        many > 1
          ? { ...spanOf(first), do: 'repeat', items: [whole], until: { is: 'times', times: many, said: 'in-all' } }
          : whole;
      let all: Instruction[] = [done];
      this.OPTION3(() => {
        all = repeated(all, first, this.SUBRULE(times));
      });
      return all;
    });

    const chained = this.RULE('chained', (): Instruction => {
      const first = this.LA(1);
      let count = 1;
      this.OR([
        {
          ALT: () => {
            this.CONSUME(T.Chain);
            this.OPTION1(() => (count = amount(this.CONSUME1(T.Number))));
          },
        },
        {
          ALT: () => {
            count = amount(this.CONSUME2(T.Number));
            this.CONSUME2(T.Chain);
          },
        },
      ]);
      return { ...spanOf(first), do: 'chain', count };
    });

    const skipped = this.RULE('skipped', (): Instruction => {
      const first = this.LA(1);
      this.CONSUME(T.Skip);
      let at: Place = NEXT;
      this.OPTION({
        GATE: () => isPlace() || this.LA(1).tokenType === T.Number || isNoun(),
        DEF: () =>
          this.OR([
            {
              // “sk 1”: what is skipped needn't be named.
              GATE: () => this.LA(1).tokenType === T.Number && !NOUNS.includes(this.LA(2).tokenType),
              ALT: () => (at = { which: 'next', count: amount(this.CONSUME(T.Number)), noun: 'st' }),
            },
            { ALT: () => (at = this.SUBRULE(place)) },
          ]),
      });
      let besides = 0;
      // “sk first dc and ch-1 sp”: a stitch and the space behind it.
      this.MANY({
        GATE: () => this.LA(1).tokenType === T.And && NOUNS.includes(this.LA(2).tokenType),
        DEF: () => {
          this.CONSUME(T.And);
          this.SUBRULE(noun);
          besides += 1;
        },
      });
      this.ACTION(() => {
        if (besides > 0) at = { ...at, count: at.count + besides };
      });
      return { ...spanOf(first), do: 'skip', place: at };
    });

    const founded = this.RULE('founded', (): Instruction => {
      const first = this.LA(1);
      let count = 1;
      this.OPTION1(() => (count = amount(this.CONSUME1(T.Number))));
      this.CONSUME(T.Foundation);
      const stitch = this.SUBRULE(stitchWord);
      this.OPTION2(() => this.CONSUME(T.St));
      this.OPTION3(() => (count = amount(this.CONSUME2(T.Number))));
      return { ...spanOf(first), do: 'foundation', stitch, count };
    });

    const plain = this.RULE('plain', (): Instruction[] => {
      const first = this.LA(1);
      return this.OR([
        {
          ALT: (): Instruction[] => {
            this.CONSUME(T.Join);
            // However it is said where: it is the beginning of the round.
            this.MANY(() => this.SUBRULE(anything));
            return [{ ...spanOf(first), do: 'join' }];
          },
        },
        {
          ALT: (): Instruction[] => {
            this.CONSUME(T.Beginning);
            const at = this.SUBRULE(place);
            return [{ ...spanOf(first), do: 'begin-in', count: at?.count ?? 1 }];
          },
        },
        { ALT: (): Instruction[] => (this.CONSUME(T.Turn), [{ ...spanOf(first), do: 'turn' }]) },
        { ALT: (): Instruction[] => (this.CONSUME(T.Off), [{ ...spanOf(first), do: 'off' }]) },
        { ALT: (): Instruction[] => (this.CONSUME(T.NoJoin), [{ ...spanOf(first), do: 'note' }]) },
        {
          ALT: (): Instruction[] => {
            const said = this.CONSUME(T.Leave).image ?? '';
            const many = /\d|one|two|three|four|five|six/i.test(said) ? numberIn(said) : null;
            return [{ ...spanOf(first), do: 'leave', count: many }];
          },
        },
        { ALT: (): Instruction[] => (this.CONSUME(T.OtherSide), [{ ...spanOf(first), do: 'other-side' }]) },
        { ALT: (): Instruction[] => (this.CONSUME(T.Ring), [{ ...spanOf(first), do: 'ring' }]) },
        { ALT: (): Instruction[] => (this.CONSUME(T.Loop), [{ ...spanOf(first), do: 'loop' }]) },
        {
          ALT: (): Instruction[] => (
            this.OR1([{ ALT: () => this.CONSUME(T.And) }, { ALT: () => this.CONSUME(T.With) }]),
            []
          ),
        },
      ]);
    });
    const anything = this.RULE('anything', (): void => {
      this.OR(
        TOKENS.filter(({ GROUP }) => GROUP === undefined).map((type, index) => ({
          ALT: () => this.consume(index + 10, type),
        })),
      );
    });

    /** “and in each ch across”: the stitch said before, in further places. */
    const further = this.RULE('further', (): Instruction => {
      const first = this.LA(1);
      const at = this.SUBRULE(place);
      return { ...spanOf(first), do: 'work', stitch: { word: '', over: 1 }, each: 0, place: at, isLoop: false };
    });

    const isChainFirst = () =>
      this.LA(1).tokenType === T.Chain || (this.LA(1).tokenType === T.Number && this.LA(2).tokenType === T.Chain);
    const isFounded = () =>
      this.LA(1).tokenType === T.Foundation ||
      (this.LA(1).tokenType === T.Number && this.LA(2).tokenType === T.Foundation);
    const isShaped = () => {
      const at = this.LA(1).tokenType === T.Number ? 2 : 1;
      return [T.Increase, T.Decrease].includes(this.LA(at).tokenType as never);
    };
    const isWorked = () => {
      let at = this.LA(1).tokenType === T.Number ? 2 : 1;
      if (this.LA(at).tokenType === T.Loop) at += 1;
      return [T.Stitch, T.Together, T.Own, T.Post].includes(this.LA(at).tokenType as never);
    };
    this.phrase = this.RULE('phrase', (): Instruction[] => {
      const items: Instruction[] = [];
      const put = (some: Instruction[]) => this.ACTION(() => items.push(...some));
      this.MANY(() => {
        this.OR([
          { GATE: isFounded, ALT: () => put([this.SUBRULE(founded)]) },
          { GATE: isChainFirst, ALT: () => put([this.SUBRULE(chained)]) },
          { GATE: isShaped, ALT: () => put(this.SUBRULE(shaped)) },
          { GATE: isWorked, ALT: () => put(this.SUBRULE(worked)) },
          { ALT: () => put([this.SUBRULE(skipped)]) },
          {
            GATE: () => [T.In, T.Each, T.Next, T.Last].includes(this.LA(1).tokenType as never),
            ALT: () => put([this.SUBRULE(further)]),
          },
          { ALT: () => put(this.SUBRULE(plain)) },
        ]);
      });
      return items;
    });
    this.performSelfAnalysis();
  }
}

let parser: PhraseParser | null = null;

/**
 * Reads a phrase of a row from its tokens; what of it can't be read is named by its first word.
 */
export function readPhrase(tokens: IToken[]): Instruction[] {
  if (tokens.length === 0) return [];
  parser ??= new PhraseParser();
  parser.input = tokens;
  const read = parser.phrase();
  const [error] = parser.errors;
  if (!error) return read;
  const { token } = error;
  // Where the phrase ends too soon, its last word is what is not understood.
  const bad = Number.isNaN(token.startOffset) || token.startOffset < 0 ? (tokens.at(-1) as IToken) : token;
  return [
    {
      from: bad.startOffset,
      to: (bad.endOffset ?? bad.startOffset) + 1,
      do: 'unread',
      words: bad.image ?? '',
    },
  ];
}
