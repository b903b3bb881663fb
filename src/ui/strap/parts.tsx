'use client';

import type { FieldFault, Strap } from '@/core/design';
import { LengthField } from '@/ui/fields';

/** Makes a change of one strap: its name, where in the strap it is made, and what is there then. */
export type Edit = (change: string, path: (string | number)[], value: unknown) => FieldFault[];

export interface PartProps {
  strap: Strap;
  edit: Edit;
}

interface PartLengthProps {
  label: string;
  change: string;
  path: (string | number)[];
  valueMm: number;
  edit: Edit;
  /** For small parts: millimetres, or hundredths of an inch. */
  fine?: boolean;
}

/** A length of a strap's part, as a field. */
export const PartLength = ({ label, change, path, valueMm, edit, fine = false }: PartLengthProps) => (
  <LengthField
    label={label}
    fine={fine}
    width={fine ? '5em' : '6em'}
    valueMm={valueMm}
    onChange={(mm) => edit(change, path, mm)}
  />
);

/** What can be chosen, in the order in which it is offered. */
export const entries = <Value extends string>(
  labels: Readonly<Record<Value, string>>,
): { value: Value; label: string }[] =>
  (Object.entries(labels) as [Value, string][]).map(([value, label]) => ({ value, label }));
