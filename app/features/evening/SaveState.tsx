import { CloudCheck, CloudOff, CloudUpload } from '@/ui/icons';
import { useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/store';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { clock, day } from '@/ui/time';
import { conflictSettled, type Draft } from './draftsSlice';

/** Whether the evening is stored, waits to be, or was changed by somebody else. */
export function SaveState({ id, draft }: { id: string; draft?: Draft }) {
  const online = useAppSelector((state) => state.connection.online);
  const dispatch = useAppDispatch();
  const [later, setLater] = useState(false);
  const theirs = draft?.conflict;
  const Icon = draft?.unsaved ? (online ? CloudUpload : CloudOff) : CloudCheck;
  const says = draft?.unsaved ? (online ? 'Saving' : 'Kept on this device until the server is back') : 'Saved';
  return (
    <View role="img" aria-label={says} className="px-2">
      <Icon size={20} color="rgb(var(--soft))" />
      <Sheet title="Changed in two places" open={theirs !== undefined && !later} onClose={() => setLater(true)}>
        <Body>Somebody changed this evening while you did. Both are safe until you choose.</Body>
        {theirs ? (
          <Small>
            Theirs: {theirs.evening.title}, {day(theirs.evening.sitDownAt)} at {clock(theirs.evening.sitDownAt)},{' '}
            {theirs.evening.diners.length} at the table. Yours: {draft?.evening.title},{' '}
            {day(draft?.evening.sitDownAt ?? 0)} at {clock(draft?.evening.sitDownAt ?? 0)},{' '}
            {draft?.evening.diners.length} at the table.
          </Small>
        ) : null}
        <Button look="main" label="Keep mine" onPress={() => dispatch(conflictSettled({ id, keep: 'mine' }))} />
        <Button label="Take theirs" onPress={() => dispatch(conflictSettled({ id, keep: 'theirs' }))} />
      </Sheet>
    </View>
  );
}
