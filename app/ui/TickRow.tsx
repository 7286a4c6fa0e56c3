import { Check } from '@/ui/icons';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { tickedBySpace } from './choiceKeys';
import { Body, clockColumn, Figure, Small } from './Text';

interface Props {
  name: string;
  says?: string;
  /** At the left: a time. */
  lead?: string;
  /** Before the name: a picture. */
  picture?: ReactNode;
  /** At the right: an amount. */
  figure?: string;
  on: boolean;
  onChange(on: boolean): void;
}

/** Something to tick off, in a list. */
export function TickRow({ name, says, lead, picture, figure, on, onChange }: Props) {
  return (
    <View role="listitem">
      <Pressable
        role="checkbox"
        aria-checked={on}
        aria-label={[lead, name, figure].filter(Boolean).join(', ')}
        {...tickedBySpace(() => onChange(!on))}
        onPress={() => onChange(!on)}
        className="min-h-target flex-row flex-wrap items-center gap-x-3 border-b border-line py-2"
      >
        {lead ? (
          <Figure size="small" className={clockColumn()}>
            {lead}
          </Figure>
        ) : null}
        {picture}
        <View className="words">
          <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
            <Body className={on ? 'text-soft line-through' : 'font-semibold'}>{name}</Body>
            {figure ? <Figure size="small">{figure}</Figure> : null}
          </View>
          {says ? <Small>{says}</Small> : null}
        </View>
        <View
          className={`h-7 w-7 items-center justify-center rounded-md border-2 ${on ? 'border-iron bg-iron' : 'border-edge'}`}
        >
          {on ? <Check size={18} color="rgb(var(--on-iron))" aria-hidden /> : null}
        </View>
      </Pressable>
    </View>
  );
}
