import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { useNow } from '@/state/useNow';
import { useAppDispatch, useAppSelector } from '@/state';
import { IconButton } from '@/ui/Button';
import { Timer, X } from '@/ui/icons';
import { Body, Figure } from '@/ui/Text';
import { countdown } from '@/ui/time';
import { ring } from './bell';
import { timerStopped } from '@/state/timers';

/** Clocks that run for this evening, in view on every stage; each rings once when it is over. */
export function RunningTimers({ eveningId }: { eveningId: string }) {
  const dispatch = useAppDispatch();
  const timers = useAppSelector((state) => state.timers);
  const bell = useAppSelector((state) => state.settings.bell);
  const all = Object.values(timers).filter((timer) => timer.eveningId === eveningId);
  const own = all.filter((timer) => !timer.inPlace).sort((a, b) => a.endsAtMs - b.endsAtMs);
  const now = useNow(all.length > 0);
  const rung = useRef(new Set<string>());
  const over = all.filter((timer) => timer.endsAtMs <= now).map((timer) => timer.id);
  const overKey = over.join();
  useEffect(() => {
    for (const id of overKey === '' ? [] : overKey.split(',')) {
      if (rung.current.has(id)) continue;
      rung.current.add(id);
      if (bell) ring();
    }
  }, [overKey, bell]);
  if (own.length === 0) return null;
  return (
    <View aria-live="polite" className="gap-2">
      {own.map((timer) => {
        const leftS = (timer.endsAtMs - now) / 1000;
        return (
          <View key={timer.id} className="flex-row items-center gap-3 rounded-2xl bg-well py-1 pl-4 pr-1">
            <Timer size={20} color={leftS <= 0 ? 'rgb(var(--ember))' : 'rgb(var(--soft))'} aria-hidden />
            <Body className="min-w-0 flex-1">{timer.says}</Body>
            <Figure running size="small" className={leftS <= 0 ? 'text-ember' : ''}>
              {leftS <= 0 ? 'now' : countdown(leftS)}
            </Figure>
            <IconButton
              label={`Stop the timer: ${timer.says}`}
              onPress={() => dispatch(timerStopped(timer.id))}
              icon={<X size={20} color="rgb(var(--soft))" />}
            />
          </View>
        );
      })}
    </View>
  );
}
