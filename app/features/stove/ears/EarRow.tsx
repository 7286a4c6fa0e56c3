import { memo, useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/state';
import { bellSet, listensSet, shakesSet, voiceSet } from '@/state/settings';
import { IconButton } from '@/ui/Button';
import { Bell, BellOff, Mic, MicOff, Vibrate, VibrateOff, Volume2, VolumeX } from '@/ui/icons';
import { Body, Small } from '@/ui/Text';
import { ListenSheet } from './ListenSheet';
import { useListener, type Ears } from './useEars';

const ON = 'rgb(var(--ink))';
const OFF = 'rgb(var(--soft))';

/** What is told to the ear and taken from it, each on or off in one tap. */
export const EarRow = memo(function EarRow({ isOn, last, failure }: Ears) {
  const dispatch = useAppDispatch();
  const { voice, bell, shakes, listens } = useAppSelector((state) => state.settings);
  const listener = useListener();
  const [asking, setAsking] = useState(false);
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between">
        <IconButton
          label={bell ? 'Bell is on' : 'Bell is off'}
          aria-pressed={bell}
          onPress={() => dispatch(bellSet(!bell))}
          icon={bell ? <Bell size={22} color={ON} /> : <BellOff size={22} color={OFF} />}
        />
        <IconButton
          label={shakes ? 'Shaking is on' : 'Shaking is off'}
          aria-pressed={shakes}
          onPress={() => dispatch(shakesSet(!shakes))}
          icon={shakes ? <Vibrate size={22} color={ON} /> : <VibrateOff size={22} color={OFF} />}
        />
        <IconButton
          label={voice ? 'Voice is on' : 'Voice is off'}
          aria-pressed={voice}
          onPress={() => dispatch(voiceSet(!voice))}
          icon={voice ? <Volume2 size={22} color={ON} /> : <VolumeX size={22} color={OFF} />}
        />
        {listener ? (
          <IconButton
            label={listens ? 'Listening is on' : 'Listening is off'}
            aria-pressed={listens}
            onPress={() => (listens ? dispatch(listensSet(false)) : setAsking(true))}
            icon={listens ? <Mic size={22} color={ON} /> : <MicOff size={22} color={OFF} />}
          />
        ) : null}
      </View>
      <View aria-live="polite">
        {failure ? <Body>{failure}</Body> : null}
        {isOn ? (
          <Small>
            {last
              ? `Heard “${last.heard}”. ${last.reply}`
              : 'Listening: say “it’s in”, “it boils”, “not yet”, “what’s next”.'}
          </Small>
        ) : null}
      </View>
      {asking && listener ? (
        <ListenSheet
          listener={listener}
          onClose={() => setAsking(false)}
          onListen={() => {
            dispatch(listensSet(true));
            setAsking(false);
          }}
        />
      ) : null}
    </View>
  );
});
