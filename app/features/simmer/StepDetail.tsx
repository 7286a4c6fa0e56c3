import type { LiveStep } from '@elixa/core';
import { type Catalogue, shortName } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Small } from '@/ui/Text';
import { lasting } from '@/ui/time';

/** Less than this nobody notices that it does not boil. */
const WORTH_TELLING_S = 60;

/** What becomes of fire and lid, and for how long it does not boil. */
function fireWords({ recoveryS = 0, fire, gently }: Partial<Action>): string | undefined {
  const isTold = recoveryS >= WORTH_TELLING_S;
  if (!isTold) return fire;
  const again = `it boils again after ${lasting(recoveryS)}`;
  const up = gently ? 'Medium-high heat, never a hard boil' : 'High heat';
  return fire ? `${up}. ${fire}: ${again}` : `${up}: ${again}`;
}

type Action = LiveStep['actions'][number];

/** What an amount is an amount of. */
const nameOf = (catalogue: Catalogue, { ingredientId, cut, kind }: Action): string =>
  ingredientId ? shortName(catalogue.byId(ingredientId), cut ?? '') : kind === 'pour' ? 'pour' : 'ladle out';

/** Amounts of what goes in together, each with its name; or the one amount and the sign to look for. */
export function StepDetail({ step, large }: { step: LiveStep; large?: boolean | 'wall' }) {
  const catalogue = useCatalogue();
  const size = large === 'wall' ? 'text-wallDetail' : large ? 'text-lg leading-7' : '';
  const measured = step.actions.filter((action) => action.shownText);
  const fire = fireWords(step.actions[0] ?? {});
  const sign = (measured[0] ?? step.actions[0])?.lookFor;
  if (measured.length > 1) {
    return (
      <>
        <View className="flex-row flex-wrap gap-x-4">
          {measured.map((action) => (
            <Small key={action.id} className={size}>
              {nameOf(catalogue, action)} <Small className={`font-semibold text-ink ${size}`}>{action.shownText}</Small>
            </Small>
          ))}
        </View>
        {fire ? <Small className={size}>{fire}</Small> : null}
      </>
    );
  }
  return (
    <>
      {measured[0] ? <Small className={`font-semibold text-ink ${size}`}>{measured[0].shownText}</Small> : null}
      {sign ? <Small className={size}>{sign}</Small> : null}
      {fire ? <Small className={size}>{fire}</Small> : null}
    </>
  );
}
