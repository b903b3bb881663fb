import { notFound, redirect } from 'next/navigation';
import { BenchPlace } from '@/ui/bench/BenchPlace';
import { BodyPlace } from '@/ui/body/BodyPlace';
import type { PlaceSlug } from '@/ui/bag/places';
import { CarryPlace } from '@/ui/carry/CarryPlace';
import { ClosuresPlace } from '@/ui/closures/ClosuresPlace';
import { LiningPlace } from '@/ui/lining/LiningPlace';
import { StitchPlace } from '@/ui/stitch/StitchPlace';
import { StoresPlace } from '@/ui/stores/StoresPlace';
import { StrapPlace } from '@/ui/strap/StrapPlace';
import { SwatchPlace } from '@/ui/swatch/SwatchPlace';
import { WriteUpPlace } from '@/ui/writeup/WriteUpPlace';

const SCREENS: Record<PlaceSlug, () => React.ReactNode> = {
  carry: CarryPlace,
  swatch: SwatchPlace,
  stitch: StitchPlace,
  body: BodyPlace,
  strap: StrapPlace,
  closures: ClosuresPlace,
  lining: LiningPlace,
  stores: StoresPlace,
  bench: BenchPlace,
  'write-up': WriteUpPlace,
};

export default async function PlacePage({ params }: { params: Promise<{ id: string; place: string }> }) {
  const { id, place } = await params;
  // What the bench was called before it had a row counter.
  if (place === 'order') redirect(`/bags/${encodeURIComponent(id)}/bench`);
  const Screen = SCREENS[place as PlaceSlug];
  if (!Object.hasOwn(SCREENS, place) || !Screen) notFound();
  return <Screen />;
}
