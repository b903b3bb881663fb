export { alternativeFigures, type AlternativeFigures } from './alternativeFigures';
export { alternatives, type Alternative } from './alternatives';
export { hookFigures, type HookFigures } from './hookFigures';
export { gaugesOfYarn, isSameFabric, type HookGauge } from './gaugesOfYarn';
