import type { Design } from '@/core/design';

/** A bag of the shelf as it was saved last; null where it is not there, or can't be reached. */
export async function designOf(id: string): Promise<Design | null> {
  const response = await fetch(`/api/bags/${id}`, { cache: 'no-store' }).catch(() => null);
  if (!response?.ok) return null;
  const bag = (await response.json().catch(() => null)) as { design?: Design } | null;
  return bag?.design ?? null;
}
