import { Lexer, createToken, type TokenType } from 'chevrotain';
import { STITCH_NAMES } from './vocabulary';

const all: TokenType[] = [];
const token = (name: string, source: string, skipped = false): TokenType => {
  const made = createToken({
    name,
    pattern: new RegExp(source, 'i'),
    line_breaks: skipped,
    ...(skipped ? { group: Lexer.SKIPPED } : {}),
  });
  all.push(made);
  return made;
};
/** A whole word. */
const word = (name: string, source: string): TokenType => token(name, `(?:${source})(?![\\w])`);

/** Chains at the beginning of a row, or their top. */
const TURNING =
  '(?:(?:top|\\d(?:st|nd|rd|th) ch) of )?(?:the )?(?:(?:turning|t|beg(?:inning)?|begin|starting|initial)[ -]ch(?:ain)?(?:[- ]?\\d+)?|tch)|top of (?:the )?(?:first )?ch(?:ain)?[- ]?\\d+';

const names = STITCH_NAMES.map(({ pattern }) => pattern).join('|');

export const T = {
  White: token('White', '\\s+', true),
  /** Which row below is meant changes no count. */
  Besides: token(
    'Besides',
    '(?:and the free loop below it|(?:of|from|on) (?:the )?(?:previous|prev|last|prior) (?:row|round|rnd)|as (?:the )?(?:join(?:ing)?(?: sl st| st(?:itch)?)?|sl st|beg(?:inning)? ch[- ]?\\d*|ch[- ]?\\d+)|(?:with|using) (?:the )?(?:colou?r [a-z]|[a-d]|mc|cc|main colou?r|contrast(?:ing)? colou?r)|(?:evenly )?(?:spaced )?(?:down|up|along) (?:the )?(?:(?:left|right|long|short|next|first|second|upper|lower) )*(?:sides?|edges?|bottom|top|row ends?)|evenly|(?:two|three|one|2|3|1) (?:rows?|rounds?|rnds?) below)(?![\\w])',
    true,
  ),
  RepFrom: token(
    'RepFrom',
    '(?:rep(?:eat)?s?|continue)\\.?\\s*(?:instructions? |the )?(?:from|between|bet)?\\s*(?:first )?\\*+(?:\\s*(?:to|and)\\s*\\*+)?',
  ),
  /** “inc*6”: so many times. */
  StarTimes: token('StarTimes', '\\*\\s?\\d+(?=\\s*(?:[,;.)\\]\\[(]|$))'),
  Star: token('Star', '\\*+'),
  Open: token('Open', '[\\[({]'),
  Close: token('Close', '[\\])}]'),
  Comma: token('Comma', '[,;.:]'),
  OtherSide: word(
    'OtherSide',
    '(?:now )?(?:(?:work(?:ing)?|turn(?:ing)?|continu(?:e|ing)|rotate(?: work)?)(?: and)?(?: work(?:ing)?)? )?(?:(?:back )?(?:along|on|in|into|down|across) )?(?:the )?(?:opposite|other|free) (?:side|loops?|edge)s?(?: of (?:the )?(?:foundation |starting |beginning |base )?ch(?:ain)?s?)?',
  ),
  Leave: word(
    'Leave',
    'leav(?:e|ing) (?:the )?(?:(?:last|rem(?:aining)?\\.?|next|rest(?: of)?)\\s*)*(?:the )?(\\d+|one|two|three|four|five|six)?\\s*(?:rem(?:aining)? )?(?:sts?|stitch(?:es)?|chs?)?\\s*(?:sts? )?unworked',
  ),
  Off: word('Off', '(?:fasten|finish|break|cut)(?: the)?(?: yarn)?(?: off)?(?: (?:the )?yarn)?|f\\.?o\\.?'),
  NoJoin: word('NoJoin', '(?:do not|don.t|without) (?:join|turn)(?:ing)?(?: and (?:do not |don.t )?turn)?'),
  Turning: word('Turning', TURNING),
  Space: word(
    'Space',
    'corner (?:ch[- ]?\\d*[- ]?)?sp(?:ace)?s?|ch(?:ain)?s?[- ]?\\d*[- ]?(?:sp(?:ace)?s?|loops?|lps?)|sp(?:ace)?s?',
  ),
  Ring: word(
    'Ring',
    '(?:magic|adjustable|slip)[- ](?:ring|circle|loop|knot)|m\\.?r\\.?|m\\.?c\\.?|ring|circle|(?<=in(?:to)? (?:the )?)loop',
  ),
  Loop: word(
    'Loop',
    '(?:in|into|through|thru|working in)? ?(?:the )?(?:back|front|third|both)[- ]?(?:loops?|lps?)(?: only)?(?: of)?|[bf]lo|tbl|tfl|in [bf]l(?: only)?(?: of)?',
  ),
  FromHook: word('FromHook', 'from (?:the )?(?:hook|hk)'),
  Together: token('Together', `(?:${names})\\s?\\d+\\s?tog(?:ether)?(?![\\w])`),
  Foundation: token('Foundation', 'foundation(?![\\w])|f(?=(?:sc|hdc|dc|htr|tr)s?(?![a-z]))'),
  Post: token('Post', `(?:front|back)[- ]post[- ]?|[fb]p(?=[a-z])|raised(?= )|spike(?= (?:${names})(?![\\w]))`),
  Stitch: token('Stitch', `(?:${names})(?![\\w])`),
  /** Words that a text defines for itself: their kind is put in place of a word that is not known. */
  Own: word('Own', '\\u0001'),
  Increase: word('Increase', 'inc(?:rease)?s?|incr'),
  Decrease: word('Decrease', '(?:inv(?:isible)?[- ]?)?dec(?:rease)?s?|inv[- ]?dec|decr'),
  Ordinal: word('Ordinal', '\\d+(?:st|nd|rd|th)|second|third|fourth|fifth|sixth'),
  Chain: token('Chain', 'ch(?:ain)?s?(?:-(?=\\d))?(?![a-z])'),
  St: token('St', '(?:corners?(?: st(?:itch)?)?|st(?:s|itch(?:es)?)?)(?![\\w])'),
  MoreTimes: token(
    'MoreTimes',
    '(?:\\d+|one|two|three|four|five|six|seven|eight|nine|ten)\\s+(?:more times?|times? more)(?![\\w])',
  ),
  Times: token(
    'Times',
    '(?:\\d+|two|three|four|five|six|seven|eight|nine|ten)\\s+times?(?: in (?:all|total))?(?![\\w])|[x×] ?\\d+(?![\\w])|\\d+ ?[x×](?![\\w])',
  ),
  Once: word('Once', '(?:once|one time|twice|two times|thrice)(?: more)?'),
  ToLast: word(
    'ToLast',
    '(?:across |around |until |up )?(?:to|until|till|before) (?:the |within )?(?:last|final)|to within|(?:until|to)(?= \\d+ (?:sts?|chs?) (?:rem|remain|left))',
  ),
  Around: word(
    'Around',
    '(?:around|round|about)(?= (?:the )?(?:posts? )?(?:of )?(?:the )?(?:next|each|same|post|first|last|previous))',
  ),
  ToEnd: word(
    'ToEnd',
    '(?:all )?(?:the )?(?:way )?(?:across|around|along)(?: (?:the )?(?:row|round|rnd|chain|ch|ring))?|(?:to|until|till) (?:the )?end(?: of (?:the )?(?:row|round|rnd|chain|ch))?|to end',
  ),
  Each: word('Each', 'each|every|ea'),
  Next: word('Next', 'next|following|foll?'),
  Last: word('Last', 'last|final|remain(?:s|ing)?|rem'),
  First: word('First', 'first'),
  Same: word('Same', 'same'),
  Beginning: token(
    'Beginning',
    '(?:beginning|starting|begin|start) (?=in(?:to)? (?:the )?(?:\\d|second|third|fourth|fifth))',
  ),
  Skip: word('Skip', 'sk(?:ip)?|miss'),
  Join: word('Join', 'join(?:ed|ing)?|to close|close(?:d)?(?= (?:the )?(?:round|rnd|ring))'),
  Turn: word('Turn', 'turn(?: (?:the )?work)?'),
  In: word('In', 'in(?:to)?|over|through|thru|round'),
  And: word('And', 'and|&|then'),
  With: word('With', 'with|to|at'),
  Filler: token(
    'Filler',
    '(?:(?:row|round|rnd)s? below|the|an?|of|your|work(?:ed)?|working|make|evenly|posts?|across from|but|also|now|only|st\\.)(?![\\w])',
    true,
  ),
  Number: token(
    'Number',
    '\\d+(?![\\w])|\\d+(?=(?:sc|hdc|dc|htr|tr|inc|dec|ch)\\b)|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?![\\w])',
  ),
  Dash: token('Dash', '[-–—=+/"“”’\'!?&]+', true),
  Word: token('Word', "[A-Za-z\u00c0-\uffff][A-Za-z0-9\u00c0-\uffff_’'-]*"),
  Other: token('Other', '[^\\s]'),
} as const;

/** In the order in which they are tried. */
export const TOKENS: readonly TokenType[] = all;

const NUMBERS: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ eleven: 11, twelve: 12, once: 1, twice: 2, thrice: 3, second: 2, third: 3, fourth: 4, fifth: 5, sixth: 6 },
};

/**
 * The number in a piece of text, in digits or in a word.
 *
 * @example
 * numberIn('3 more times') // => 3
 * numberIn('twice') // => 2
 */
export function numberIn(text: string): number {
  const digits = /\d+/.exec(text);
  if (digits) return Math.min(Number(digits[0]), 1e7);
  const found = text
    .toLowerCase()
    .split(/[^a-z]+/)
    .map((one) => NUMBERS[one])
    .find((one) => one !== undefined);
  return found ?? 1;
}
