export const dynamic = 'force-dynamic';

/** Whether Ruelle answers. It reads nothing of hers, so that nothing of hers can keep it from starting. */
export const GET = (): Response => Response.json({ ready: true });
