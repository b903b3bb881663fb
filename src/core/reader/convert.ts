import { eighths, lengthInMm } from './lengths';

const LENGTHS =
  /(\d{1,4}(?:[.,]\d{1,2})?(?:\s*[½¼¾⅛⅜⅝⅞]|\s+\d\/\d)?|[½¼¾])(\s*-?\s*)(cm|inch(?:es)?|in(?=[\s.,;:)]|$)|"|”)/gi;
/**
 * The lengths of a text in the other unit; hooks keep their millimetres, and all else its words.
 *
 * @example
 * convertLengths('24 cm wide, on a 5 mm hook', 'in') // => '9 ½ in wide, on a 5 mm hook'
 * convertLengths('4 ½ in wide', 'cm') // => '11.4 cm wide'
 */
export const convertLengths = (text: string, to: 'cm' | 'in'): string =>
  text.replace(LENGTHS, (whole, number: string, _gap: string, unit: string) => {
    const isCm = unit.toLowerCase() === 'cm';
    if (isCm === (to === 'cm')) return whole;
    const mm = lengthInMm(number, unit);
    return to === 'cm' ? `${Math.round(mm) / 10} cm` : `${eighths(mm)} in`;
  });
