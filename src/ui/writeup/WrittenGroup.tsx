'use client';

import type { Design } from '@/core/design';
import { LANGUAGES, LANGUAGE_IDS, type LanguageId } from '@/core/language';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';

type Terms = Design['settings']['terms'];
type Words = Terms | LanguageId;
type Lengths = 'cm' | 'in' | 'cm-in' | 'in-cm';

const isTerms = (words: Words): words is Terms => words === 'us' || words === 'uk';

/** In whose words, how full, and in which units the pattern is written. */
export function WrittenGroup() {
  const { settings, written } = useBag((state) => state.design);
  const store = useBagStore();
  const edit = (label: string, edits: readonly (readonly [path: string[], value: string])[]) =>
    store.getState().edit(
      label,
      edits.map(([path, value]) => ({ path, value })),
    );
  const words: Words = written.language === 'en' ? settings.terms : written.language;
  const lengths: Lengths =
    written.lengths === 'one' ? settings.lengthUnit : settings.lengthUnit === 'cm' ? 'cm-in' : 'in-cm';
  return (
    <Group title="How it is written">
      <Row>
        <ChoiceField
          label="Crochet words"
          width="9em"
          value={words}
          choices={[
            { value: 'us' as Words, label: 'US' },
            { value: 'uk', label: 'UK' },
            ...LANGUAGE_IDS.map((id) => ({ value: id as Words, label: LANGUAGES[id].name })),
          ]}
          onChange={(chosen) =>
            edit(
              'Crochet words',
              isTerms(chosen)
                ? [
                    [['settings', 'terms'], chosen],
                    [['written', 'language'], 'en'],
                  ]
                : [[['written', 'language'], chosen]],
            )
          }
        />
        <ChoiceField
          label="Stitches"
          width="10em"
          value={written.words}
          choices={[
            { value: 'short', label: 'Short words' },
            { value: 'spelled-out', label: 'Spelled out' },
          ]}
          onChange={(value) => edit('Stitches short or spelled out', [[['written', 'words'], value]])}
        />
        <ChoiceField
          label="Lengths in"
          width="10em"
          value={lengths}
          choices={[
            { value: 'cm' as Lengths, label: 'Centimetres' },
            { value: 'in', label: 'Inches' },
            { value: 'cm-in', label: 'cm, then inches' },
            { value: 'in-cm', label: 'inches, then cm' },
          ]}
          onChange={(value) =>
            edit('Lengths in', [
              [['settings', 'lengthUnit'], value.slice(0, 2)],
              [['written', 'lengths'], value.includes('-') ? 'both' : 'one'],
            ])
          }
        />
      </Row>
    </Group>
  );
}
