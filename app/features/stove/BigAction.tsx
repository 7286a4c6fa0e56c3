import { createContext, useContext, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { Body, Figure, Small } from '@/ui/Text';
import { useScreen } from '@/ui/useScreen';

export interface CountdownShown {
  figure: string;
  /** As it is read out. */
  says: string;
  /** Under the figure. */
  word: string;
  /** It is time, or past it. */
  isNow: boolean;
  isLate: boolean;
}

interface Props {
  /** Over the words: now, next. */
  eyebrow: string;
  title: string;
  detail?: ReactNode;
  countdown?: CountdownShown | undefined;
  /** Shown beside the countdown. */
  beside?: ReactNode;
  /** What was done, and what else may be answered. */
  button: ReactNode;
  others?: ReactNode;
}

/** Whether it hangs on the wall, to be read across the kitchen. */
export const OnWall = createContext(false);

/** How large its button is. */
export const useBigButton = () =>
  useContext(OnWall)
    ? { className: 'min-h-[14vh]', wordsClassName: 'text-wallDetail' }
    : { className: 'min-h-[80px]', wordsClassName: 'text-2xl' };

/** The one thing to do, in words that can be read from a metre away, its countdown and its big button. */
export function BigAction({ eyebrow, title, detail, countdown, beside, button, others }: Props) {
  const { short: onSide, low, narrow } = useScreen();
  // On its side a phone has the words beside the button; with very large letters there is no such room.
  const onWall = useContext(OnWall);
  const short = onSide && !narrow && !onWall;
  // Whatever is said besides, the words, the countdown and the button are in sight.
  const isDetailLast = low && !short && !onWall;
  const words = (
    <View aria-live="polite" className={short ? 'min-w-0 flex-1' : ''}>
      <Small className={`font-semibold text-soft ${onWall ? 'text-wallDetail' : 'text-base'}`}>{eyebrow}</Small>
      <Text
        role="heading"
        aria-level={2}
        className={`font-display font-semibold text-ink ${onWall ? 'text-wall' : 'text-metre'}`}
      >
        {title}
      </Text>
      {detail && !isDetailLast ? <View className="pt-1">{detail}</View> : null}
    </View>
  );
  const time = (
    <View className="flex-row flex-wrap items-center justify-between gap-3">
      {countdown ? (
        <View role="timer" aria-label={countdown.says}>
          <Figure running size={onWall ? 'wall' : 'huge'} className={countdown.isNow ? 'text-ember' : ''}>
            {countdown.figure}
          </Figure>
          <Body
            className={`${onWall ? 'text-wallDetail' : 'text-xl'} ${countdown.isLate ? 'font-bold text-ember' : 'text-soft'}`}
          >
            {countdown.word}
          </Body>
        </View>
      ) : null}
      {beside && !short ? <View className="min-w-[6.25rem] max-w-44 flex-1">{beside}</View> : null}
    </View>
  );
  if (short) {
    return (
      <View className="flex-row items-start gap-6">
        {words}
        <View className="w-[300px] gap-3">
          {button}
          {others}
          {time}
        </View>
      </View>
    );
  }
  return (
    <View className="gap-4">
      {words}
      {time}
      {button}
      {isDetailLast ? detail : null}
      {others}
    </View>
  );
}
