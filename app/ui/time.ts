import { YEARS } from '@elixa/contract';
import { format } from 'date-fns/format';
import { formatISO } from 'date-fns/formatISO';
import { isToday } from 'date-fns/isToday';
import { isTomorrow } from 'date-fns/isTomorrow';
import { isYesterday } from 'date-fns/isYesterday';

/** Time of day on this device's clock: `19:30`. */
export const clock = (moment: string | number | Date) => format(new Date(moment), 'HH:mm');

/** The day in words: `Tonight`, `Tomorrow`, `Saturday 28 November`. */
export function day(moment: string | number | Date): string {
  const date = new Date(moment);
  if (isToday(date)) return date.getHours() >= 17 ? 'Tonight' : 'Today';
  if (isTomorrow(date)) return 'Tomorrow';
  if (isYesterday(date)) return 'Yesterday';
  return format(date, 'EEEE d MMMM');
}

/** The day where there is little room: `Tonight`, `Sat 28 Nov`. */
export function dayShort(moment: string | number | Date): string {
  const words = day(moment);
  return words.includes(' ') ? format(new Date(moment), 'EEE d MMM') : words;
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

/** A length of time in words: `40 s`, `3 min`, `1 h 20 min`. */
export function lasting(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  if (whole < 60) return `${whole} s`;
  const minutes = Math.round(whole / 60);
  if (minutes < 60) return `${minutes} min`;
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}
