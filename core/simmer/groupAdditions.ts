/** A thing with the span of simmering time that it stands, in seconds before everything is lifted out. */
export interface Timed {
  leastS: number;
  bestS: number;
  mostS: number;
}

export interface AdditionGroup<T extends Timed> {
  /** Simmering time of everything in the group, in seconds. */
  cookS: number;
  members: T[];
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));

/** The time that suits all of them best where they cannot be parted: the longest least before the shortest most. */
export function timeOfAll(members: readonly Timed[]): number {
  const low = Math.max(...members.map((one) => one.leastS));
  return Math.max(low, timeOf(members));
}

function timeOf(members: readonly Timed[]): number {
  const low = Math.max(...members.map((one) => one.leastS));
  const high = Math.min(...members.map((one) => one.mostS));
  // A narrow window pulls harder than a wide one.
  const weights = members.map((one) => 1 / (one.mostS - one.leastS + 1) ** 2);
  const mean =
    members.reduce((sum, one, index) => sum + one.bestS * (weights[index] as number), 0) /
    weights.reduce((sum, weight) => sum + weight, 0);
  return clamp(mean, low, high);
}

/**
 * The fewest groups in which every thing still gets a time inside its own window.
 *
 * Least number: piercing intervals. Taking the window that closes first and piercing it where it closes is optimal.
 * After that each thing moves to the group nearest its best time, which never adds a group.
 * @param things at least one
 * @returns groups from the longest simmering time to the shortest
 * @example groupAdditions([radish, carrot, greens]).map((group) => group.cookS) // [600, 45]
 */
export function groupAdditions<T extends Timed>(things: readonly T[]): AdditionGroup<T>[] {
  const byClosing = [...things].sort((a, b) => a.mostS - b.mostS);
  let groups: AdditionGroup<T>[] = [];
  for (const thing of byClosing) {
    const pierced = groups.find((group) => group.cookS >= thing.leastS && group.cookS <= thing.mostS);
    if (pierced) pierced.members.push(thing);
    else groups.push({ cookS: thing.mostS, members: [thing] });
  }
  for (let pass = 0; pass < 4; pass += 1) {
    const times = groups.map((group) => timeOf(group.members));
    const next: AdditionGroup<T>[] = times.map((cookS) => ({ cookS, members: [] }));
    for (const thing of things) {
      const open = next.filter((group) => group.cookS >= thing.leastS - 1e-6 && group.cookS <= thing.mostS + 1e-6);
      const nearest = open.reduce((a, b) =>
        Math.abs(a.cookS - thing.bestS) <= Math.abs(b.cookS - thing.bestS) ? a : b,
      );
      nearest.members.push(thing);
    }
    groups = next.filter((group) => group.members.length > 0);
  }
  return groups.sort((a, b) => b.cookS - a.cookS);
}
