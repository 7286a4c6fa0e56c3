import type { LiveStep } from '@elixa/core';
import { shortName } from '@elixa/core';
import { View } from 'react-native';
import { Small } from '@/ui/Text';
import { lasting } from '@/ui/time';

/** Less than this nobody notices that it does not boil. */
const WORTH_TELLING_S = 60;

const boilsAgainWords = (recoveryS: number | undefined) =>
  recoveryS !== undefined && recoveryS >= WORTH_TELLING_S
    ? `High heat: it boils again after ${lasting(recoveryS)}`
    : undefined;

const cutOf = (pieceId: string) => pieceId.split('-').at(-1) ?? '';

/** Amounts of what goes in together, each with its name; or the one amount and the sign to look for. */
export function StepDetail({ step, large }: { step: LiveStep; large?: boolean }) {
  const size = large ? 'text-lg leading-7' : '';
  const [first] = step.actions;
  const boilsAgain = boilsAgainWords(first?.recoveryS);
  if (step.actions.length > 1) {
    return (
      <>
        <View className="flex-row flex-wrap gap-x-4">
          {step.actions.map((action) => (
            <Small key={action.id} className={size}>
              {shortName(action.ingredientId ?? '', cutOf(action.pieceId ?? ''))}{' '}
              <Small className={`font-semibold text-ink ${size}`}>{action.shownText}</Small>
            </Small>
          ))}
        </View>
        {boilsAgain ? <Small className={size}>{boilsAgain}</Small> : null}
      </>
    );
  }
  return (
    <>
      {first?.shownText ? <Small className={`font-semibold text-ink ${size}`}>{first.shownText}</Small> : null}
      {first?.lookFor ? <Small className={size}>{first.lookFor}</Small> : null}
      {boilsAgain ? <Small className={size}>{boilsAgain}</Small> : null}
    </>
  );
}
