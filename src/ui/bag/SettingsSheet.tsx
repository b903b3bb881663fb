'use client';

import { Box, Stack } from '@chakra-ui/react';
import type { Settings } from '@/core/design';
import { localMemory } from '@/ui/browser/browserMemory';
import { ChoiceField } from '@/ui/fields';
import { useBag, useBagStore } from './BagProvider';
import { LightField } from './LightField';
import { LAST_SETTINGS_KEY } from './lastSettings';
import { Sheet, type SheetProps } from './Sheet';

const CHOICES: {
  [Key in keyof Settings]: { label: string; help?: string; choices: { value: Settings[Key]; label: string }[] };
} = {
  lengthUnit: {
    label: 'Lengths in',
    choices: [
      { value: 'cm', label: 'Centimetres' },
      { value: 'in', label: 'Inches' },
    ],
  },
  terms: {
    label: 'Crochet words',
    help: 'The same word can mean different stitches, so every pattern says its set.',
    choices: [
      { value: 'us', label: 'US (sc, hdc)' },
      { value: 'uk', label: 'UK (dc, htr)' },
    ],
  },
  turningChain: {
    label: 'Turning chain',
    help: 'Changes the first and last stitch of every row, and the starting chain.',
    choices: [
      { value: 'does-not-count', label: 'Does not count as a stitch' },
      { value: 'counts', label: 'Counts as the first stitch' },
    ],
  },
  foundation: {
    label: 'Begin with',
    choices: [
      { value: 'chain', label: 'A starting chain' },
      { value: 'foundation-stitches', label: 'Foundation stitches' },
    ],
  },
  hand: {
    label: 'Working hand',
    help: 'Stitches are counted from the side where row 1 begins.',
    choices: [
      { value: 'right', label: 'Right' },
      { value: 'left', label: 'Left' },
    ],
  },
};

/** The ways a maker works, settled once and kept with the bag. */
export function SettingsSheet(sheet: SheetProps) {
  return (
    <Sheet {...sheet} title="How you work">
      <Stack gap="4">
        {(Object.keys(CHOICES) as (keyof Settings)[]).map((key) => (
          <SettingField key={key} name={key} />
        ))}
        <LightField />
        <Box fontSize="13px" color="inkSoft">
          New bags begin with what you settled here last.
        </Box>
      </Stack>
    </Sheet>
  );
}

function SettingField<Key extends keyof Settings>({ name }: { name: Key }) {
  const value = useBag((state) => state.design.settings[name]);
  const store = useBagStore();
  const { label, help, choices } = CHOICES[name];
  const change = (next: Settings[Key]) => {
    store.getState().edit(label, [{ path: ['settings', name], value: next }]);
    localMemory.set(LAST_SETTINGS_KEY, JSON.stringify(store.getState().design.settings));
  };
  return <ChoiceField label={label} help={help} value={value} choices={choices} onChange={change} width="18em" />;
}
