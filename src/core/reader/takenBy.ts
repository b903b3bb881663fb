import type { Instruction } from './instruction';
import type { OwnWords } from './workedRow';

/** Places that instructions take, as far as they say so; what goes on to the end is none of it. */
export function takenByAll(items: readonly Instruction[], own: OwnWords): number {
  let takes = 0;
  for (const [index, item] of items.entries()) {
    switch (item.do) {
      case 'work': {
        // “sl st to join”
        if (item.stitch.word === 'slst' && items[index + 1]?.do === 'join') return takes;
        const { which, count, noun } = item.place;
        if (noun === 'sp') break;
        if (item.stitch.word === 'slst' && which !== 'next' && which !== 'last') break;
        if (which === 'turning') takes += 1;
        else if (which === 'next' || which === 'last')
          takes +=
            own.get(item.stitch.word)?.takes ?? (item.stitch.over > 1 ? Math.max(count, item.stitch.over) : count);
        break;
      }
      case 'increase':
        takes += item.place.which === 'next' || item.place.which === 'last' ? item.place.count : 0;
        break;
      case 'decrease':
        takes += item.place.which === 'next' || item.place.which === 'last' ? Math.max(2, item.place.count) : 0;
        break;
      case 'skip':
        takes += item.place.noun === 'sp' ? 0 : item.place.count;
        break;
      case 'into':
        takes +=
          item.place.noun !== 'sp' && (item.place.which === 'next' || item.place.which === 'last')
            ? item.place.count
            : 0;
        break;
      case 'repeat':
        if (item.until.is !== 'times') return takes;
        takes += Math.min(item.until.times, 1e6) * takenByAll(item.items, own);
        break;
      case 'leave':
        takes += item.count ?? 0;
        break;
      case 'turn':
      case 'join':
        return takes;
      default:
        break;
    }
  }
  return takes;
}

/** Chain spaces that instructions go into, as far as they say how many. */
export const spacesTaken = (items: readonly Instruction[]): number =>
  items.reduce(
    (sum, item) =>
      sum + ((item.do === 'work' || item.do === 'into') && item.place.noun === 'sp' ? item.place.count || 1 : 0),
    0,
  );
/** Whether any of them goes into a chain space. */
export const needsSpace = (items: readonly Instruction[]): boolean =>
  items.some(
    (item) =>
      ((item.do === 'work' || item.do === 'into') && item.place.noun === 'sp') ||
      (item.do === 'repeat' && needsSpace(item.items)),
  );
