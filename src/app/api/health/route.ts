export const dynamic = 'force-dynamic';

/** Whether Ruelle answers, and which run of it. It reads nothing of hers, so that nothing of hers can keep it from starting. */
export const GET = (): Response => Response.json({ ready: true, run: process.env.RUELLE_RUN ?? null });
