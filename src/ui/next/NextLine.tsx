'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { nextAt, type NextThing } from '@/core/whatNext';
import { nextText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { PLACES, type PlaceSlug } from '@/ui/bag/places';
import { goToSpot } from './nextSpot';
import { useNextThings } from './useNext';

/** The one line of a place: what is most worth doing now, and the way there. */
export function NextLine() {
  const path = usePathname();
  const id = useBag((state) => state.id);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const things = useNextThings();
  const store = useBagStore();
  useSpotAsked(path);
  const here = PLACES.find(({ slug }) => path.endsWith(`/${slug}`))?.slug;
  if (here === undefined) return null;
  const next = nextAt(here, things);
  if (next === null) return <AllPlanned id={id} here={here} />;
  const { says, without } = nextText(next, unit);
  const goWithout = () => store.getState().edit(without ?? '', next.without ?? []);
  const [number, place] = numbered(next.place);
  return (
    <NextStrip isDecision={next.code === 'decide'}>
      <span className="next-says">{says}</span>
      {next.place === here ? (
        <button type="button" className="next-go" onClick={() => goToSpot(spotName(next))}>
          Do it here
        </button>
      ) : (
        <Link className="next-go" href={`/bags/${id}/${next.place}#${spotName(next)}`}>
          Go to {number} {place}
        </Link>
      )}
      {without !== null && (
        <button type="button" className="next-without" onClick={goWithout}>
          {without}
        </button>
      )}
    </NextStrip>
  );
}

/** When nothing is left to plan: the pattern, and the hook. */
function AllPlanned({ id, here }: { id: string; here: PlaceSlug }) {
  return (
    <NextStrip isDecision={false}>
      <span className="next-says">Everything is planned.</span>
      {here !== 'write-up' && (
        <Link className="next-go" href={`/bags/${id}/write-up`}>
          Print its pattern
        </Link>
      )}
      {here !== 'bench' && (
        <Link className="next-go" href={`/bags/${id}/bench`}>
          Begin to work it
        </Link>
      )}
    </NextStrip>
  );
}

function NextStrip({ isDecision, children }: { isDecision: boolean; children: React.ReactNode }) {
  return (
    <section className="next" aria-label="Next" data-severity={isDecision ? 'decide' : undefined}>
      <b>Next</b>
      {children}
    </section>
  );
}

/** What the spot of a thing is called on its place. */
const spotName = ({ code, problem }: NextThing): string => problem?.code ?? code;

function numbered(place: string): [number, string] {
  const index = PLACES.findIndex(({ slug }) => slug === place);
  return [index + 1, PLACES[index]?.name ?? place];
}

/** Goes to the spot that the address names, once a place is there. */
function useSpotAsked(path: string): void {
  useEffect(() => {
    const name = decodeURIComponent(window.location.hash.slice(1));
    return name === '' ? undefined : goToSpot(name);
  }, [path]);
}
