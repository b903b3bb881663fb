import { launchBrowser } from './lib/browser.mjs';
const b = await launchBrowser({ flat: true });
const { montage } = await import('/tmp/keep/montage.mjs');
await montage(b, process.argv.slice(3).map((f) => `/tmp/keep/${f}.png`), process.argv[2]);
await b.close();
