import { Bell, BellOff, Pause, Play, Soup, Undo2, Volume2, VolumeX } from '@/ui/icons';
import { View } from 'react-native';
import { bellSet, voiceSet } from '@/features/settings/settingsSlice';
import { useAppDispatch, useAppSelector } from '@/store';
import { Button, IconButton } from '@/ui/Button';
import { Small } from '@/ui/Text';
import type { LiveLogAccess } from './useLiveLog';

const INK = 'rgb(var(--ink))';

/** Pause, take back the last tap, bell and voice. */
export function LiveControls({ log, onTaste }: { log: LiveLogAccess; onTaste(): void }) {
  const dispatch = useAppDispatch();
  const { voice, bell } = useAppSelector((state) => state.settings);
  const paused = log.state.status === 'paused';
  // The start itself is not taken back: only what was tapped after it.
  const last = log.state.taps.length > 1 ? log.state.taps.at(-1) : undefined;
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
        <IconButton
          label={bell ? 'Bell is on' : 'Bell is off'}
          aria-pressed={bell}
          onPress={() => dispatch(bellSet(!bell))}
          icon={bell ? <Bell size={22} color={INK} /> : <BellOff size={22} color="rgb(var(--soft))" />}
        />
        <IconButton
          label={voice ? 'Voice is on' : 'Voice is off'}
          aria-pressed={voice}
          onPress={() => dispatch(voiceSet(!voice))}
          icon={voice ? <Volume2 size={22} color={INK} /> : <VolumeX size={22} color="rgb(var(--soft))" />}
        />
      </View>
      <Button
        className="mt-1"
        label="It does not taste right"
        icon={<Soup size={20} color={INK} />}
        onPress={onTaste}
      />
      {log.unsent > 0 ? (
        <Small>
          {log.unsent} {log.unsent === 1 ? 'tap is' : 'taps are'} kept on this device until the server answers.
        </Small>
      ) : null}
    </View>
  );
}
