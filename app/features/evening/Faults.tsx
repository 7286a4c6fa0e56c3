import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/state';
import { Button } from '@/ui/Button';
import { Body, Small } from '@/ui/Text';
import { sendAgain } from '@/state/drafts';
import { useEvening } from './EveningContext';

/** Why the evening cannot be planned or stored, field by field. */
export function Faults() {
  const { evening, faults, failure, undo } = useEvening();
  const dispatch = useAppDispatch();
  const problem = useAppSelector((state) => state.drafts[evening.id]?.problem);
  const fields = faults.length > 0 ? faults : (problem?.errors ?? []);
  if (fields.length === 0 && !failure && !problem) return null;
  return (
    <View role="alert" className="gap-2 rounded-2xl border border-ember bg-sheet p-4">
      <Body className="font-semibold">
        {failure
          ? 'This evening could not be planned'
          : faults.length > 0
            ? 'This has to change first'
            : (problem?.title ?? 'It is not saved yet')}
      </Body>
      {failure ? <Small>{failure}</Small> : null}
      {problem && fields.length === 0 ? <Small>{problem.detail}</Small> : null}
      {fields.map((one) => (
        <Small key={one.field + one.message}>
          {one.message}. {one.fix}
        </Small>
      ))}
      <Small>What you entered is kept.</Small>
      <View className="flex-row flex-wrap gap-2">
        {undo && !problem ? <Button label="Take the last change back" onPress={undo} /> : null}
        {problem ? <Button label="Try to save it again" onPress={() => dispatch(sendAgain(evening.id))} /> : null}
      </View>
    </View>
  );
}
