import type { Prep } from '@elixa/contract';
import { RESOURCES } from '../prep/problem';

const ms = (iso: string) => Date.parse(iso);

/** More of something in use than there is, at the start of any task. For tests only. */
export function overUse({ tasks, capacities }: Prep): string[] {
  return RESOURCES.flatMap((resource) =>
    tasks.flatMap((one) => {
      const at = ms(one.startsAt);
      const used = tasks.filter(
        (other) => other.resources.includes(resource) && ms(other.startsAt) <= at && ms(other.endsAt) > at,
      );
      return used.length > capacities[resource]! ? [`${used.length} of ${resource} at ${one.startsAt}`] : [];
    }),
  );
}
