// The scores below which the reader may not fall.
import { KINDS } from './score.mjs';

/** The scores of libraries as floors: how many facts of each kind were read right, of how many. */
export function floorsOf(rows) {
  return Object.fromEntries(
    rows.map(({ name, counts }) => [
      name,
      Object.fromEntries(
        KINDS.filter((kind) => counts[kind].of > 0).map((kind) => [
          kind,
          `${counts[kind].right} of ${counts[kind].of}`,
        ]),
      ),
    ]),
  );
}

/** What is below its floor, a line for each. Where the number of facts is another, the parts that are right are compared. */
export function belowFloors(rows, floors) {
  return rows.flatMap(({ name, counts }) =>
    Object.entries(floors[name] ?? {}).flatMap(([kind, floor]) => {
      const [right, of] = floor.split(' of ').map(Number);
      const now = counts[kind];
      const isBelow = now.right * of < right * now.of || (now.of === 0 && of > 0);
      return isBelow ? [`${name}: ${kind} fell to ${now.right} of ${now.of}; the floor is ${floor}`] : [];
    }),
  );
}
