'use client';

import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import { Archive, Copy, FileInput, Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { BagCard } from '@/drawing';
import { DrawerHead } from './DrawerHead';
import { BASIS_WORDS } from '@/core/wording';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { SetAside } from '@/ui/library/SetAside';
import { DrawnBag } from './DrawnBag';
import { EmptyShelf, type FirstPlace } from './EmptyShelf';
import { archiveBag, copyBag, importBag, newBag, newExample, type ShelfPart } from './shelfActions';
import { useShelf } from './useShelf';

const UNREACHED = 'The shelf can’t be reached just now.';

type NewBagPart = typeof import('./NewBag').NewBag;

/** The shelf: every bag as a small true drawing, all to one scale. New bags begin from a small working one. */
export function ShelfView(first: ShelfPart) {
  const router = useRouter();
  const shown = useShelf(first);
  /** Where a bag is begun, while it is: with the starters and the rules that plan them, so it is fetched only then. */
  const [NewBag, setNewBag] = useState<NewBagPart | null>(null);
  const [sentence, setSentence] = useState<string | null>(null);
  const [putAway, setPutAway] = useState<BagCard | null>(null);
  const fileInput = useRef<HTMLInputElement>(null);

  /** Runs an action that answers with a sentence when it was refused. */
  const busy = useRef(false);
  const isLeaving = useRef(false);
  /** Where a new bag is opened first. */
  const firstPlace = useRef<FirstPlace>('carry');
  const [isDropping, setDropping] = useState(false);
  /** One thing at a time: a second click while the first is being done is none. */
  const tell = async (action: () => Promise<string | null>) => {
    if (busy.current) return;
    busy.current = true;
    setSentence(await action());
    busy.current = isLeaving.current;
  };
  const bringIn = (file: File | undefined) => {
    if (file) void tell(async () => openNew(await importBag(file)));
  };
  const begin = async () => {
    const part = await import('./NewBag').catch(() => null);
    if (part === null) return UNREACHED;
    setNewBag(() => part.NewBag);
    return null;
  };
  const reload = async (archived: boolean) => {
    if (!(await shown.show(archived))) setSentence(UNREACHED);
  };
  const openNew = (answer: { id: string } | { sentence: string }): string | null => {
    if ('sentence' in answer) return answer.sentence;
    isLeaving.current = true;
    router.push(`/bags/${answer.id}/${firstPlace.current}`);
    return null;
  };

  const onShelf = shown.cards.length + shown.unreadable.length;

  return (
    <Flex
      direction="column"
      minH="100vh"
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return;
        event.preventDefault();
        setDropping(true);
      }}
      onDragLeave={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setDropping(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setDropping(false);
        bringIn(event.dataTransfer.files[0]);
      }}
      outline={isDropping ? '4px dashed' : undefined}
      outlineColor="brass"
      outlineOffset="-4px"
    >
      <DrawerHead
        title="Ruelle"
        counted={`${shown.total} ${shown.total === 1 ? 'bag' : 'bags'} ${shown.search === '' ? '' : 'found '}${shown.archived ? 'put away' : 'on the shelf'}`}
      >
        <Button
          size="sm"
          bg="brass"
          color="onBrass"
          _hover={{ filter: 'brightness(1.12)' }}
          onClick={() => (NewBag ? setNewBag(null) : void tell(begin))}
          aria-expanded={NewBag !== null}
        >
          <Plus size={16} /> New bag
        </Button>
        <Button
          size="sm"
          variant="outline"
          color="drawerText"
          _hover={{ bg: 'whiteAlpha.300' }}
          onClick={() => fileInput.current?.click()}
        >
          <FileInput size={16} /> Bring a bag in
        </Button>
        <Button
          size="sm"
          variant="outline"
          color="drawerText"
          _hover={{ bg: 'whiteAlpha.300' }}
          onClick={() => reload(!shown.archived)}
        >
          {shown.archived ? 'Back to the shelf' : 'See put-away bags'}
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/swatches" prefetch={false}>
            Swatches
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/stores" prefetch={false}>
            Stores
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/logbook" prefetch={false}>
            Logbook
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/reader" prefetch={false}>
            Reader
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/words" prefetch={false}>
            Words
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" color="drawerText" _hover={{ bg: 'whiteAlpha.300' }}>
          <Link href="/workroom" prefetch={false}>
            Workroom
          </Link>
        </Button>
        <input
          ref={fileInput}
          type="file"
          accept=".json"
          hidden
          aria-label="A bag file"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            bringIn(file);
          }}
        />
      </DrawerHead>

      {isDropping && (
        <Box role="status" bg="brassPale" px="6" py="2">
          Let the file go here, and the bag in it is brought in.
        </Box>
      )}
      {sentence && (
        <Box role="alert" bg="decidePale" borderBottom="3px solid" borderColor="decide" px="6" py="2">
          {sentence}
        </Box>
      )}
      {putAway && (
        <Flex role="status" bg="brassPale" px="6" py="2" gap="3" align="center">
          {putAway.name} is put away.
          <Button
            size="xs"
            variant="outline"
            bg="paper"
            onClick={() =>
              tell(async () => {
                const refused = await archiveBag(putAway.id, false);
                if (refused === null) {
                  setPutAway(null);
                  await reload(false);
                }
                return refused;
              })
            }
          >
            Undo
          </Button>
        </Flex>
      )}

      {NewBag && <NewBag onBegin={(starter, from) => void tell(async () => openNew(await newBag(starter, from)))} />}

      <Box as="main" px="6" py="6" flex="1">
        <SetAside names={shown.unreadable} />
        <LibraryFinder
          part={{
            kept: shown.cards,
            unreadable: shown.unreadable,
            total: shown.total,
            search: shown.search,
            find: shown.find,
          }}
          label="Find a bag"
        />
        {onShelf === 0 && shown.search === '' && (
          <>
            {shown.archived ? (
              <Box fontSize="18px">Nothing is put away.</Box>
            ) : (
              <EmptyShelf
                onExample={() => void tell(async () => openNew(await newExample()))}
                onBegin={(place) => {
                  firstPlace.current = place;
                  void tell(begin);
                }}
              />
            )}
          </>
        )}
        <Grid
          as="ul"
          listStyleType="none"
          templateColumns="repeat(auto-fill, minmax(270px, 1fr))"
          columnGap="0"
          rowGap="8"
        >
          {shown.cards.map((card) => (
            <ShelfBag
              key={card.id}
              card={card}
              onCopy={() =>
                tell(async () => {
                  const refused = await copyBag(card.id);
                  if (refused === null) await reload(false);
                  return refused;
                })
              }
              onArchive={() =>
                tell(async () => {
                  const refused = await archiveBag(card.id, !card.archived);
                  if (refused === null) {
                    if (!card.archived) setPutAway(card);
                    await reload(shown.archived);
                  }
                  return refused;
                })
              }
            />
          ))}
        </Grid>
        {onShelf < shown.total && <MoreBelow onReach={shown.more} count={shown.total - onShelf} />}
      </Box>
    </Flex>
  );
}

