import { readFileSync } from 'node:fs';
import { readDesignText } from '@/core/design';
import { planBag } from '@/core/plan';
import { writePattern, patternAsText } from '@/core/wording';
const r=readDesignText(readFileSync(process.argv[2]!,'utf8'));
if(!r.ok){console.log(r.faults);process.exit(1);}
const p=planBag(r.design);
if(!p.ok){console.log(p.problems);process.exit(1);}
console.log(patternAsText(writePattern(r.design, p.plan)));
