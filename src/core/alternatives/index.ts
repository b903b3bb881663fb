export { alternativeFigures } from './alternativeFigures';
export { alternatives, type Alternative } from './alternatives';
export { hookFigures } from './hookFigures';
export { gaugesOfYarn, isSameFabric, type HookGauge } from './gaugesOfYarn';
