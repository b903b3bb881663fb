import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { openBag } from '@/server/openBag';
import { BagFrame } from '@/ui/bag/BagFrame';
import { BagProvider } from '@/ui/bag/BagProvider';

interface BagLayoutProps {
  params: Promise<{ id: string }>;
  children: ReactNode;
}

export async function generateMetadata({ params }: BagLayoutProps): Promise<Metadata> {
  const bag = await openBag((await params).id);
  return { title: bag.design.name };
}

/** An open bag. It stays open while she goes from place to place. */
export default async function BagLayout({ params, children }: BagLayoutProps) {
  const bag = await openBag((await params).id);
  return (
    <BagProvider key={bag.id} bag={bag}>
      <BagFrame kept={bag.refused}>{children}</BagFrame>
    </BagProvider>
  );
}
