'use client';

import { Box, Button, Flex, Grid, Heading, Stack, chakra } from '@chakra-ui/react';
import { Copy, Download } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { patternAsMarkdown, patternAsText, sectionFigures, writtenPattern } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { WhyThese } from '@/ui/figures/WhyThese';
import { FIRST } from '@/drawing/pages';
import { Group } from '@/ui/bag/PlaceLayout';
import { PictureOffer } from '@/ui/picture/PictureOffer';
import { DrawingsGroup } from '@/ui/paper/DrawingsGroup';
import { WholePattern } from './WholePattern';
import { drawnFigures } from './drawnFigures';
import { NotesField } from './NotesField';
import { PatternFigures } from './PatternFigures';
import { SizesGroup } from './SizesGroup';
import { TestersGroup } from './TestersGroup';
import { WrittenGroup } from './WrittenGroup';
import { downloadBag, downloadText, fileNameOf } from '@/ui/browser/download';

/** The pattern in words, as she wants it written; copied, downloaded, and the bag itself as a file. */
export function WriteUpPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const [late, latePlan] = [useDeferredValue(design), useDeferredValue(plan)];
  const pattern = useMemo(() => writtenPattern(late, latePlan), [late, latePlan]);
  const figures = useMemo(() => drawnFigures(late, latePlan), [late, latePlan]);
  const [told, setTold] = useState('');
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
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 27fr) minmax(0, 23fr)' }}
      gap="5"
      className="write-up"
    >
      <Flex gap="3" wrap="wrap" align="end" gridColumn="1 / -1" className="not-printed">
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
      {/* It stays beside the pattern, however long that is; on a phone it comes before it, there and in the page, so that nothing jumps as that comes in. */}
      <Box gridColumn={{ lg: 2 }} gridRow={{ lg: 2 }} className="not-printed">
        <Stack
          gap="4"
          pb={{ base: '0', lg: '6' }}
          position={{ lg: 'sticky' }}
          top="12px"
          maxH={{ lg: 'calc(100vh - 24px)' }}
          overflowY={{ lg: 'auto' }}
          p="5px"
          m="-5px"
        >
          <WholePattern />
          <WrittenGroup />
          <SizesGroup />
          <Group title="A picture of the finished bag">
            <PictureOffer />
          </Group>
          <DrawingsGroup />
          <TestersGroup />
        </Stack>
      </Box>
      <Box
        as="article"
        gridColumn={{ lg: 1 }}
        gridRow={{ lg: 2 }}
        className="by-day"
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
              {id === FIRST && <PatternFigures figures={figures} of={id} />}
              <Heading as="h2" fontSize="18px" mb="1">
                {heading}
              </Heading>
              {id !== FIRST && <PatternFigures figures={figures} of={id} />}
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
    </Grid>
  );
}

function PaperButton({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <Button size="sm" variant="outline" bg="paper" borderColor="inkSoft" onClick={onClick}>
      {children}
    </Button>
  );
}
