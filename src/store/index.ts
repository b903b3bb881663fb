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
export type { Told, ToldBag, ToldOf } from './makingRepository';
export {
  MOST_PHOTOS,
  PHOTO_OF,
  photoIdSchema,
  type Photo,
  type PhotoId,
  type PhotoOf,
  type PhotoPlace,
  type Pictures,
} from './photoRepository';
export {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  IS_PATH,
  LIBRARIES,
  LIBRARY_NAMES,
  PATHS,
  besidesSchema,
  manifestSchema,
  photoListSchema,
  readMaking,
  type LibraryName,
  type Manifest,
} from './backup/backupShape';
export type { BackupFile } from './backup/everything';
export type {
  BackupContents,
  BagInBackup,
  KeptInBackup,
  RestoreChanges,
  RestoreLine,
  RestoreWay,
} from './backup/restore';
export { writeWhole } from './photoRepository';
export { holdFile } from './holdFile';
export type { KeptCard } from './reckonedRepository';
export type { Part } from './search';
export { besideFile, openStore, type Store } from './openStore';
export { StoreTrouble, isStoreTrouble } from './trouble';
