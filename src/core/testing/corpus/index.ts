export { handwrittenPatterns } from './handwritten';
export { generatedPattern } from './generated';
export { SEEDED, type Seeded, type WrittenPattern } from './writtenPattern';
