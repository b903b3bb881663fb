export { evenAcross, mirrored } from './evenAcross';
export { alongEdge, beside, edgeSeat, faceSeat, spotAt, type PlacedSpot, type Seat } from './seat';
