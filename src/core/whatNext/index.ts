export { PLACES_IN_ORDER, isDoneAt, nextAt, nextThings, lastWayOut, type NextCode, type NextThing } from './whatNext';
