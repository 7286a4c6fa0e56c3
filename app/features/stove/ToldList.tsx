import type { ToldLine } from '@elixa/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '@/ui/Button';
import { Undo2 } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Figure, clockColumn } from '@/ui/Text';

export interface ToldRow extends Pick<ToldLine, 'eventId' | 'text'> {
  at: string;
  /** It cannot be taken back from here. */
  isKept: boolean;
}

interface Props {
  /** The newest first. */
  told: readonly ToldRow[];
  onUndo(eventId: string): void;
}

/** So many are in view before more are asked for. */
const SHOWN = 4;

/** What was told at the pot, each to be taken back by itself, whatever was told since. */
export const ToldList = memo(function ToldList({ told, onUndo }: Props) {
  const [all, setAll] = useState(false);
  if (told.length === 0) return null;
  const rows = all ? told : told.slice(0, SHOWN);
  return (
    <Section title="Told so far">
      <View role="list" className="border-t border-line">
        {rows.map(({ eventId, at, text, isKept }) => (
          <View role="listitem" key={eventId} className="flex-row items-center gap-3 border-b border-line py-1">
            <Figure size="small" className={clockColumn()}>
              {at}
            </Figure>
            <Body className="words">{text}</Body>
            {isKept ? (
              <View className="h-[48px]" />
            ) : (
              <IconButton
                label={`Take back: ${text}`}
                icon={<Undo2 size={20} color="rgb(var(--soft))" />}
                onPress={() => onUndo(eventId)}
              />
            )}
          </View>
        ))}
      </View>
      {told.length > rows.length ? (
        <Button look="quiet" label={`All ${told.length}`} onPress={() => setAll(true)} />
      ) : null}
    </Section>
  );
});
