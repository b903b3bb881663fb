'use client';

import { Button, NativeSelect } from '@chakra-ui/react';
import type { FieldFault } from '@/core/design';
import { MM_PER_INCH, bareMass, formatLength, massUnitOf, parseLength, parseMass, type LengthUnit } from '@/core/units';
import { faultSentence } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import type { WordId } from '@/core/wording';
import { FieldFrame } from './FieldFrame';
import { TypedField } from './TypedField';

interface CommonProps {
  label: string;
  help?: string;
  hideLabel?: boolean;
  /** A word of the trade that the label uses. */
  word?: WordId;
  width?: string;
}

interface LengthFieldProps extends CommonProps {
  /** Null while it is not known: the field is empty. */
  valueMm: number | null;
  /** What stands in the empty field. */
  empty?: string;
  /** What leaving the field empty does, where it may be. */
  onClear?: () => FieldFault[];
  /** For thicknesses and closures: millimetres, or hundredths of an inch. */
  fine?: boolean;
  onChange: (mm: number) => FieldFault[];
}

/** A length in the maker's unit. Any way of writing it is read: "21,5", "8 1/2 in", "215 mm". */
export function LengthField({ valueMm, fine = false, onChange, onClear, empty, ...frame }: LengthFieldProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const bareUnit = fine && unit === 'cm' ? 'mm' : unit;
  const commit = (text: string): string | null => {
    const parsed = parseLength(text, bareUnit);
    if (parsed.ok) return firstSentence(onChange(parsed.mm), unit);
    if (parsed.code === 'empty') return onClear ? firstSentence(onClear(), unit) : 'Write a length here.';
    return unit === 'cm' ? 'Write a length, such as 21.5 or 215 mm.' : 'Write a length, such as 8 1/2 or 8.5.';
  };
  return (
    <TypedField
      {...frame}
      shown={valueMm === null ? '' : shownLength(valueMm, unit, fine)}
      suffix={bareUnit}
      placeholder={empty}
      commit={commit}
    />
  );
}

function shownLength(mm: number, unit: LengthUnit, fine: boolean): string {
  if (!fine) return formatLength(mm, unit, { bare: true, plain: true });
  return String(Math.round((unit === 'cm' ? mm : mm / MM_PER_INCH) * 100) / 100);
}

interface NumberFieldProps extends CommonProps {
  /** Null while it is not known: the field is empty. */
  value: number | null;
  empty?: string;
  onClear?: () => FieldFault[];
  suffix?: string;
  onChange: (value: number) => FieldFault[];
}

/** A count, a mass, or another plain number. A comma is read as a point. */
export function NumberField({ value, suffix, onChange, onClear, empty, ...frame }: NumberFieldProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const commit = (text: string): string | null => {
    const number = Number(text.trim().replace(',', '.'));
    if (text.trim() === '' && onClear) return firstSentence(onClear(), unit);
    if (text.trim() === '' || !Number.isFinite(number)) return 'Write a number here.';
    return firstSentence(onChange(number), unit);
  };
  return (
    <TypedField
      {...frame}
      shown={value === null ? '' : String(Math.round(value * 1000) / 1000)}
      suffix={suffix}
      placeholder={empty}
      commit={commit}
    />
  );
}

interface MassFieldProps extends CommonProps {
  /** Null while it is not known: the field is empty. */
  valueG: number | null;
  empty?: string;
  onClear?: () => FieldFault[];
  onChange: (massG: number) => FieldFault[];
}

/** A mass: in grams, or beside inches in ounces. Either way of writing it is read: "54", "54 g", "1.9 oz". */
export function MassField({ valueG, onChange, onClear, empty, ...frame }: MassFieldProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const commit = (text: string): string | null => {
    const parsed = parseMass(text, unit);
    if (parsed.ok) return firstSentence(onChange(parsed.massG), unit);
    if (parsed.code === 'empty' && onClear) return firstSentence(onClear(), unit);
    return unit === 'cm' ? 'Write a mass, such as 54 or 1.9 oz.' : 'Write a mass, such as 1.9 or 54 g.';
  };
  return (
    <TypedField
      {...frame}
      shown={valueG === null ? '' : bareMass(valueG, unit)}
      suffix={massUnitOf(unit)}
      placeholder={empty}
      commit={commit}
    />
  );
}

interface TextFieldProps extends CommonProps {
  value: string;
  onChange: (value: string) => FieldFault[];
}

/** A name or a few words. */
export function TextField({ value, onChange, ...frame }: TextFieldProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  return <TypedField {...frame} shown={value} commit={(text) => firstSentence(onChange(text), unit)} />;
}

interface ChoiceFieldProps<T extends string> extends CommonProps {
  value: T;
  choices: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
}

/** One of a few choices. */
export function ChoiceField<T extends string>({
  label,
  help,
  hideLabel,
  value,
  choices,
  onChange,
  width = '13em',
  word,
}: ChoiceFieldProps<T>) {
  return (
    <FieldFrame label={label} help={help} hideLabel={hideLabel} word={word}>
      {({ id, describedBy }) => (
        <NativeSelect.Root size="sm" width={width}>
          <NativeSelect.Field
            id={id}
            aria-describedby={describedBy}
            value={value}
            onChange={(event) => onChange(event.target.value as T)}
            bg="paper"
            borderColor="counterEdge"
            fontSize="15px"
          >
            {choices.map((choice) => (
              <option key={choice.value} value={choice.value}>
                {choice.label}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
    </FieldFrame>
  );
}

/** Puts a part of the bag on, or takes it off. */
export function AddOrTake({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <Button size="xs" variant="outline" bg="paper" onClick={onClick}>
      {label}
    </Button>
  );
}

function firstSentence(faults: readonly FieldFault[], unit: LengthUnit): string | null {
  const [first] = faults;
  return first ? faultSentence(first, unit) : null;
}
