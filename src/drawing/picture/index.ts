export { lettersFor, pictureOf, type NamedDrawing, type Picture, type PictureLook } from './picture';
export { pictureSvg } from './pictureSvg';
export { PngFile, dotsChunk } from './pngFile';
