import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { bagIdSchema } from '@/store';
import { getStore } from '@/server/store';
import { BagFrame } from '@/ui/bag/BagFrame';
import { BagProvider } from '@/ui/bag/BagProvider';

interface BagLayoutProps {
  params: Promise<{ id: string }>;
  children: ReactNode;
}

async function openBag(idText: string) {
  const id = bagIdSchema.safeParse(idText);
  const bag = id.success ? await (await getStore()).bags.open(id.data) : null;
  if (!bag) notFound();
  return bag;
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
