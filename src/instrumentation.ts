/** Brings the database up to date before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { getStore } = await import('@/server/store');
  await getStore();
}
