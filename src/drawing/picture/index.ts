export { pictureOf, type Picture, type PictureLook } from './picture';
export { pictureSvg } from './pictureSvg';