function ShelfBag({ card, onCopy, onArchive }: { card: BagCard; onCopy: () => void; onArchive: () => void }) {
  const archive = card.archived ? 'Bring back' : 'Put away';
  return (
    <li className="shelf-bag" data-bag={card.id}>
      <Link href={`/bags/${card.id}/body`} prefetch={false}>
        <div className="shelf-board">
          <DrawnBag card={card} />
        </div>
        <div className="shelf-name">{card.name}</div>
      </Link>
      <div className="shelf-facts">
        <Link
          href={`/bags/${card.id}/body?why=size.width`}
          prefetch={false}
          aria-label={`${card.name}: ${card.sizes}. Why?`}
        >
          {card.sizes}
        </Link>
        {card.basis !== null && <em>{BASIS_WORDS[card.basis]}</em>}
        {card.decisions > 0 && <strong>⚠ {card.decisions} to decide</strong>}
      </div>
      <div className="shelf-actions">
        <button type="button" onClick={onCopy} aria-label={`Copy ${card.name}`}>
          <Copy size={14} /> Copy
        </button>
        <button type="button" onClick={onArchive} aria-label={`${archive} ${card.name}`}>
          <Archive size={14} /> {archive}
        </button>
      </div>
    </li>
  );
}

/** Fetches the next part of the shelf when it comes into sight, or when it is pressed. */
function MoreBelow({ onReach, count }: { onReach: () => Promise<void>; count: number }) {
  const ref = useRef<HTMLButtonElement>(null);
  const reach = useRef(onReach);
  const busy = useRef(false);
  useEffect(() => {
    reach.current = onReach;
  });
  const load = async () => {
    if (busy.current) return;
    busy.current = true;
    await reach.current();
    busy.current = false;
  };
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && void load(), {
      rootMargin: '400px',
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [count]);
  return (
    <Button ref={ref} mt="6" variant="outline" bg="paper" onClick={() => void load()}>
      {count} more below
    </Button>
  );
}
