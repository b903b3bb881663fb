/** A number as patterns have it: "26", "12.5", "4¾", "½"; none that is part of a word, such as sc2tog. A regular expression, flag u. */
export const NUMBER = String.raw`(?<![\p{L}\p{N}])(?:\d+(?:[.,]\d+)*[¼½¾⅛⅜⅝⅞]?|[¼½¾⅛⅜⅝⅞])(?!\p{L})`;

/** What may differ from size to size in a line, in any language: a number, an ordinal, and words that go with one. A regular expression, flag u. */
export const BY_SIZE = String.raw`once more|\d+ more times|\d+ (?:balls?|rows?|rounds?|stitch(?:es)?|sts?|chains?|times?)\b|\d+(?:st|nd|rd|th|ª)\b|ancora una volta|altre \d+ volte|${NUMBER}`;
