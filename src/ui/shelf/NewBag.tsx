'use client';

import { Box, Flex, Heading, NativeSelect, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import {
  STARTERS,
  USUAL_YARN,
  starterDesign,
  swatchIdSchema,
  type StarterId,
  type Swatch,
  type YarnAndHook,
} from '@/core/design';
import { planBag } from '@/core/plan';
import { YARN_CLASS_LABELS } from '@/core/wording';
import { TypedField } from '@/ui/fields/TypedField';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { useSwatchPart } from '@/ui/swatch/swatchLibrary';
import { clothStyle } from '@/ui/theme/colours';
import { designCard, type DesignCard } from '@/drawing';
import { DrawnBag } from './DrawnBag';
import type { BegunFrom } from './shelfActions';

interface StarterCard extends DesignCard {
  id: StarterId;
}

const STARTER_CARDS: readonly StarterCard[] = STARTERS.map(({ id }) => {
  const design = starterDesign(id, swatchIdSchema.parse('starter'));
  return { ...designCard(design, planBag(design)), id };
});

/** What a bag is begun from: which of her swatches, or none yet, and then the small working bag that comes nearest. */
export function NewBag({ onBegin }: { onBegin: (starter: StarterId, from: BegunFrom) => void }) {
  const part = useSwatchPart();
  const { kept: swatches, loaded, search } = part;
  const [chosen, setChosen] = useState<Swatch['id'] | 'none' | null>(null);
  const [yarn, setYarn] = useState<YarnAndHook>(USUAL_YARN);
  // With nothing to choose from there is nothing to ask.
  const from = chosen ?? (loaded && swatches.length === 0 && search === '' ? 'none' : null);
  return (
    <Box as="section" aria-label="Begin from" bg="counterEdge" px={{ base: '4', md: '6' }} py="4">
      <Heading as="h2" fontSize="18px" mb="2">
        Which of your swatches is it from?
      </Heading>
      <LibraryFinder part={part} label="Find among your swatches" />
      <Flex gap="3" wrap="wrap" role="group" aria-label="Your swatches" mt="2">
        {swatches.map((swatch) => (
          <Choice key={swatch.id} pressed={from === swatch.id} onPress={() => setChosen(swatch.id)}>
            <span
              aria-hidden
              style={{ ...clothStyle(swatch.yarn.colour), width: 18, height: 18, background: 'var(--cloth)' }}
            />
            {swatch.name}
            <Box as="span" color="inkSoft" fontSize="14px">
              {swatch.hookMm} mm
            </Box>
          </Choice>
        ))}
        <Choice pressed={from === 'none'} onPress={() => setChosen('none')}>
          None yet
        </Choice>
      </Flex>
      {from === 'none' && <NoneYet yarn={yarn} onChange={setYarn} />}
      {from !== null && (
        <>
          <Heading as="h2" fontSize="18px" mb="2" mt="5">
            Which is nearest to what you have in mind?
          </Heading>
          <Flex gap="5" wrap="wrap">
            {STARTER_CARDS.map((starter) => (
              <chakra.button
                key={starter.id}
                type="button"
                bg="paper"
                border="1px solid"
                borderColor="paperEdge"
                p="3"
                maxW="100%"
                cursor="pointer"
                _hover={{ borderColor: 'ink' }}
                onClick={() => onBegin(starter.id, from === 'none' ? { yarn } : { swatchId: from })}
              >
                <DrawnBag card={starter} />
                <Box fontFamily="heading" fontWeight={600}>
                  {starter.name}
                </Box>
                <Box fontSize="14px" color="inkSoft">
                  {starter.sizes}
                </Box>
              </chakra.button>
            ))}
          </Flex>
        </>
      )}
    </Box>
  );
}

function Choice({ pressed, onPress, children }: { pressed: boolean; onPress: () => void; children: React.ReactNode }) {
  return (
    <chakra.button
      type="button"
      aria-pressed={pressed}
      display="inline-flex"
      alignItems="center"
      gap="2"
      bg={pressed ? 'brassPale' : 'paper'}
      border="2px solid"
      borderColor={pressed ? 'ink' : 'paperEdge'}
      fontWeight={pressed ? 700 : 500}
      px="3"
      py="1.5"
      cursor="pointer"
      onClick={onPress}
    >
      {children}
    </chakra.button>
  );
}

/** Without a swatch a bag is planned roughly, from the yarn's class and the hook. */
function NoneYet({ yarn, onChange }: { yarn: YarnAndHook; onChange: (yarn: YarnAndHook) => void }) {
  return (
    <Box mt="3">
      <Box mb="2" maxW="70ch">
        Then it is planned roughly, from the yarn’s class and the hook, to ± 15 %, and says so everywhere until you work
        a swatch and measure it.
      </Box>
      <Flex gap="4" wrap="wrap">
        <FieldFrame label="Weight class on the yarn’s label">
          {({ id }) => (
            <NativeSelect.Root size="sm" width="10em">
              <NativeSelect.Field
                id={id}
                bg="paper"
                value={String(yarn.weightClass)}
                onChange={(event) => onChange({ ...yarn, weightClass: Number(event.target.value) })}
              >
                {YARN_CLASS_LABELS.map(({ value, label }) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
        </FieldFrame>
        <TypedField
          label="Hook"
          suffix="mm"
          width="5em"
          shown={String(yarn.hookMm)}
          commit={(text) => {
            const hookMm = Number(text.trim().replace(',', '.'));
            if (!(hookMm >= 0.5 && hookMm <= 30)) return 'Write the hook in mm, from 0.5 to 30.';
            onChange({ ...yarn, hookMm });
            return null;
          }}
        />
      </Flex>
    </Box>
  );
}
