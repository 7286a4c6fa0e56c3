import { readFileSync } from 'node:fs';
import path from 'node:path';
import {
  mustReadEvening,
  type Evening,
  type HousePot,
  type LiveEvent,
  type LiveLog,
  type PantryItem,
} from '@elixa/contract';
import { rehearsedPlan } from '@elixa/core/planEvening/rehearsed';
import {
  applyEdit,
  catalogueOf,
  expected,
  factsOf,
  housePotOf,
  liveSteps,
  planHashOf,
  shiftIso,
  type StepTap,
} from '@elixa/core';
import { EXAMPLES } from './places';
import { summaryOf } from './services/logSummary';
import { eveningStore } from './store/eveningStore';
import { eventStore } from './store/eventStore';
import { housePotStore } from './store/housePotStore';
import { pantryStore } from './store/pantryStore';
import type { Db } from './store/database';

const readExample = (name: string): Evening =>
  mustReadEvening(JSON.parse(readFileSync(path.join(EXAMPLES, `${name}.json`), 'utf8')));

/** The same time of day some days from now, on this machine's clock. */
function onDay(evening: Evening, now: Date, daysAhead: number): Evening {
  const [hours = 19, minutes = 0] = evening.sitDownAt.slice(11, 16).split(':').map(Number);
  const day = new Date(now.getFullYear(), now.getMonth(), now.getDate() + daysAhead, hours, minutes);
  const offset = -day.getTimezoneOffset();
  const pad = (value: number) => String(value).padStart(2, '0');
  const zone = `${offset < 0 ? '-' : '+'}${pad(Math.floor(Math.abs(offset) / 60))}:${pad(Math.abs(offset) % 60)}`;
  const date = `${day.getFullYear()}-${pad(day.getMonth() + 1)}-${pad(day.getDate())}`;
  return { ...evening, sitDownAt: `${date}T${pad(hours)}:${pad(minutes)}:00${zone}` };
}

const daysToSaturday = (now: Date) => (6 - now.getDay() + 7) % 7 || 7;

/** How First frost went: the boil was slow, and hands were now and then full. Seconds late, by kind of step. */
const LATE_S: Record<string, readonly number[]> = { boil: [140], add: [10, 70, 20], serve: [45, 20], skim: [5] };

const eventId = (index: number) => `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`;

function finishedLog(evening: Evening): LiveLog {
  const plan = rehearsedPlan(evening);
  const { simmer } = plan;
  const steps = liveSteps(catalogueOf(evening), simmer);
  const at = (seconds: number) => shiftIso(simmer.litAt, Math.round(seconds));
  const taps: StepTap[] = [];
  const done = new Map<string, number>();
  for (const [index, step] of steps.entries()) {
    const clockS = taps.at(-1)?.atS ?? 0;
    const dueS = expected(plan, done, clockS).dueS.get(step.actions[0]?.id ?? '') ?? step.atS;
    const late = LATE_S[step.kind] ?? [0];
    const atS = Math.max(clockS, dueS) + late[index % late.length]!;
    taps.push({ eventId: eventId(index + 1), step: step.step, atS });
    for (const { id } of step.actions) done.set(id, atS);
  }
  const endS = taps.at(-1)!.atS;
  let clock = 0;
  const said = (id: string, seconds: number) => ({
    v: 3 as const,
    id,
    at: at(seconds),
    device: 'tower-keeper',
    clock: (clock += 1),
  });
  const planHash = planHashOf(plan);
  const events: LiveEvent[] = [
    { ...said(eventId(0), 0), type: 'planAdopted', evening, planHash },
    ...taps.map((tap): LiveEvent => ({
      ...said(tap.eventId, tap.atS),
      type: 'happened',
      facts: factsOf(
        steps.find((step) => step.step === tap.step)!,
        plan,
        eventId(0),
      ),
    })),
    {
      ...said(eventId(900), endS + 600),
      type: 'noted',
      text: 'The iron pan took two minutes longer to boil than planned. Broth just right to drink; Bram wanted more tofu.',
    },
    { ...said(eventId(901), endS + 660), type: 'finished' },
  ];
  return { plans: { [planHash]: plan }, events };
}

/** What stands in the tower keeper's kitchen, with a jar that was made ten days ago. */
function demoPantry(now: Date): PantryItem[] {
  const inFourDays = new Date(now.getTime() + 4 * 86_400_000).toISOString().slice(0, 10);
  const stock: Array<[string, number, string?]> = [
    ['salt', 420],
    ['sugar', 300],
    ['darkSoy', 260],
    ['lightSoy', 180],
    ['riceVinegar', 150],
    ['dryRice', 700],
    ['bonitoFlakes', 25],
    ['chilliSauce', 120, inFourDays],
  ];
  return stock.map(([itemId, massG, bestBefore]) => ({ itemId, massG, bestBefore, changedAt: now.toISOString() }));
}

/** What the ringers eat after practice, as the house keeps it. */
function demoPot(now: Date): HousePot {
  const evening = [
    { kind: 'putIn', ingredientId: 'maitake', keepSum: true } as const,
    { kind: 'leftOut', ingredientId: 'carrot' } as const,
    { kind: 'amountSet', ingredientId: 'firmTofu', grams: 110 } as const,
  ].reduce<Evening>((given, edit) => applyEdit(given, edit), readExample('practice-night'));
  return housePotOf(evening, { id: 'belfry-pot', name: 'Belfry pot', changedAt: now.toISOString() });
}

/** Tonight, or tomorrow when it is too late today to prepare and cook. */
const daysToPractice = (now: Date) => (now.getHours() >= LAST_START_HOUR ? 1 : 0);
const LAST_START_HOUR = 18;

/** A demo that is started again after its evening moves an evening that nobody has touched to the next one. */
async function moveToTheNextEvening(db: Db, now: Date): Promise<void> {
  const evenings = eveningStore(db);
  const events = eventStore(db, summaryOf);
  for (const [name, daysAhead] of [
    ['practice-night', daysToPractice(now)],
    ['muffled-peal', daysToSaturday(now)],
  ] as const) {
    const row = await evenings.find(name);
    const isPast = row && Date.parse(row.document.sitDownAt) < now.getTime();
    if (!isPast || row.deletedAt || (await events.read(name)).events.length > 0) continue;
    await evenings.replace(onDay(row.document, now, daysAhead), row.version, now);
  }
}

/**
 * Fills an empty database with the household's three evenings, around today. In one that has them, evenings that have
 * passed without being cooked come round again.
 * @returns whether they were written
 */
export async function seedDemoData(db: Db, now: Date): Promise<boolean> {
  const evenings = eveningStore(db);
  if ((await evenings.list({ limit: 1, now })).length > 0) {
    await moveToTheNextEvening(db, now);
    return false;
  }
  const finished = onDay(readExample('first-frost'), now, -7);
  await evenings.insert(onDay(readExample('practice-night'), now, daysToPractice(now)), now);
  await evenings.insert(onDay(readExample('muffled-peal'), now, daysToSaturday(now)), now);
  await evenings.insert(finished, now);
  await eventStore(db, summaryOf).append(finished.id, finishedLog(finished), now);
  await pantryStore(db).merge(demoPantry(now));
  await housePotStore(db).merge([demoPot(now)]);
  return true;
}
