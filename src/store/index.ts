export {
  bagIdSchema,
  type BagId,
  type ListedBag,
  type OpenedBag,
  type RefusedSave,
  type WhichBags,
  type StoredBag,
} from './bagRepository';
export { freeName, type KeepResult, type Listed } from './library';
export type { Told } from './makingRepository';
export { holdFile } from './holdFile';
export type { KeptCard } from './reckonedRepository';
export type { Part } from './search';
export { openStore, type Store } from './openStore';
export { StoreTrouble, isStoreTrouble } from './trouble';
