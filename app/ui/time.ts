import { YEARS } from '@elixa/contract/years';
import { format } from 'date-fns/format';
import { formatISO } from 'date-fns/formatISO';
import { isThisYear } from 'date-fns/isThisYear';
import { isToday } from 'date-fns/isToday';
import { isTomorrow } from 'date-fns/isTomorrow';
import { isYesterday } from 'date-fns/isYesterday';

let toTwelve: boolean | undefined;

/** Whether this device counts its hours to twelve twice a day; its own fields for a time do as well. */
export const countsToTwelve = () =>
  (toTwelve ??= new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 === true);

/** Time of day as this device shows it everywhere: `19:30`, or `7:30 PM`. */
export const clock = (moment: string | number | Date) =>
  format(new Date(moment), countsToTwelve() ? 'h:mm\u00a0a' : 'HH:mm');

/** The same on the clock of the place where the evening was planned, where that is another than here. */
export function clockThere(iso: string): string | undefined {
  const there = /([+-])(\d\d):(\d\d)$/.exec(iso);
  if (!there) return undefined;
  const minutes = (there[1] === '-' ? -1 : 1) * (Number(there[2]) * 60 + Number(there[3]));
  const date = new Date(iso);
  const aheadMin = minutes + date.getTimezoneOffset();
  return aheadMin === 0 ? undefined : clock(date.getTime() + aheadMin * 60_000);
}

/** The day in words: `Tonight`, `Tomorrow`, `Saturday 28 November`. */
export function day(moment: string | number | Date): string {
  const date = new Date(moment);
  if (isToday(date)) return date.getHours() >= 17 ? 'Tonight' : 'Today';
  if (isTomorrow(date)) return 'Tomorrow';
  if (isYesterday(date)) return 'Yesterday';
  return format(date, isThisYear(date) ? 'EEEE d MMMM' : 'EEEE d MMMM yyyy');
}

/** The day where there is little room: `Tonight`, `Sat 28 Nov`. */
export function dayShort(moment: string | number | Date): string {
  const words = day(moment);
  const date = new Date(moment);
  return words.includes(' ') ? format(date, isThisYear(date) ? 'EEE d MMM' : 'd MMM yyyy') : words;
}

/** The same in the middle of a sentence: `tonight`, `Sat 28 Nov`. */
export function dayInSentence(moment: string | number | Date): string {
  const words = dayShort(moment);
  return words.includes(' ') ? words : words.toLowerCase();
}

/** A day on a label: `8 December`. */
export const dayAndMonth = (moment: string) => format(new Date(moment), 'd MMMM');

/** A moment as the evening document keeps it, with this device's offset. */
export const isoLocal = (date: Date) => formatISO(date);

/** Values of a date field and a time field, and back. */
export const toDateField = (iso: string) => format(new Date(iso), 'yyyy-MM-dd');
export const toTimeField = (iso: string) => format(new Date(iso), 'HH:mm');
export function fromFields(date: string, time: string): string | undefined {
  return (whyNoDay(date, time) ?? whyNoTime(date, time)) ? undefined : isoLocal(new Date(`${date}T${time}`));
}

/** Why a day that was typed is none to sit down on; undefined where it is. */
export function whyNoDay(date: string, time: string): string | undefined {
  const moment = new Date(`${date}T${time}`);
  if (date === '' || Number.isNaN(moment.getTime())) return 'Day: choose one.';
  const year = moment.getFullYear();
  return year < YEARS.first || year > YEARS.last ? `Day: use a year from ${YEARS.first} to ${YEARS.last}.` : undefined;
}

/** Why a time that was typed is none to sit down at; summer time skips an hour once a year. */
export function whyNoTime(date: string, time: string): string | undefined {
  const moment = new Date(`${date}T${time}`);
  if (time === '' || Number.isNaN(moment.getTime())) return 'Sit down at: choose a time.';
  return format(moment, 'HH:mm') === time.slice(0, 5)
    ? undefined
    : `Sit down at: the clock goes forward that night, and there is no ${time}. Use ${format(moment, 'HH:mm')}.`;
}

/** A countdown: `2:05`, or `1 h 12` from an hour on. */
export function countdown(seconds: number): string {
  const whole = Math.ceil(Math.abs(seconds) - 1e-6);
  if (whole >= 3600) return `${Math.floor(whole / 3600)} h ${String(Math.floor((whole % 3600) / 60)).padStart(2, '0')}`;
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** From so many hours on, days say more. */
const MOST_HOURS = 48;

/** A length of time in words: `40 s`, `3 min`, `1 h 20 min`, `9 days`. */
export function lasting(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  if (whole < 60) return `${whole} s`;
  const minutes = Math.round(whole / 60);
  if (minutes < 60) return `${minutes} min`;
  if (minutes >= MOST_HOURS * 60) return `${Math.round(minutes / 1440)} days`;
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}
