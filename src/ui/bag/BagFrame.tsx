'use client';

import { Box, Flex, IconButton, chakra } from '@chakra-ui/react';
import { CircleHelp, Redo2, SlidersHorizontal, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import { figureId } from '@/core/figures';
import { WhyCard } from '@/ui/figures/WhyCard';
import { TextField } from '@/ui/fields';
import { useBag, useBagStore } from './BagProvider';
import { NextLine } from '@/ui/next/NextLine';
import { KeptVersions, type KeptVersion } from './KeptVersions';
import { Notice } from './Notice';
import { SaveMark } from './SaveMark';
import { SaveSlip } from './SaveSlip';
import { SettingsSheet } from './SettingsSheet';
import { ShortcutSheet } from './ShortcutSheet';
import { TapeNav } from './TapeNav';
import { useBagKeys } from './useBagKeys';

const HomeLink = chakra(Link);

/** What stands round every place of a bag: its name, undo, how it is saved, and the tape of places. */
export function BagFrame({ kept, children }: { kept: readonly KeptVersion[]; children: ReactNode }) {
  const [sheet, setSheet] = useState<'keys' | 'settings' | null>(null);
  const name = useBag((state) => state.design.name);
  const undoLabel = useBag((state) => state.history.undo.at(-1)?.label);
  const redoLabel = useBag((state) => state.history.redo.at(-1)?.label);
  const store = useBagStore();
  const path = usePathname();
  const restsAt = useRestsAt(path);
  useBagKeys(() => setSheet('keys'));
  useAskedFromAfar();

  return (
    <Flex direction="column" minH="100vh">
      <a className="skip" href="#place">
        Go to the place
      </a>
      <Flex
        as="header"
        className="onDark"
        bg="drawer"
        color="drawerText"
        px="5"
        py="2"
        gap="4"
        align="center"
        wrap="wrap"
      >
        <HomeLink href="/" fontFamily="heading" fontSize="20px" color="brass" letterSpacing="0.01em">
          ← Shelf
        </HomeLink>
        <Box color="ink" flex="1" minW="14em">
          <TextField
            label="Name of the bag"
            hideLabel
            value={name}
            width="min(24em, 60vw)"
            onChange={(value) => store.getState().edit('Name', [{ path: ['name'], value }])}
          />
        </Box>
        <SaveMark />
        <Flex gap="1">
          <HeaderButton
            label={undoLabel ? `Undo: ${undoLabel}` : 'Nothing to undo'}
            disabled={!undoLabel}
            onClick={() => store.getState().undo()}
          >
            <Undo2 />
          </HeaderButton>
          <HeaderButton
            label={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
            disabled={!redoLabel}
            onClick={() => store.getState().redo()}
          >
            <Redo2 />
          </HeaderButton>
          <HeaderButton label="How you work: units, words, turning chain" onClick={() => setSheet('settings')}>
            <SlidersHorizontal />
          </HeaderButton>
          <HeaderButton label="Keys" onClick={() => setSheet('keys')}>
            <CircleHelp />
          </HeaderButton>
        </Flex>
      </Flex>
      <TapeNav />
      <NextLine />
      <SaveSlip />
      <Notice />
      <KeptVersions versions={kept} />
      <Box
        as="main"
        id="place"
        tabIndex={-1}
        data-at-rest={restsAt === path || undefined}
        outline="none"
        flex="1"
        px={{ base: '3', md: '5' }}
        py="4"
        display="flex"
        flexDirection="column"
      >
        {children}
      </Box>
      <WhyCard />
      <SettingsSheet open={sheet === 'settings'} onClose={() => setSheet(null)} />
      <ShortcutSheet open={sheet === 'keys'} onClose={() => setSheet(null)} />
    </Flex>
  );
}

/** So long after it was opened a place has come to rest, ms. */
const AT_REST_MS = 2500;

/** The place that has come to rest last. */
function useRestsAt(path: string): string | null {
  const [restsAt, setRestsAt] = useState<string | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setRestsAt(path), AT_REST_MS);
    return () => clearTimeout(timer);
  }, [path]);
  return restsAt;
}

/** Opens the why of a number that was asked on the shelf, where there is no plan to answer from. */
function useAskedFromAfar() {
  const store = useBagStore();
  useEffect(() => {
    const address = new URL(window.location.href);
    const figure = address.searchParams.get('why');
    if (figure === null) return;
    address.searchParams.delete('why');
    window.history.replaceState(window.history.state, '', address);
    store.getState().ask({ figure: figureId(figure), x: window.innerWidth / 2, y: window.innerHeight / 4 });
  }, [store]);
}

interface HeaderButtonProps {
  label: string;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}

function HeaderButton({ label, disabled = false, onClick, children }: HeaderButtonProps) {
  return (
    <IconButton
      aria-label={label}
      title={label}
      size="sm"
      variant="ghost"
      color="drawerText"
      _hover={{ bg: 'whiteAlpha.300' }}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </IconButton>
  );
}
