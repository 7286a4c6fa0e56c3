import type { Evening } from '@elixa/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/state';
import { useRemoveEveningMutation } from '@/state/api';
import { draftDropped } from '@/state/drafts';
import { noticeShown } from '@/state/notice';
import { Button } from '@/ui/Button';
import { Trash2 } from '@/ui/icons';
import { Small } from '@/ui/Text';

/** Throws an evening away, with the way back in the notice; one that the server never had is gone. */
function useThrownAway() {
  const dispatch = useAppDispatch();
  const [remove] = useRemoveEveningMutation();
  return async ({ id, title }: Evening, isOnlyHere: boolean) => {
    if (!isOnlyHere) {
      const answer = await remove(id);
      if (answer.error) {
        dispatch(noticeShown({ says: `${title} cannot be thrown away while the server is away` }));
        return;
      }
    }
    router.replace('/');
    dispatch(draftDropped(id));
    dispatch(
      noticeShown(isOnlyHere ? { says: `${title} was dropped` } : { says: `${title} lies in the bin`, undoDelete: id }),
    );
  };
}

/** At the foot of an evening's page, away from what is tapped daily; one with a log is asked about, and one that no bin would keep. */
export function ThrowAway({ evening }: { evening: Evening }) {
  const thrownAway = useThrownAway();
  const [isAsked, setIsAsked] = useState(false);
  const isOnlyHere = useAppSelector((state) => state.drafts[evening.id]?.baseVersion === 0);
  const hasLog = useAppSelector((state) => (state.live[evening.id]?.events.length ?? 0) > 0);
  if (isAsked) {
    return (
      <View role="alert" className="gap-3 rounded-2xl bg-well p-5">
        <Small className="text-ink">
          {isOnlyHere
            ? `${evening.title} is on this device only: nothing brings it back.`
            : `${evening.title} has a log: what was done and when, its notes and its picture go along.`}
        </Small>
        <View className="flex-row flex-wrap gap-3">
          <Button label="Keep it" onPress={() => setIsAsked(false)} />
          <Button label="Yes, throw it away" onPress={() => void thrownAway(evening, isOnlyHere)} />
        </View>
      </View>
    );
  }
  return (
    <Button
      look="quiet"
      className="self-start"
      label="Throw this evening away"
      icon={<Trash2 size={20} color="rgb(var(--soft))" />}
      onPress={() => (hasLog || isOnlyHere ? setIsAsked(true) : void thrownAway(evening, isOnlyHere))}
    />
  );
}
