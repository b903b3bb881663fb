import { notFound } from 'next/navigation';
import { BodyPlace } from '@/ui/body/BodyPlace';
import type { PlaceSlug } from '@/ui/bag/places';
import { CarryPlace } from '@/ui/carry/CarryPlace';
import { ClosuresPlace } from '@/ui/closures/ClosuresPlace';
import { LiningPlace } from '@/ui/lining/LiningPlace';
import { OrderPlace } from '@/ui/order/OrderPlace';
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
  order: OrderPlace,
  'write-up': WriteUpPlace,
};

export default async function PlacePage({ params }: { params: Promise<{ place: string }> }) {
  const { place } = await params;
  const Screen = SCREENS[place as PlaceSlug];
  if (!Object.hasOwn(SCREENS, place) || !Screen) notFound();
  return <Screen />;
}
