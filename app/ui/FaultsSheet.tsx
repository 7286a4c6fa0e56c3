import type { FieldError } from '@elixa/contract';
import { View } from 'react-native';
import { Sheet } from './Sheet';
import { Body, Small } from './Text';

/** More than these are not read through at once. */
const MOST = 20;

interface Props {
  title: string;
  /** What is to be known before the list. */
  says?: string;
  faults: readonly FieldError[];
  onClose(): void;
}

/** What is wrong with something that came in, field by field, each with its fix; shown while there is something. */
export function FaultsSheet({ title, says, faults, onClose }: Props) {
  return (
    <Sheet title={title} open={faults.length > 0} onClose={onClose}>
      {says ? <Body>{says}</Body> : null}
      {faults.slice(0, MOST).map(({ field, message, fix }) => (
        <View key={field + message}>
          <Body className="font-semibold">{field}</Body>
          <Small>
            {message}. {fix}
          </Small>
        </View>
      ))}
    </Sheet>
  );
}
