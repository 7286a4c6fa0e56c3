import { useState } from 'react';
import { View } from 'react-native';
import { useReadBinQuery, useRestoreEveningMutation } from '@/state/api';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { day } from '@/ui/time';

/** What was thrown away, until it is gone for good; nothing where nothing was. */
export function EveningBin() {
  const { data } = useReadBinQuery(undefined, { refetchOnMountOrArgChange: true });
  const [restore] = useRestoreEveningMutation();
  const [isOpen, setIsOpen] = useState(false);
  const thrown = data?.evenings ?? [];
  if (thrown.length === 0) return null;
  const count = thrown.length === 1 ? '1 evening' : `${thrown.length} evenings`;
  if (!isOpen)
    return (
      <Button
        look="quiet"
        className="self-start"
        label={`The bin: ${count}`}
        aria-expanded={false}
        onPress={() => setIsOpen(true)}
      />
    );
  return (
    <Section title="The bin" aside={<Small>{count}</Small>}>
      <View role="list" className="border-t border-line">
        {thrown.map((one) => (
          <View
            key={one.id}
            role="listitem"
            className="min-h-main flex-row flex-wrap items-center justify-between gap-x-4 gap-y-2 border-b border-line py-3"
          >
            <View className="flex-1">
              <Body>{one.title}</Body>
              <Small>
                {day(one.sitDownAt)} · kept until {day(one.goneAt)}
              </Small>
            </View>
            <Button label="Bring it back" aria-label={`Bring ${one.title} back`} onPress={() => void restore(one.id)} />
          </View>
        ))}
      </View>
    </Section>
  );
}
