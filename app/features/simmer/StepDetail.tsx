import type { LiveStep } from '@elixa/core';
import { shortName } from '@elixa/core';
import { View } from 'react-native';
import { Small } from '@/ui/Text';

const cutOf = (pieceId: string) => pieceId.split('-').at(-1) ?? '';

/** Amounts of what goes in together, each with its name; or the one amount and the sign to look for. */
export function StepDetail({ step, large }: { step: LiveStep; large?: boolean }) {
  const size = large ? 'text-lg leading-7' : '';
  const [first] = step.actions;
  if (step.actions.length > 1) {
    return (
      <View className="flex-row flex-wrap gap-x-4">
        {step.actions.map((action) => (
          <Small key={action.id} className={size}>
            {shortName(action.ingredientId ?? '', cutOf(action.pieceId ?? ''))}{' '}
            <Small className={`font-semibold text-ink ${size}`}>{action.shownText}</Small>
          </Small>
        ))}
      </View>
    );
  }
  return (
    <>
      {first?.shownText ? <Small className={`font-semibold text-ink ${size}`}>{first.shownText}</Small> : null}
      {first?.lookFor ? <Small className={size}>{first.lookFor}</Small> : null}
    </>
  );
}
