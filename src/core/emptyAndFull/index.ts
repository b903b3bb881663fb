export { emptyAndFullStage, type EmptyAndFull } from './emptyAndFullStage';
