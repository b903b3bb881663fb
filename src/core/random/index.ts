export { nextNormal } from './normal';
export { seededRandom, type Random } from './seededRandom';
