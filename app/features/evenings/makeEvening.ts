import type { Evening } from '@elixa/contract';
import { newEvening } from '@elixa/core';
import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { set } from 'date-fns/set';
import { isoLocal } from '@/ui/time';

/** Half past seven tonight, or tomorrow when that is too near to cook for. */
export function nextSupper(now: Date): Date {
  const tonight = set(now, { hours: 19, minutes: 30, seconds: 0, milliseconds: 0 });
  return tonight.getTime() - now.getTime() > 60 * 60_000 ? tonight : addDays(tonight, 1);
}

/**
 * A new evening in the same kitchen as the last one: its pot, burner, place, measures and things of its own.
 * @param last the evening before, when there is one
 */
export function makeEvening(id: string, now: Date, last?: Evening): Evening {
  const at = nextSupper(now);
  const kitchen = last && {
    place: last.place,
    vessel: last.vessel,
    heatSource: last.heatSource,
    units: last.units,
    cooks: last.cooks,
    ...(last.own ? { own: last.own } : {}),
  };
  return newEvening({ id, title: `${format(at, 'EEEE')} supper`, sitDownAt: isoLocal(at), ...kitchen });
}

/** As many notes as a document holds. */
const MOST_NOTES = 20;

/**
 * The same evening again, at the next supper time.
 * @param notes what was noted then, which comes along
 */
export function cookAgain(evening: Evening, id: string, now: Date, notes: readonly string[] = []): Evening {
  const title = `${evening.title}, again`.slice(0, 80);
  const kitchen = evening.kitchen && { ...evening.kitchen, startAt: undefined };
  const { lastTime: _before, ...same } = evening;
  const lastTime = { on: evening.sitDownAt, notes: notes.slice(-MOST_NOTES) };
  return {
    ...same,
    id,
    title,
    kitchen,
    sitDownAt: isoLocal(nextSupper(now)),
    ...(notes.length > 0 ? { lastTime } : {}),
  };
}
