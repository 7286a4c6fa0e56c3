import { View } from 'react-native';
import { Button, IconButton } from '@/ui/Button';
import { Pause, Play, RotateCcw, RotateCw } from '@/ui/icons';
import { Body, Figure, Small } from '@/ui/Text';
import { countdown } from '@/ui/time';
import { RATES, type Playing } from './usePlaying';

const INK = 'rgb(var(--ink))';
/** One step back, or on, in s. */
const STEP_S = 60;

interface Props {
  playing: Playing;
  endsAtS: number;
  isByHand: boolean;
  /** What is seen in the pot by whoever looks into it. */
  seen?: string | undefined;
  onEnd(): void;
}

/** The time of a rehearsal: stopped and started, faster and slower, a minute back and on. */
export function PlayerBar({ playing, endsAtS, isByHand, seen, onEnd }: Props) {
  const { atS, isOn, rate, toggle, setRate, jump } = playing;
  const faster = RATES[(RATES.indexOf(rate) + 1) % RATES.length]!;
  return (
    <View role="region" aria-label="Rehearsal" className="gap-1 rounded-2xl border border-edge bg-well px-4 py-3">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-4">
        <Body className="font-semibold">Rehearsal, {isByHand ? 'by hand' : 'by itself'}</Body>
        <Figure size="small" running>
          {countdown(atS)}
          {isByHand ? '' : ` of ${countdown(endsAtS)}`}
        </Figure>
      </View>
      <View className="flex-row flex-wrap items-center">
        {isByHand ? null : (
          <IconButton
            label="A minute back"
            icon={<RotateCcw size={22} color={INK} />}
            onPress={() => jump(atS - STEP_S)}
          />
        )}
        <IconButton
          label={isOn ? 'Stop the clock' : 'Let it go on'}
          icon={isOn ? <Pause size={22} color={INK} /> : <Play size={22} color={INK} />}
          onPress={() => toggle(!isOn)}
        />
        <IconButton label="A minute on" icon={<RotateCw size={22} color={INK} />} onPress={() => jump(atS + STEP_S)} />
        <Button
          look="quiet"
          label={`${rate}×`}
          aria-label={`${rate} times as fast; ${faster} times is next`}
          onPress={() => setRate(faster)}
        />
        <Button look="quiet" className="ml-auto" label="To the end" onPress={onEnd} />
      </View>
      {seen ? (
        <Body role="status" className="text-lg font-semibold">
          {seen}
        </Body>
      ) : null}
      <Small>
        {isByHand
          ? 'You tap. Nothing of it is kept in the log of the evening.'
          : 'Tap anything below to go on by hand. Nothing of it is kept.'}
      </Small>
    </View>
  );
}
