import { EmbeddedActionsParser, Lexer, createToken, type IToken } from 'chevrotain';
import { stitchPattern, type ReaderTerms } from './vocabulary';

/** Where a stitch goes. */
export interface Target {
  how: 'in' | 'back-loop' | 'third-loop' | 'two-layers' | 'three-loops' | 'round' | 'over';
  /** Which of what is left of the row below: the next so many, the last so many, every one, or every one but the last so many. */
  which: 'next' | 'last' | 'all' | 'all-but';
  count: number;
  noun: 'st' | 'ch' | 'ch-sp';
  deep: boolean;
}

/** What a row tells her to do, one thing after the other. */
export type Op =
  | { op: 'chain'; count: number; stands: 'first' | 'beside' | 'plain' }
  | { op: 'skip'; count: number; noun: Target['noun']; first: boolean; stands: boolean }
  | { op: 'stitch'; name: string; each: number; target: Target }
  | { op: 'from-hook'; name: string | null; each: number; chain: number; stands: boolean; more: number | 'all' }
  | { op: 'foundation'; count: number; name: string }
  | { op: 'group'; items: Op[]; times: number }
  | {
      op: 'star';
      items: Op[];
      until: { kind: 'end' } | { kind: 'left'; count: number; noun: Target['noun'] } | { kind: 'times'; times: number };
    }
  | { op: 'leave'; count: number }
  | { op: 'other-side' }
  | { op: 'in-turning-chain' }
  | { op: 'join'; name: string }
  | { op: 'turn' }
  | { op: 'ring' };

const word = (name: string, pattern: RegExp) => createToken({ name, pattern });

const WhiteSpace = createToken({ name: 'WhiteSpace', pattern: /\s+/, group: Lexer.SKIPPED });
const Comma = word('Comma', /,/);
const Open = word('Open', /\[/);
const Close = word('Close', /\]/);
const RepFrom = word('RepFrom', /; rep from \*/);
const Star = word('Star', /\*/);
const MoreTimes = word('MoreTimes', /\d+ more times/);
const OnceMore = word('OnceMore', /once more/);
const Times = word('Times', /\d+ times/);
const Beside = word('Beside', /\(does not count as a st\)/);
const Stands = word('Stands', /\((?:skipped|missed)? ?(?:chs? )?counts? as first [^)]+\)/);
const FromHook = word('FromHook', /\d+(?:st|nd|rd|th) ch from hook/);
const Beginning = word('Beginning', /beginning in/);
const Turn = word('Turn', /turn/);
const Ring = word('Ring', /join the chain into a ring with a sl st/);
const Join = word('Join', /join with a sl st in first/);
const Leave = word('Leave', /leave last(?: \d+)? sts? unworked/);
const TurningChain = word('TurningChain', /the last in top of turning ch/);
const OtherSide = word('OtherSide', /along the other side of the chain/);
const Foundation = word('Foundation', /foundation/);
const AtTheEnd = word('AtTheEnd', /at the end/);
const Then = word('Then', /then/);
const Work = word('Work', /work/);
const Deep = word('Deep', /two rows below/);
const FreeLoop = word('FreeLoop', /and the free loop below it/);
const BackLoop = word('BackLoop', /in back loop of/);
const ThirdLoop = word('ThirdLoop', /in third loop of/);
const TwoLayers = word('TwoLayers', /through back loop of/);
const ThreeLoops = word('ThreeLoops', /through both loops of/);
const AndIn = word('AndIn', /and (?:in|of)/);
const EachOf = word('EachOf', /each of next/);
const ToLast = word('ToLast', /to last/);
const Across = word('Across', /across|around/);
const Each = word('Each', /each/);
const Next = word('Next', /next/);
const Last = word('Last', /last/);
const First = word('First', /first/);
const In = word('In', /in/);
const Round = word('Round', /round/);
const Over = word('Over', /over/);
const Skip = word('Skip', /skip|miss/);
const Space = word('Space', /ch-sps?/);
const Chains = word('Chains', /chs?(?![\w-])/);
const Sts = word('Sts', /sts?(?![\w-])/);
const NumberToken = word('Number', /\d+/);

const tokensIn = (terms: ReaderTerms) => {
  const Stitch = word('Stitch', stitchPattern(terms));
  const all = [
    WhiteSpace,
    Comma,
    Open,
    Close,
    RepFrom,
    Star,
    MoreTimes,
    OnceMore,
    Times,
    Beside,
    Stands,
    FromHook,
    Beginning,
    Turn,
    Ring,
    Join,
    Leave,
    TurningChain,
    OtherSide,
    Foundation,
    AtTheEnd,
    Then,
    Work,
    Deep,
    FreeLoop,
    BackLoop,
    ThirdLoop,
    TwoLayers,
    ThreeLoops,
    Stitch,
    AndIn,
    EachOf,
    ToLast,
    Across,
    Each,
    Next,
    Last,
    First,
    In,
    Round,
    Over,
    Skip,
    Space,
    Chains,
    Sts,
    NumberToken,
  ];
  return { Stitch, all };
};

