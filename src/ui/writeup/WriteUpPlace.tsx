'use client';

import { Box, Button, Flex, Heading, chakra } from '@chakra-ui/react';
import { Copy, Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { patternAsMarkdown, patternAsText, sectionFigures, writePattern } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { ChoiceField } from '@/ui/fields';
import { WhyThese } from '@/ui/figures/WhyThese';
import { DrawingsGroup } from '@/ui/paper/DrawingsGroup';
import { WholePattern } from './WholePattern';
import { NotesField } from './NotesField';
import { downloadBag, downloadText, fileNameOf } from '@/ui/browser/download';

/** The pattern in words, in either set of terms and units; copied, downloaded, and the bag itself as a file. */
export function WriteUpPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const pattern = useMemo(() => writePattern(design, plan), [design, plan]);
  const [told, setTold] = useState('');
  const set = (label: string, key: string, value: string) =>
    store.getState().edit(label, [{ path: ['settings', key], value }]);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(patternAsText(pattern));
      setTold('Copied.');
    } catch {
      setTold('The browser did not let it be copied. Download it instead.');
    }
  };
  const name = fileNameOf(design.name);

  return (
    <Box maxW="62rem" mx="auto" w="full">
      <Flex gap="4" wrap="wrap" align="end" mb="4" className="not-printed">
        <ChoiceField
          label="Crochet words"
          width="9em"
          value={design.settings.terms}
          choices={[
            { value: 'us', label: 'US' },
            { value: 'uk', label: 'UK' },
          ]}
          onChange={(value) => set('Crochet words', 'terms', value)}
        />
        <ChoiceField
          label="Lengths in"
          width="9em"
          value={design.settings.lengthUnit}
          choices={[
            { value: 'cm', label: 'Centimetres' },
            { value: 'in', label: 'Inches' },
          ]}
          onChange={(value) => set('Lengths in', 'lengthUnit', value)}
        />
        <PaperButton onClick={copy}>
          <Copy size={15} /> Copy the text
        </PaperButton>
        <PaperButton onClick={() => downloadText(`${name}.txt`, patternAsText(pattern), 'text/plain')}>
          <Download size={15} /> Text
        </PaperButton>
        <PaperButton onClick={() => downloadText(`${name}.md`, patternAsMarkdown(pattern), 'text/markdown')}>
          <Download size={15} /> Markdown
        </PaperButton>
        <PaperButton onClick={() => downloadBag(design)}>
          <Download size={15} /> The bag as a file
        </PaperButton>
        <Box role="status" fontSize="14px">
          {told}
        </Box>
      </Flex>
      <Box
        as="article"
        bg="paper"
        border="1px solid"
        borderColor="paperEdge"
        px={{ base: '4', md: '10' }}
        py="7"
        data-testid="pattern"
      >
        <Heading as="h1" fontSize="28px" mb="4">
          {pattern.title}
        </Heading>
        {pattern.sections
          .filter(({ id }) => id !== 'notes')
          .map(({ id, heading, lines }) => (
            <Box as="section" key={id} mb="5">
              <Heading as="h2" fontSize="18px" mb="1">
                {heading}
              </Heading>
              {lines.map((line, index) => (
                <chakra.p key={index} maxW="75ch" mb="0.5">
                  {line}
                </chakra.p>
              ))}
              <WhyThese figures={sectionFigures(plan, id)} />
            </Box>
          ))}
        <NotesField />
      </Box>
      <Box mt="5" pb="6" className="not-printed">
        <WholePattern />
        <DrawingsGroup />
      </Box>
    </Box>
  );
}

function PaperButton({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <Button size="sm" variant="outline" bg="paper" borderColor="inkSoft" onClick={onClick}>
      {children}
    </Button>
  );
}
