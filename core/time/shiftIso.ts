const pad = (value: number) => String(value).padStart(2, '0');

function offsetMinutes(iso: string): number {
  const match = /([+-])(\d{2}):?(\d{2})$/.exec(iso);
  if (!match) return 0;
  return (match[1] === '-' ? -1 : 1) * (Number(match[2]) * 60 + Number(match[3]));
}

/**
 * A moment some seconds later or earlier, written with the same offset from UTC, so that a kitchen's clock stays its own.
 * @param iso ISO 8601 with offset
 * @param seconds may be negative
 * @example shiftIso('2026-11-24T19:30:00+01:00', -90) // '2026-11-24T19:28:30+01:00'
 */
export function shiftIso(iso: string, seconds: number): string {
  const offset = offsetMinutes(iso);
  const local = new Date(Date.parse(iso) + seconds * 1000 + offset * 60_000);
  const sign = offset < 0 ? '-' : '+';
  const zone = `${sign}${pad(Math.floor(Math.abs(offset) / 60))}:${pad(Math.abs(offset) % 60)}`;
  return `${local.toISOString().slice(0, 19)}${zone}`;
}
