import { CloudAlert, CloudCheck, CloudOff, CloudUpload } from '@/ui/icons';
import { useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/state';
import { conflictSettled, sendAgain, type Draft } from '@/state/drafts';
import { eventsSentAgain } from '@/state/log';
import { saveMark, type SaveKind } from '@/state/saveMark';
import { Button, IconButton } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { clock, day } from '@/ui/time';

const ICONS: Record<SaveKind, typeof CloudCheck> = {
  saved: CloudCheck,
  saving: CloudUpload,
  keptHere: CloudOff,
  nowhere: CloudAlert,
  signIn: CloudAlert,
  refused: CloudAlert,
  conflict: CloudAlert,
};

/** Whether the evening is stored, waits to be, or needs somebody to settle something; the reason is a tap away. */
export function SaveState({ id, draft }: { id: string; draft?: Draft }) {
  const connection = useAppSelector((state) => state.connection);
  const log = useAppSelector((state) => state.live[id]);
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const [later, setLater] = useState(false);
  const { kind, says, more } = saveMark(draft, log, connection);
  const Icon = ICONS[kind];
  const theirs = draft?.conflict;
  const isAsked = theirs !== undefined && !later;
  const again = () => {
    if (draft?.problem) dispatch(sendAgain(id));
    if (log?.refused) dispatch(eventsSentAgain(id));
    setOpen(false);
  };
  const close = () => {
    setOpen(false);
    setLater(true);
  };
  const urgent = ICONS[kind] === CloudAlert;
  const icon = <Icon size={20} color={urgent ? 'rgb(var(--ember))' : 'rgb(var(--soft))'} />;
  return (
    <>
      {more ? (
        <IconButton label={says} onPress={() => setOpen(true)} icon={icon} />
      ) : (
        <View role="img" aria-label={says} className="px-2">
          {icon}
        </View>
      )}
      <Sheet title={says} open={more !== undefined && (open || isAsked)} onClose={close}>
        <Body>{more}</Body>
        {theirs ? (
          <>
            <Small>
              Theirs: {theirs.evening.title}, {day(theirs.evening.sitDownAt)} at {clock(theirs.evening.sitDownAt)},{' '}
              {theirs.evening.diners.length} at the table. Yours: {draft?.evening.title},{' '}
              {day(draft?.evening.sitDownAt ?? 0)} at {clock(draft?.evening.sitDownAt ?? 0)},{' '}
              {draft?.evening.diners.length} at the table.
            </Small>
            <Button look="main" label="Keep mine" onPress={() => dispatch(conflictSettled({ id, keep: 'mine' }))} />
            <Button label="Take theirs" onPress={() => dispatch(conflictSettled({ id, keep: 'theirs' }))} />
          </>
        ) : null}
        {kind === 'refused' ? <Button look="main" label="Try to save it again" onPress={again} /> : null}
      </Sheet>
    </>
  );
}
