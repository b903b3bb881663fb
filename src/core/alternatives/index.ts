export { alternativeFigures, type AlternativeFigures } from './alternativeFigures';
export { alternatives, isSameFabric, type Alternative } from './alternatives';
export { hookFigures, type HookFigures } from './hookFigures';
