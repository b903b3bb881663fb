export { heldMm, readCalliperLine } from './calliper';
export { GENERIC_SIZES, genericSizesOf, type PieceSizes } from './genericSizes';
export {
  fittingNotions,
  isOfSizes,
  notionIdSchema,
  notionSchema,
  priceSchema,
  sizesEdits,
  sizesOf,
  type Notion,
  type NotionId,
} from './notion';
export {
  SIZE_FIELDS,
  isSamePiece,
  sizeFieldsOf,
  type NotionGroup,
  type NotionKind,
  type SizeField,
} from './sizeFields';
