import { Pause, Play, Plus, Undo2 } from '@/ui/icons';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { EarRow } from './ears/EarRow';
import type { Ears } from './ears/useEars';

const INK = 'rgb(var(--ink))';

/** What an undo takes back: the first tap is the lighting itself; taken back, the burner was never lit. */
export const lastTap = ({ taps, started }: LiveLogAccess['state']) => (taps.length > 1 ? taps.at(-1) : started);

interface Props {
  log: LiveLogAccess;
  ears: Ears;
  onFinish(): void;
  onSomethingElse(): void;
  onWall(): void;
}

/** Pause, take back the last tap, what else happened, and what is told to the ear. */
export const LiveControls = memo(function LiveControls({ log, ears, onFinish, onSomethingElse, onWall }: Props) {
  const paused = log.state.status === 'paused';
  const [more, setMore] = useState(false);
  const last = lastTap(log.state);
  return (
    <View className="gap-1">
      <View className="flex-row items-center gap-2">
        <Button
          className="flex-1"
          label={paused ? 'Go on' : 'Pause'}
          icon={paused ? <Play size={20} color={INK} /> : <Pause size={20} color={INK} />}
          onPress={() => log.record({ type: paused ? 'resumed' : 'paused' })}
        />
        <Button
          className="flex-1"
          label="Undo"
          aria-label="Undo the last tap"
          disabled={!last}
          icon={<Undo2 size={20} color={INK} />}
          onPress={() => last && log.record({ type: 'undone', target: last.eventId })}
        />
      </View>
      <Button
        className="mt-1"
        label="Something else happened"
        icon={<Plus size={20} color={INK} />}
        onPress={onSomethingElse}
      />
      <EarRow {...ears} />
      <View className="flex-row flex-wrap justify-center gap-x-2">
        <Button look="quiet" label="For the wall" onPress={onWall} />
        <Button look="quiet" label="Stop, or finish early" onPress={() => setMore(true)} />
      </View>
      <Sheet title="Stop, or finish early" open={more} onClose={() => setMore(false)}>
        <Body>
          Stopped, the evening is planned again: put it off under who eats, or light it again when you are ready.
        </Body>
        <Small>What is half cooked does not keep: cook it through now, or throw it away.</Small>
        <Button
          label="Stop: the pot comes off"
          onPress={() => {
            log.record({ type: 'stopped' });
            setMore(false);
          }}
        />
        <Button
          label="Finish the evening now"
          onPress={() => {
            onFinish();
            setMore(false);
          }}
        />
      </Sheet>
      {log.unsent > 0 ? (
        <Small>
          {log.unsent} {log.unsent === 1 ? 'tap is' : 'taps are'} kept on this device until the server answers.
        </Small>
      ) : null}
    </View>
  );
});
