import nodeIcal from 'node-ical';
import { planQuickly } from '../testing/quickly';
import { example } from '../testing/household';
import { doneInCalendar, prepCalendar } from './calendar';
import { pantryCsv, pantryFromCsv, shoppingCsv } from './csv';
import { shoppingText } from './shoppingText';
import { CATALOGUE } from '../catalogue/catalogue';

const EVENING = example('practice-night');
const { prep, shopping } = planQuickly(EVENING);
const NOW = '2026-11-24T10:00:00.000Z';
const attended = prep.tasks.filter((one) => one.attended && one.kind !== 'pot');
const LIT = '2026-11-24T18:58:00.000Z';
const calendar = (done: string[] = []) =>
  prepCalendar({
    eveningId: EVENING.id,
    title: EVENING.title,
    tasks: prep.tasks,
    done: new Set(done),
    litAt: LIT,
    stampedAt: NOW,
  });

describe('the preparation as iCalendar', () => {
  const events = (text: string) =>
    Object.values(nodeIcal.sync.parseICS(text)).flatMap((one) => (one?.type === 'VEVENT' ? [one] : []));

  it('is read by a parser that did not write it: every task with its time, its words and its alarm', async () => {
    const read = events(await calendar());
    expect(read).toHaveLength(attended.length + 1);
    const starts = read.map((event) => event.start.toISOString()).sort();
    expect(starts).toEqual([...attended.map((task) => new Date(task.startsAt).toISOString()), LIT].sort());
    // The title says what to do.
    const chicken = read.find((event) => /^Pat dry and cut.*: chicken thigh, boned/.test(String(event.summary)))!;
    expect(read.find((event) => String(event.summary) === 'Light the burner')!.start.toISOString()).toBe(LIT);
    expect(chicken.alarms).toHaveLength(1);
  });

  it('keeps to lines that end with CR LF and are no longer than 75 octets', async () => {
    const text = await calendar();
    const lines = text.split('\r\n');
    expect(text.replace(/\r\n/g, '')).not.toContain('\n');
    for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('brings ticked tasks round: out, and back in', async () => {
    const done = [attended[0]!.id, attended[3]!.id];
    const text = await calendar(done);
    expect((await doneInCalendar(text, EVENING.id)).sort()).toEqual([...done].sort());
    expect(await doneInCalendar(await calendar(), EVENING.id)).toEqual([]);
    expect(await doneInCalendar(text, 'another-evening')).toEqual([]);
    expect(events(text).filter((event) => event.alarms?.length === 1)).toHaveLength(attended.length - 2 + 1);
  });

  it('takes a to-do that another program completed', async () => {
    const uid = /UID:(\S*carrot\S*)/.exec((await calendar()).replace(/\r\n /g, ''))![1]!;
    const todo = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'BEGIN:VTODO',
      `UID:${uid}`,
      'STATUS:COMPLETED',
      'END:VTODO',
      'END:VCALENDAR',
    ];
    expect(await doneInCalendar(todo.join('\r\n'), EVENING.id)).toEqual(['carrot.cut']);
  });

  it.each(['', 'salt, 3 g', 'BEGIN:VCARD\r\nEND:VCARD'])(
    'refuses what is no calendar, with the fix: %j',
    async (text) => {
      await expect(doneInCalendar(text, EVENING.id)).rejects.toThrow(/^This is no calendar file. Choose the .ics file/);
    },
  );
});

describe('the shopping as CSV and text', () => {
  it('has a row for each thing, with lines that end as RFC 4180 asks and quotes where there is a comma', async () => {
    const lines = (await shoppingCsv(CATALOGUE, shopping)).split('\r\n');
    expect(lines).toHaveLength(shopping.length + 1);
    expect(lines[0]).toBe('section,ingredient,id,need_g,have_g,buy_count,buy_unit,buy,left_g');
    expect(lines.find((line) => line.includes('chickenThigh'))).toMatch(
      /^meat,"chicken thigh, boned",chickenThigh,885,0,900,g,900 g,15$/,
    );
  });

  it('names under each section what is to be bought, and leaves out what is there', () => {
    const [first, ...others] = shopping;
    const text = shoppingText(CATALOGUE, 'Practice night', [
      { ...first!, buy: { count: 0, unit: '', text: 'in the house' } },
      ...others,
    ]);
    expect(text).toContain('\nMeat\n- chicken thigh, boned: 900 g\n');
    expect(text).not.toContain('in the house');
    expect(text.startsWith('Practice night\n\nVegetables\n')).toBe(true);
  });
});

describe('a pantry as CSV', () => {
  it('comes back as it went out', async () => {
    const items = [
      { itemId: 'kelp', massG: 40, bestBefore: undefined, changedAt: NOW },
      { itemId: 'chilliSauce', massG: 120.5, bestBefore: '2026-12-08', changedAt: NOW },
    ];
    expect(await pantryFromCsv(await pantryCsv(items), NOW)).toEqual({ items, faults: [] });
  });

  it('is read as people write it: names, native names, spoons, quotes, a byte order mark, empty lines', async () => {
    const text = '\uFEFFItem,Amount,Best_before\n"chicken thigh, boned",500 g,\nKombu,"½ cup",\n\negg,6,2026-12-01\n';
    const { items, faults } = await pantryFromCsv(text.replace('Kombu,"½ cup"', 'fine salt,1 tbsp'), NOW);
    expect(faults).toEqual([]);
    expect(items.map(({ itemId, massG }) => [itemId, massG])).toEqual([
      ['chickenThigh', 500],
      ['salt', 18],
      ['egg', 300],
    ]);
  });

  it('names the line, the field and the fix of what it cannot read, and keeps the rest', async () => {
    const { items, faults } = await pantryFromCsv(
      'item,amount,best_before\nmoon dust,3 g,\nsalt,some,\nkelp,20 g,soon\nsalt,1 kg,\n',
      NOW,
    );
    expect(items.map((one) => one.itemId)).toEqual(['salt']);
    expect(faults.map((one) => one.field)).toEqual(['line 2, item', 'line 3, amount', 'line 4, best_before']);
    for (const { fix } of faults) expect(fix).toMatch(/"/);
    expect((await pantryFromCsv('what,how much\nsalt,3 g', NOW)).faults.map((one) => one.field)).toEqual([
      'column item',
      'column amount',
    ]);
  });
});
