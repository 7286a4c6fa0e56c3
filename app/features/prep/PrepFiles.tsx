import type { Prep } from '@elixa/contract';
import { doneInCalendar, prepCalendar } from '@elixa/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useLiveLog } from '@/features/live/useLiveLog';
import { nowIso } from '@/state/clock';
import { fileNameOf, NOT_READ, saveMade } from '@/ui/saveText';
import { Button } from '@/ui/Button';
import { CalendarDown, CalendarUp, Printer, ShoppingBasket } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';
import { useFileChoice } from '@/ui/useFileChoice';

const INK = 'rgb(var(--ink))';

/** The shopping, a sheet to print, and the preparation as a calendar, out and in. */
export function PrepFiles({ prep, litAt }: { prep: Prep; litAt: string }) {
  const { evening } = useEvening();
  const log = useLiveLog(evening.id);
  const [told, setTold] = useState('');
  const done = log.state.ticks.prep;
  const save = () =>
    void saveMade(
      `${fileNameOf(evening.title)}-preparation.ics`,
      'text/calendar',
      prepCalendar({
        eveningId: evening.id,
        title: `${evening.title}: preparation`,
        tasks: prep.tasks,
        done: new Set(Object.keys(done)),
        litAt,
        stampedAt: nowIso(),
      }),
    ).then(setTold);
  const file = useFileChoice('Calendar file', '.ics,text/calendar', async (text) => {
    try {
      const ids = (await doneInCalendar(text, evening.id)).filter((id) => done[id] === undefined);
      for (const itemId of ids) log.record({ type: 'ticked', list: 'prep', itemId, on: true });
      setTold(ids.length === 0 ? 'Nothing in it was newly done.' : `${ids.length} ticked off from the calendar.`);
    } catch (error) {
      if (!(error instanceof RangeError)) console.error('The calendar file could not be read', error);
      setTold(error instanceof RangeError ? error.message : NOT_READ);
    }
  });
  return (
    <Section title="Take it along">
      <View className="gap-2">
        <Button
          left
          label="Shopping list"
          icon={<ShoppingBasket size={20} color={INK} />}
          onPress={() => router.push(`/evening/${evening.id}/shopping`)}
        />
        <Button
          left
          label="One-page sheet to print"
          icon={<Printer size={20} color={INK} />}
          onPress={() => router.push(`/sheet/${evening.id}`)}
        />
        <Button left label="Save as a calendar" icon={<CalendarDown size={20} color={INK} />} onPress={save} />
        <Button
          left
          label="Read ticks from a calendar"
          icon={<CalendarUp size={20} color={INK} />}
          onPress={file.choose}
        />
        {file.field}
        <Small aria-live="polite">{told}</Small>
      </View>
    </Section>
  );
}
