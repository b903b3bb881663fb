export { evenAcross, mirrored } from './evenAcross';
export { placesAcross } from './placesAcross';
export { alongEdge, backEndOf, beside, edgeSeat, faceSeat, spotAt, type PlacedSpot, type Seat } from './seat';
export { wallPlace, type WallPlace } from './wallPlace';
