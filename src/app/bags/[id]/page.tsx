import { redirect } from 'next/navigation';

/** A bag opens at its body. */
export default async function BagPage({ params }: { params: Promise<{ id: string }> }) {
  redirect(`/bags/${(await params).id}/body`);
}
