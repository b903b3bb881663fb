'use client';

import { bareMass, formatLength, massUnitOf, parseLength, parseMass, type LengthUnit } from '@/core/units';
import { TypedField } from '@/ui/fields/TypedField';

interface TypedMeasureProps {
  label: string;
  help?: string;
  onChange: (value: number | null) => void;
}

const LEAST_MM = 5;

/** A length that is typed and kept only when all of what stands beside it is; it may be left out. */
export const TypedLength = ({
  label,
  help,
  unit,
  valueMm,
  mostMm,
  onChange,
}: TypedMeasureProps & { unit: LengthUnit; valueMm: number | null; mostMm: number }) => (
  <TypedField
    label={label}
    suffix={unit}
    help={help}
    shown={valueMm === null ? '' : formatLength(valueMm, unit, { bare: true, plain: true })}
    commit={(text) => {
      if (text.trim() === '') return said(onChange, null);
      const read = parseLength(text, unit);
      if (!read.ok) return 'Write a length, such as 12.4 or 124 mm.';
      if (read.mm < LEAST_MM || read.mm > mostMm)
        return `Write from ${formatLength(LEAST_MM, unit)} to ${formatLength(mostMm, unit)}.`;
      return said(onChange, read.mm);
    }}
  />
);

/** A mass that is typed likewise. */
export const TypedMass = ({
  label,
  help,
  unit,
  valueG,
  mostG,
  isNoughtToo,
  onChange,
}: TypedMeasureProps & { unit: LengthUnit; valueG: number | null; mostG: number; isNoughtToo: boolean }) => (
  <TypedField
    label={label}
    suffix={massUnitOf(unit)}
    help={help}
    shown={valueG === null ? '' : bareMass(valueG, unit)}
    commit={(text) => {
      if (text.trim() === '') return said(onChange, null);
      const read = parseMass(text, unit);
      const isTaken = read.ok && read.massG <= mostG && (isNoughtToo ? read.massG >= 0 : read.massG > 0);
      return isTaken
        ? said(onChange, read.massG)
        : `Write a mass in ${massUnitOf(unit)}${isNoughtToo ? '' : ', more than nought'}.`;
    }}
  />
);

/** A number that is typed likewise. */
export const TypedNumber = ({
  label,
  help,
  suffix,
  value,
  most,
  isNoughtToo,
  what,
  onChange,
}: TypedMeasureProps & {
  suffix: string;
  value: number | null;
  most: number;
  isNoughtToo: boolean;
  /** What is to be written, as in “Write a mass in g”. */
  what: string;
}) => (
  <TypedField
    label={label}
    suffix={suffix}
    help={help}
    shown={value === null ? '' : String(value)}
    commit={(text) => {
      const plain = text.trim().replace(',', '.');
      if (plain === '') return said(onChange, null);
      const read = Number(plain);
      const isTaken = Number.isFinite(read) && read <= most && (isNoughtToo ? read >= 0 : read > 0);
      return isTaken ? said(onChange, read) : `Write ${what}${isNoughtToo ? '' : ', more than nought'}.`;
    }}
  />
);

function said(onChange: (value: number | null) => void, value: number | null): null {
  onChange(value);
  return null;
}
