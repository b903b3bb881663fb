/** Brings the database up to date before the first request, and closes it when Ruelle is stopped. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { start } = await import('@/server/start');
  await start();
}
