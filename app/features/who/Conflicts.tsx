import type { Care, Conflict, Offer } from '@elixa/contract';
import { useCatalogue } from '@/ui/catalogue';
import { Check, CircleHelp, Info, TriangleAlert } from '@/ui/icons';
import { View } from 'react-native';
import { AdviceList } from '@/features/evening/AdviceList';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';

/** What guests cannot eat, and what can be done about it. */
export function Conflicts() {
  const { evening, plan, edit } = useEvening();
  const conflicts = plan?.conflicts ?? [];
  const asks = plan?.asks ?? [];
  if (conflicts.length === 0 && asks.length === 0) return null;
  const { swaps, leaveOut } = evening.choices;
  // What somebody does not like is off the plate by itself, until something is done for everybody.
  const changed = new Set([...swaps.map((swap) => swap.ingredientId), ...leaveOut]);
  const seatOf = (name: string) => evening.diners.findIndex((diner) => diner.name === name);
  const asked = (diner: string, about: Care, agrees: boolean) =>
    edit({ kind: 'guestAsked', seat: seatOf(diner), about, agrees });
  const undo = ({ diner, care, ingredientId, standsInFor }: Conflict) => {
    if (care && evening.diners[seatOf(diner)]?.agreed?.includes(care)) asked(diner, care, false);
    else edit({ kind: 'putBack', ingredientIds: [standsInFor ?? ingredientId] });
  };

  return (
    <Section title="Not for everybody">
      <View className="border-t border-line">
        {conflicts.map((conflict) => (
          <ConflictRow
            key={`${conflict.diner}-${conflict.ingredientId}`}
            conflict={conflict}
            isChosen={conflict.weight !== 'taste' || changed.has(conflict.ingredientId)}
            onTake={({ ingredientId, withIngredientId, scope }) =>
              edit({ kind: 'swapTaken', swap: { ingredientId, withIngredientId, scope } })
            }
            onLeaveOut={() => edit({ kind: 'leftOut', ingredientId: conflict.ingredientId })}
            onAsked={(about) => asked(conflict.diner, about, true)}
            onUndo={() => undo(conflict)}
          />
        ))}
        {asks.map((ask) => (
          <View key={`${ask.diner}-ask`} className="flex-row items-start gap-3 border-b border-line py-4">
            <Info size={22} color="rgb(var(--soft))" aria-hidden />
            <View className="min-w-0 flex-1 gap-3">
              <Body>{ask.text}</Body>
              <AdviceList advice={ask.advice} />
            </View>
          </View>
        ))}
      </View>
    </Section>
  );
}

interface RowProps {
  conflict: Conflict;
  /** Somebody settled it, and can settle it otherwise. */
  isChosen: boolean;
  onTake(offer: Offer): void;
  onLeaveOut(): void;
  onAsked(about: Care): void;
  onUndo(): void;
}

/** Whether a guest is harmed, or has only to be asked, or would merely rather not. */
const ICONS = { harm: TriangleAlert, diet: TriangleAlert, care: CircleHelp, taste: Info } as const;

/** What stands between a guest and a thing, with what alcohol is left of it. */
function whyWords({ diner, why, alcoholG }: Conflict): string {
  if (alcoholG === undefined) return `${diner} ${why}`;
  const grams = alcoholG < 0.1 ? 'under 0.1' : `up to ${alcoholG < 10 ? alcoholG.toFixed(1) : Math.round(alcoholG)}`;
  return `${diner} ${why}: ${grams} g of alcohol are left of it in a helping. Ask before it is served.`;
}

function ConflictRow({ conflict, isChosen, onTake, onLeaveOut, onAsked, onUndo }: RowProps) {
  const catalogue = useCatalogue();
  const name = catalogue.byId(conflict.ingredientId).name;
  const settled = conflict.resolvedBy;
  const Icon = settled ? Check : ICONS[conflict.weight ?? 'harm'];

  return (
    <View className="gap-3 border-b border-line py-4">
      <View className="flex-row items-start gap-3">
        <Icon size={22} color={settled ? 'rgb(var(--moss))' : 'rgb(var(--ember))'} aria-hidden />
        <View className="flex-1">
          <Body className="font-semibold">
            {conflict.diner}: {name}
          </Body>
          <Small>{settled ? `Settled: ${settled}` : whyWords(conflict)}</Small>
        </View>
        {settled && isChosen ? (
          <Button look="quiet" label="Change" aria-label={`Change ${name} for ${conflict.diner}`} onPress={onUndo} />
        ) : null}
      </View>
      {settled ? null : (
        <View className="gap-2 pl-9">
          {conflict.offers.map((offer) => (
            <Button key={offer.withIngredientId + offer.scope} left label={offer.text} onPress={() => onTake(offer)} />
          ))}
          {conflict.care ? (
            <Button left label={`Asked: ${conflict.diner} may have it`} onPress={() => onAsked(conflict.care!)} />
          ) : null}
          {conflict.standsInFor ? (
            <Button
              left
              label={`Take the exchange back: ${catalogue.byId(conflict.standsInFor).name} again`}
              onPress={onUndo}
            />
          ) : (
            <Button left label={`Leave out ${name}`} onPress={onLeaveOut} />
          )}
        </View>
      )}
    </View>
  );
}
