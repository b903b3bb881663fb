'use client';

import { useState } from 'react';
import { ChoiceField } from '@/ui/fields';
import { lightNow, setLight, type Light } from '@/ui/theme/light';

const CHOICES: readonly { value: Light; label: string }[] = [
  { value: 'auto', label: 'As this computer has it' },
  { value: 'day', label: 'By day' },
  { value: 'lamp', label: 'By lamp: dark' },
];

/** What the workroom is lit by, in this browser. */
export function LightField() {
  const [light, show] = useState(lightNow);
  return (
    <ChoiceField
      label="Light"
      value={light}
      choices={CHOICES}
      onChange={(value) => {
        setLight(value);
        show(value);
        return [];
      }}
    />
  );
}
