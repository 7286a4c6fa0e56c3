import { andList, capital, type Rescue } from '@elixa/core';
import type { ReactNode } from 'react';
import { Check } from '@/ui/icons';
import { Button } from '@/ui/Button';
import { Body } from '@/ui/Text';
import { GOES_ON_ID } from '@/ui/focusKept';
import { countdown } from '@/ui/time';
import { useGuard } from '@/state/useGuard';
import { BigAction, useBigButton } from './BigAction';

interface Props {
  rescue: Rescue;
  beside?: ReactNode;
  onOut(): void;
  onLeave(): void;
}

/** Something has to come out before it is past its best: that goes before what is next. */
export function RescueAction({ rescue, beside, onOut, onLeave }: Props) {
  const { pieceIds, names, overInS } = rescue;
  const big = useBigButton();
  const meaning = `rescue ${pieceIds.join(' ')}`;
  const out = useGuard(meaning, onOut);
  const leave = useGuard(meaning, onLeave);
  const isPast = overInS <= 0;
  const figure = isPast ? '0:00' : countdown(overInS);
  return (
    <BigAction
      eyebrow="Now"
      title={`${capital(andList(names))}: lift out`}
      detail={
        <Body className="text-lg">
          {isPast ? 'Past the best, still good to eat.' : 'At its best now.'} The round takes longer; keep it warm on a
          plate under a lid, or eat it first.
        </Body>
      }
      countdown={{
        figure,
        says: isPast ? 'now' : `in ${figure}`,
        word: isPast ? 'it goes on cooking' : 'until it is past',
        isNow: true,
        isLate: isPast,
      }}
      beside={beside}
      button={
        <Button
          nativeID={GOES_ON_ID}
          look="ember"
          {...big}
          label={pieceIds.length > 1 ? 'They are out' : 'It is out'}
          icon={<Check size={28} color="rgb(var(--on-ember))" />}
          onPress={out}
        />
      }
      others={
        <Button className="min-h-main" label={pieceIds.length > 1 ? 'Leave them in' : 'Leave it in'} onPress={leave} />
      }
    />
  );
}
