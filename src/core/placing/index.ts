export { evenAcross, mirrored } from './evenAcross';
export { placesAcross } from './placesAcross';
export { alongEdge, beside, edgeSeat, faceSeat, spotAt, type PlacedSpot, type Seat } from './seat';
