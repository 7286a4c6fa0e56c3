import type { PrepTask } from '@elixa/contract';
import type ICAL from 'ical.js';

const DOMAIN = 'elixa.invalid';
const DONE = 'Done';
/** An alarm rings as the work begins. */
const AT_THE_START_S = 0;

const LIGHT_ID = 'lightTheBurner';
const LIGHT_S = 300;

const uidOf = (eveningId: string, taskId: string) => `${encodeURIComponent(taskId)}.${eveningId}@${DOMAIN}`;

/**
 * The preparation as an iCalendar file (RFC 5545): an event with an alarm for everything that wants a hand. What is done
 * already carries the category "Done", which `doneInCalendar` reads back.
 * What writes it is loaded when it is first asked for.
 * @param stampedAt when the file is made
 */
export async function prepCalendar(given: {
  eveningId: string;
  title: string;
  tasks: readonly PrepTask[];
  done: ReadonlySet<string>;
  /** When the burner is lit, which is the last thing. */
  litAt: string;
  stampedAt: string;
}): Promise<string> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({ name: given.title, prodId: { company: 'Elixa', product: 'Preparation', language: 'EN' } });
  for (const task of given.tasks.filter((one) => one.attended && one.kind !== 'pot')) {
    const isDone = given.done.has(task.id);
    const event = calendar.createEvent({
      id: uidOf(given.eveningId, task.id),
      stamp: new Date(given.stampedAt),
      start: new Date(task.startsAt),
      end: new Date(task.endsAt),
      summary: `${task.how}: ${[task.label, task.amountText].filter(Boolean).join(', ')}`,
      description: `${task.why}.`,
      categories: isDone ? [{ name: DONE }] : [],
    });
    if (!isDone) event.createAlarm({ type: ICalAlarmType.display, trigger: AT_THE_START_S, description: task.how });
  }
  const lit = calendar.createEvent({
    id: uidOf(given.eveningId, LIGHT_ID),
    stamp: new Date(given.stampedAt),
    start: new Date(given.litAt),
    end: new Date(Date.parse(given.litAt) + LIGHT_S * 1000),
    summary: 'Light the burner',
  });
  lit.createAlarm({ type: ICalAlarmType.display, trigger: AT_THE_START_S, description: 'Light the burner' });
  return calendar.toString();
}

/**
 * The tasks that a calendar file says are done: events of this evening with the category "Done", and to-dos that are
 * completed. What reads it is loaded when it is first asked for.
 * @returns ids of tasks
 * @throws RangeError when the text is no iCalendar, with the fix
 */
export async function doneInCalendar(text: string, eveningId: string): Promise<string[]> {
  const calendar = await parsed(text);
  const ending = `.${eveningId}@${DOMAIN}`;
  return [...calendar.getAllSubcomponents('vevent'), ...calendar.getAllSubcomponents('vtodo')].flatMap((one) => {
    const uid = String(one.getFirstPropertyValue('uid') ?? '');
    if (!uid.endsWith(ending)) return [];
    const categories = one.getAllProperties('categories').flatMap((property) => property.getValues().map(String));
    const isDone =
      categories.some((name) => name.toLowerCase() === DONE.toLowerCase()) ||
      String(one.getFirstPropertyValue('status') ?? '').toUpperCase() === 'COMPLETED';
    return isDone ? [decodeURIComponent(uid.slice(0, -ending.length))] : [];
  });
}

async function parsed(text: string): Promise<ICAL.Component> {
  const { default: calendars } = await import('ical.js');
  try {
    const component = new calendars.Component(calendars.parse(text) as never);
    if (component.name === 'vcalendar') return component;
  } catch (error) {
    throw new RangeError('This is no calendar file. Choose the .ics file that was saved from here.', { cause: error });
  }
  throw new RangeError('This is no calendar file. Choose the .ics file that was saved from here.');
}
