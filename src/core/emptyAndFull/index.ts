export { emptyAndFullProblems } from './emptyAndFullProblems';
export { emptyAndFullStage, type EmptyAndFull } from './emptyAndFullStage';
