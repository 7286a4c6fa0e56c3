import type { LiveEvent } from '@elixa/contract';

/** What an event's place in the log follows from. */
type Placed = Pick<LiveEvent, 'id' | 'clock' | 'device'>;

/**
 * The events of a log in the order that every device agrees on: by the logical clock, then by device. Each is there once.
 */
export function inOrder<Event extends Placed>(events: readonly Event[]): Event[] {
  const byId = new Map(events.map((event) => [event.id, event]));
  return [...byId.values()].sort(
    (a, b) => a.clock - b.clock || (a.device < b.device ? -1 : a.device > b.device ? 1 : a.id < b.id ? -1 : 1),
  );
}

/** What was taken back, for good: an undoing that was itself undone takes nothing back. */
export function undoneIds(ordered: readonly LiveEvent[]): ReadonlySet<string> {
  const undone = new Set<string>();
  for (const event of [...ordered].reverse()) {
    if (event.type === 'undone' && !undone.has(event.id)) undone.add(event.target);
  }
  return undone;
}

/**
 * By how much the wall clock of each device is off, in ms to be added. What a device had seen cannot lie after what it then
 * wrote: where the clocks say so, the one that did not light the burner is set right by just so much.
 */
export function clockOffsets(ordered: readonly LiveEvent[]): ReadonlyMap<string, number> {
  const byId = new Map(ordered.map((event) => [event.id, event]));
  const reference = ordered.find((event) => event.type === 'happened')?.device ?? ordered[0]?.device;
  const offsets = new Map<string, number>();
  const offsetOf = (device: string) => offsets.get(device) ?? 0;
  for (const event of ordered) {
    const seen = event.after === undefined ? undefined : byId.get(event.after);
    if (!seen || seen.device === event.device) continue;
    const lagMs = Date.parse(seen.at) + offsetOf(seen.device) - (Date.parse(event.at) + offsetOf(event.device));
    if (lagMs <= 0) continue;
    if (event.device === reference) offsets.set(seen.device, offsetOf(seen.device) - lagMs);
    else offsets.set(event.device, offsetOf(event.device) + lagMs);
  }
  return offsets;
}
