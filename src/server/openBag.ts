import { notFound } from 'next/navigation';
import { bagIdSchema } from '@/store';
import { getStore } from './store';

/** The bag that a page is of. Where there is none, the page is that of what isn’t found. */
export async function openBag(idText: string) {
  const id = bagIdSchema.safeParse(idText);
  const bag = id.success ? await (await getStore()).bags.open(id.data) : null;
  if (!bag) notFound();
  return bag;
}