/** Reads the words of one row. It is a grammar of its own, written from how patterns are read, not from how they are made here. */
class RowParser extends EmbeddedActionsParser {
  public readonly row: () => Op[];

  constructor({ Stitch, all }: ReturnType<typeof tokensIn>) {
    super(all, { maxLookahead: 3 });
    const count = (token: IToken | undefined): number => Number(/\d+/.exec(token?.image ?? '1')?.[0] ?? 1);

    const noun = this.RULE('noun', (): Target['noun'] =>
      this.OR([
        { ALT: () => (this.CONSUME(Space), 'ch-sp' as const) },
        { ALT: () => (this.CONSUME(Chains), 'ch' as const) },
        { ALT: () => (this.CONSUME(Sts), 'st' as const) },
      ]),
    );
    const number = this.RULE('number', (): number => {
      let found = 1;
      this.OPTION(() => {
        found = count(this.CONSUME(NumberToken));
      });
      return found;
    });
    // Every alternative is walked through once when the grammar is analysed: none may be left early.
    const suffix = this.RULE('suffix', (): boolean => {
      let deep = false;
      this.OPTION(() => {
        this.OR([
          {
            ALT: () => {
              this.CONSUME(Deep);
              deep = true;
            },
          },
          { ALT: () => this.CONSUME(FreeLoop) },
        ]);
      });
      return deep;
    });
    const place = this.RULE('place', (): Pick<Target, 'which' | 'count' | 'noun' | 'deep'> =>
      this.OR([
        {
          ALT: () => {
            this.CONSUME(EachOf);
            const many = this.SUBRULE1(number);
            const what = this.SUBRULE1(noun);
            return { which: 'next' as const, count: many, noun: what, deep: this.SUBRULE1(suffix) };
          },
        },
        {
          ALT: () => {
            this.CONSUME(Next);
            const many = this.SUBRULE2(number);
            const what = this.SUBRULE2(noun);
            return { which: 'next' as const, count: many, noun: what, deep: this.SUBRULE2(suffix) };
          },
        },
        {
          ALT: () => {
            this.CONSUME(Last);
            const many = this.SUBRULE3(number);
            const what = this.SUBRULE3(noun);
            return { which: 'last' as const, count: many, noun: what, deep: this.SUBRULE3(suffix) };
          },
        },
        {
          ALT: () => {
            this.CONSUME(Each);
            const what = this.SUBRULE4(noun);
            const deep = this.SUBRULE4(suffix);
            let left: number | null = null;
            this.OR2([
              { ALT: () => this.CONSUME(Across) },
              {
                ALT: () => {
                  this.CONSUME(ToLast);
                  left = this.SUBRULE5(number);
                  this.SUBRULE5(noun);
                },
              },
            ]);
            return {
              which: left === null ? ('all' as const) : ('all-but' as const),
              count: left ?? 0,
              noun: what,
              deep,
            };
          },
        },
      ]),
    );
    const fromHook = this.RULE('fromHook', (): { chain: number; stands: boolean; more: number | 'all' } => {
      const chain = count(this.CONSUME(FromHook));
      let stands = false;
      let more: number | 'all' = 0;
      this.OPTION1(() => {
        this.CONSUME(Stands);
        stands = true;
      });
      this.OPTION2(() => {
        this.CONSUME(AndIn);
        const rest = this.SUBRULE(place);
        more = rest.which === 'all' ? 'all' : rest.count;
      });
      return { chain, stands, more };
    });
    const stitch = this.RULE('stitch', (): Op => {
      this.OPTION1(() => this.CONSUME(Then));
      this.OPTION2(() => this.CONSUME(Work));
      const each = this.SUBRULE(number);
      return this.OR([
        {
          ALT: (): Op => {
            this.CONSUME(Foundation);
            const name = this.CONSUME1(Stitch).image;
            this.OPTION4(() => this.CONSUME(AtTheEnd));
            return { op: 'foundation', count: each, name };
          },
        },
        {
          ALT: (): Op => {
            const name = this.CONSUME2(Stitch).image;
            return this.OR1([
              {
                ALT: (): Op => {
                  this.OR2([{ ALT: () => this.CONSUME1(In) }, { ALT: () => this.CONSUME1(BackLoop) }]);
                  return { op: 'from-hook', name, each, ...this.SUBRULE1(fromHook) };
                },
              },
              {
                ALT: (): Op => {
                  const how = this.OR3([
                    { ALT: () => (this.CONSUME2(In), 'in' as const) },
                    { ALT: () => (this.CONSUME2(BackLoop), 'back-loop' as const) },
                    { ALT: () => (this.CONSUME2(ThirdLoop), 'third-loop' as const) },
                    { ALT: () => (this.CONSUME2(TwoLayers), 'two-layers' as const) },
                    { ALT: () => (this.CONSUME2(ThreeLoops), 'three-loops' as const) },
                    { ALT: () => (this.CONSUME2(Round), 'round' as const) },
                    { ALT: () => (this.CONSUME2(Over), 'over' as const) },
                  ]);
                  return { op: 'stitch', name, each, target: { how, ...this.SUBRULE(place) } };
                },
              },
            ]);
          },
        },
      ]);
    });
    const op = this.RULE('op', (): Op =>
      this.OR([
        {
          ALT: (): Op => {
            this.CONSUME(Chains);
            const made = this.SUBRULE1(number);
            let stands: 'first' | 'beside' | 'plain' = 'plain';
            this.OPTION1(() => {
              this.OR1([
                {
                  ALT: () => {
                    this.CONSUME1(Beside);
                    stands = 'beside';
                  },
                },
                {
                  ALT: () => {
                    this.CONSUME1(Stands);
                    stands = 'first';
                  },
                },
              ]);
            });
            return { op: 'chain', count: made, stands };
          },
        },
        {
          ALT: (): Op => {
            this.CONSUME(Skip);
            const first = this.OR2([
              { ALT: () => (this.CONSUME2(First), true) },
              { ALT: () => (this.CONSUME2(Next), false) },
            ]);
            const skipped = this.SUBRULE2(number);
            const what = this.SUBRULE2(noun);
            let stands = false;
            this.OPTION2(() => {
              this.CONSUME2(Stands);
              stands = true;
            });
            return { op: 'skip', count: skipped, noun: what, first, stands };
          },
        },
        {
          ALT: (): Op => {
            this.CONSUME(Beginning);
            return { op: 'from-hook', name: null, each: 0, ...this.SUBRULE3(fromHook) };
          },
        },
        { ALT: (): Op => (this.CONSUME(Turn), { op: 'turn' }) },
        { ALT: (): Op => (this.CONSUME(Ring), { op: 'ring' }) },
        {
          ALT: (): Op => {
            this.CONSUME(Join);
            return { op: 'join', name: this.CONSUME3(Stitch).image };
          },
        },
        { ALT: (): Op => ({ op: 'leave', count: count(this.CONSUME(Leave)) }) },
        { ALT: (): Op => (this.CONSUME(TurningChain), { op: 'in-turning-chain' }) },
        { ALT: (): Op => this.SUBRULE(stitch) },
      ]),
    );
    const items = this.RULE('items', (): Op[] => {
      const list: Op[] = [];
      this.AT_LEAST_ONE_SEP({
        SEP: Comma,
        DEF: () => {
          this.OPTION(() => {
            this.CONSUME(OtherSide);
            list.push({ op: 'other-side' });
          });
          list.push(this.SUBRULE(item));
        },
      });
      return list;
    });
    const item = this.RULE('item', (): Op =>
      this.OR([
        {
          ALT: (): Op => {
            this.CONSUME(Open);
            const inside = this.SUBRULE1(items);
            this.CONSUME(Close);
            return { op: 'group', items: inside, times: count(this.CONSUME(Times)) };
          },
        },
        {
          ALT: (): Op => {
            this.CONSUME(Star);
            const inside = this.SUBRULE2(items);
            this.CONSUME(RepFrom);
            return this.OR1([
              { ALT: (): Op => (this.CONSUME(Across), { op: 'star', items: inside, until: { kind: 'end' } }) },
              {
                ALT: (): Op => (
                  this.CONSUME(OnceMore),
                  { op: 'star', items: inside, until: { kind: 'times', times: 2 } }
                ),
              },
              {
                ALT: (): Op => ({
                  op: 'star',
                  items: inside,
                  until: { kind: 'times', times: 1 + count(this.CONSUME(MoreTimes)) },
                }),
              },
              {
                ALT: (): Op => {
                  this.CONSUME(ToLast);
                  const left = this.SUBRULE(number);
                  return { op: 'star', items: inside, until: { kind: 'left', count: left, noun: this.SUBRULE(noun) } };
                },
              },
            ]);
          },
        },
        { ALT: (): Op => this.SUBRULE(op) },
      ]),
    );
    this.row = this.RULE('row', (): Op[] => this.SUBRULE(items));
    this.performSelfAnalysis();
  }
}

const readers = new Map<ReaderTerms, { lexer: Lexer; parser: RowParser }>();

/** Reads the words of a row. @throws Error with what can't be read */
export function readRowWords(words: string, terms: ReaderTerms): Op[] {
  const tokens = tokensIn(terms);
  const reader = readers.get(terms) ?? { lexer: new Lexer(tokens.all), parser: new RowParser(tokens) };
  readers.set(terms, reader);
  const { lexer, parser } = reader;
  const lexed = lexer.tokenize(words);
  const [unknown] = lexed.errors;
  if (unknown) throw new Error(`can’t read “${words.slice(unknown.offset, unknown.offset + 24)}” in “${words}”`);
  parser.input = lexed.tokens;
  const row = parser.row();
  const [fault] = parser.errors;
  if (fault) throw new Error(`can’t read “${words}”: ${fault.message}`);
  return row;
}
