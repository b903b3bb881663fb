export { LOAD_STATES, loadThicknessMm, type LoadState } from './load';
