import type { LiquidStep } from '@elixa/contract';
import { nowMs } from '@/state/clock';
import { useAppDispatch, useAppSelector } from '@/state';
import { IconButton } from '@/ui/Button';
import { Timer, TimerOff } from '@/ui/icons';
import { lasting } from '@/ui/time';
import { timerStarted, timerStopped } from '@/state/timers';

interface Props {
  eveningId: string;
  liquidId: string;
  step: LiquidStep;
}

/** Starts and stops the clock of one step. */
export function StepTimer({ eveningId, liquidId, step }: Props) {
  const dispatch = useAppDispatch();
  const id = `${eveningId}/${liquidId}/${step.id}`;
  const runs = useAppSelector((state) => id in state.timers);
  if (step.durationS < 60) return null;
  return runs ? (
    <IconButton
      label={`Stop the clock: ${step.says}`}
      onPress={() => dispatch(timerStopped(id))}
      icon={<TimerOff size={22} color="rgb(var(--ember))" />}
    />
  ) : (
    <IconButton
      label={`Start ${lasting(step.durationS)}: ${step.says}`}
      onPress={() =>
        dispatch(timerStarted({ id, eveningId, says: step.says, endsAtMs: nowMs() + step.durationS * 1000 }))
      }
      icon={<Timer size={22} color="rgb(var(--iron))" />}
    />
  );
}
