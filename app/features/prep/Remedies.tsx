import type { Remedy } from '@elixa/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useStopSearching } from '@/features/evening/usePlanning';
import { Button } from '@/ui/Button';
import { SearchProgress } from '@/ui/SearchProgress';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';

/** The next thing to do must stay near the top: what helps less is a tap away. */
const SHOWN_AT_FIRST = 3;

/** When time is short: by how much, and each change that helps, worked out and one tap away. */
export function Remedies() {
  const { evening, edit, prep, remedies, trying } = useEvening();
  const stop = useStopSearching(evening.id);
  const [all, setAll] = useState(false);
  if (!prep || prep.late === 0) return null;
  const late = clock(Date.parse(evening.sitDownAt) + prep.late * 1000);
  const shown = all ? remedies : remedies?.slice(0, SHOWN_AT_FIRST);
  const more = (remedies?.length ?? 0) - SHOWN_AT_FIRST;
  return (
    <View role="region" aria-label="Short of time" className="gap-3 rounded-2xl border border-ember bg-sheet p-4">
      <View aria-live="polite">
        <Heading level={3}>{lasting(prep.late)} short</Heading>
        <Body>As it is, people sit down at {late}. What would help:</Body>
      </View>
      {remedies === undefined && !trying ? <Small aria-live="polite">Working out what helps…</Small> : null}
      {trying ? <SearchProgress {...trying} stopLabel="Stop looking for more that helps" onStop={stop} /> : null}
      {shown?.map((one) => (
        <RemedyButton
          key={one.id}
          remedy={one.laterS !== undefined ? { ...one, changes: [`Sit down at ${late}`] } : one}
          onPress={() => edit(...one.edits)}
        />
      ))}
      {more > 0 ? (
        <Button
          look="quiet"
          className="self-start"
          aria-expanded={all}
          label={all ? 'Fewer ways' : `${more} more that help${more === 1 ? 's' : ''}`}
          onPress={() => setAll(!all)}
        />
      ) : null}
      <Small>Cooking times are never shortened for it.</Small>
    </View>
  );
}

/** What is changed, and where that leads to. */
function RemedyButton({ remedy, onPress }: { remedy: Remedy; onPress(): void }) {
  const isOnTime = remedy.lateS === 0;
  const leads = isOnTime ? 'on time' : `${lasting(remedy.lateS)} late`;
  return (
    <Pressable
      role="button"
      aria-label={`${remedy.changes.join(', and ')}: ${isOnTime ? leads : `still ${leads}`}`}
      onPress={onPress}
      className="min-h-target flex-row flex-wrap items-center gap-x-3 rounded-xl border border-edge bg-washi px-4 py-3 active:opacity-80"
    >
      <View className="words gap-1">
        {remedy.changes.map((words, index) => (
          <Body key={words} className="font-medium leading-5">
            {index > 0 ? '+ ' : ''}
            {words}
          </Body>
        ))}
      </View>
      <Figure size="small" className={isOnTime ? 'text-iron' : 'text-soft'}>
        {leads}
      </Figure>
    </Pressable>
  );
}
