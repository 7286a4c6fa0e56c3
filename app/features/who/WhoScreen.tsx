import type { Diner } from '@elixa/contract';
import { nowMs } from '@/state/clock';
import { Plus } from '@/ui/icons';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { knownPeople } from '@/features/evenings/eveningRows';
import { ThrowAway } from '@/features/evenings/ThrowAway';
import { useAppSelector } from '@/state';
import { api } from '@/state/api';
import { Button } from '@/ui/Button';
import { Field, MomentField } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';
import { clockThere, fromFields, toDateField, toTimeField, whyNoDay, whyNoTime } from '@/ui/time';
import { useTurns } from '@/ui/useTurns';
import { PotRow } from '@/features/choose/PotRow';
import { Conflicts } from './Conflicts';
import { DinerRow } from './DinerRow';
import { DinerSheet } from './DinerSheet';
import { KitchenSection } from './KitchenSection';
import { LastTime } from './LastTime';

const MOST_DINERS = 24;
const unnamed = (diners: readonly Diner[]): Diner => {
  let number = diners.length + 1;
  while (diners.some((diner) => diner.name === `Guest ${number}`)) number += 1;
  return { name: `Guest ${number}`, appetite: 'regular', diets: [], avoids: [], child: false };
};

/** A sitting that is past, or that was planned by another place's clock, is said where it is set. */
function whenHint(sitDownAt: string): string | undefined {
  const there = clockThere(sitDownAt);
  if (there) return `Your time; it is ${there} where it was planned.`;
  return Date.parse(sitDownAt) < nowMs() ? 'This is past.' : undefined;
}

/** Who eats, when, in which pot. */
export function WhoScreen() {
  const { evening, edit } = useEvening();
  const [editing, setEditing] = useState<number | undefined>(undefined);
  const { data } = api.useReadPeopleQuery();
  const drafts = useAppSelector((state) => state.drafts);
  const people = useMemo(() => knownPeople(data?.people ?? [], drafts), [data, drafts]);
  const atTable = new Set(evening.diners.map((diner) => diner.name.toLowerCase()));
  const others = people.filter((one) => !atTable.has(one.name.toLowerCase()) && !/^(guest|cook)\b/i.test(one.name));
  const full = evening.diners.length >= MOST_DINERS;
  // An evening has a name; while the field is empty it keeps the one it had.
  const [emptied, setEmptied] = useState<string>();
  const title = emptied ?? evening.title;
  // What lies below comes a moment later.
  const drawn = useTurns(1, true);

  const setTime = (date: string, time: string) => {
    const sitDownAt = fromFields(date, time);
    if (!sitDownAt) return;
    // When somebody is home moves with the day.
    const startAt = evening.kitchen?.startAt && fromFields(date, toTimeField(evening.kitchen.startAt));
    edit({ kind: 'sitDownMoved', sitDownAt, startAt: startAt || undefined });
  };
  const edited = editing === undefined ? undefined : evening.diners[editing];

  return (
    <>
      <Faults />
      <View className="gap-3">
        <View className="flex-row">
          <Field
            label="Evening"
            value={title}
            maxLength={80}
            error={title.trim() === '' ? 'Evening: write a name.' : undefined}
            onChange={(next) => {
              const isEmpty = next.trim() === '';
              setEmptied(isEmpty ? next : undefined);
              if (!isEmpty) edit({ kind: 'titled', title: next });
            }}
            onBlur={() => setEmptied(undefined)}
          />
        </View>
        <View className="flex-row flex-wrap gap-3">
          <MomentField
            label="Day"
            type="date"
            value={toDateField(evening.sitDownAt)}
            check={(date) => whyNoDay(date, toTimeField(evening.sitDownAt))}
            onChange={(value) => setTime(value, toTimeField(evening.sitDownAt))}
          />
          <MomentField
            label="Sit down at"
            type="time"
            value={toTimeField(evening.sitDownAt)}
            check={(time) => whyNoTime(toDateField(evening.sitDownAt), time)}
            onChange={(value) => setTime(toDateField(evening.sitDownAt), value)}
            hint={whenHint(evening.sitDownAt)}
          />
        </View>
      </View>

      <LastTime />
      <PotRow />

      <Section
        title="At the table"
        aside={
          <Small>
            {evening.diners.length} of {MOST_DINERS}
          </Small>
        }
      >
        <View className="border-t border-line">
          {evening.diners.map((diner, index) => (
            <DinerRow
              key={index}
              diner={diner}
              onEdit={() => setEditing(index)}
              onAppetite={(appetite) => edit({ kind: 'guestChanged', seat: index, diner: { ...diner, appetite } })}
            />
          ))}
        </View>
        <View className="flex-row flex-wrap gap-2">
          <Button
            label="Add a guest"
            disabled={full}
            icon={<Plus size={20} color="rgb(var(--ink))" />}
            onPress={() => {
              edit({ kind: 'guestJoined', diner: unnamed(evening.diners) });
              setEditing(evening.diners.length);
            }}
          />
          {others.map((diner) => (
            <Button
              key={diner.name}
              label={diner.name}
              aria-label={`Add ${diner.name}`}
              disabled={full}
              icon={<Plus size={18} color="rgb(var(--soft))" />}
              onPress={() => edit({ kind: 'guestJoined', diner })}
            />
          ))}
        </View>
      </Section>

      {drawn < 1 ? null : (
        <>
          <Conflicts />
          <KitchenSection />
          <ThrowAway evening={evening} />
        </>
      )}

      {edited && editing !== undefined ? (
        <DinerSheet
          key={editing}
          diner={edited}
          taken={evening.diners.filter((_, at) => at !== editing).map((one) => one.name)}
          canLeave={evening.diners.length > 1}
          onClose={() => setEditing(undefined)}
          onSave={(diner) => {
            edit({ kind: 'guestChanged', seat: editing, diner });
            setEditing(undefined);
          }}
          onLeave={() => {
            edit({ kind: 'guestLeft', seat: editing });
            setEditing(undefined);
          }}
        />
      ) : null}
    </>
  );
}
