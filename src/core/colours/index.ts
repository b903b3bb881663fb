export { colourRuns, colourUses, type ColourRun, type ColourUse } from './colourRuns';
