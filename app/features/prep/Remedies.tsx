import { applyRemedy, styleById } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Body, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';

const leftWords = (lateS: number) => (lateS === 0 ? 'on time' : `still ${lasting(lateS)} late`);

/** When time is short: by how much, and each change that helps, worked out and one tap away. */
export function Remedies() {
  const { evening, change, prepState } = useEvening();
  const { prep, remedies } = prepState;
  const style = styleById(evening.style.id);
  if (!prep || prep.late === 0 || !style) return null;
  return (
    <View role="region" aria-label="Short of time" className="gap-3 rounded-2xl border border-ember bg-sheet p-4">
      <View>
        <Heading level={3}>{lasting(prep.late)} short</Heading>
        <Body>
          As it is, people sit down at {clock(Date.parse(evening.sitDownAt) + prep.late * 1000)}. What would help:
        </Body>
      </View>
      {remedies === undefined ? <Small aria-live="polite">Working out what helps…</Small> : null}
      {remedies?.map((one) => (
        <Button
          key={one.id}
          left
          label={`${one.text.replace(/^./, (letter) => letter.toUpperCase())}: ${leftWords(one.lateS)}`}
          onPress={() => change(applyRemedy(evening, style, one.id, prep.late))}
        />
      ))}
      <Small>Cooking times are never shortened for it.</Small>
    </View>
  );
}
