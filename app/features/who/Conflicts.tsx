import type { Conflict, Offer } from '@elixa/contract';
import { useCatalogue } from '@/ui/catalogue';
import { Check, Info, TriangleAlert } from '@/ui/icons';
import { View } from 'react-native';
import { AdviceList } from '@/features/evening/AdviceList';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';

/** What guests cannot eat, and what can be done about it. */
export function Conflicts() {
  const { plan, edit } = useEvening();
  const conflicts = plan?.conflicts ?? [];
  const asks = plan?.asks ?? [];
  if (conflicts.length === 0 && asks.length === 0) return null;

  return (
    <Section title="Not for everybody">
      <View className="border-t border-line">
        {conflicts.map((conflict) => (
          <ConflictRow
            key={`${conflict.diner}-${conflict.ingredientId}`}
            conflict={conflict}
            onTake={({ ingredientId, withIngredientId, scope }) =>
              edit({ kind: 'swapTaken', swap: { ingredientId, withIngredientId, scope } })
            }
            onLeaveOut={() => edit({ kind: 'leftOut', ingredientId: conflict.ingredientId })}
            onUndo={() => edit({ kind: 'putBack', ingredientIds: [conflict.standsInFor ?? conflict.ingredientId] })}
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
  onTake(offer: Offer): void;
  onLeaveOut(): void;
  onUndo(): void;
}

function ConflictRow({ conflict, onTake, onLeaveOut, onUndo }: RowProps) {
  const catalogue = useCatalogue();
  const name = catalogue.byId(conflict.ingredientId).name;
  const settled = conflict.resolvedBy;
  const Icon = settled ? Check : TriangleAlert;
  return (
    <View className="gap-3 border-b border-line py-4">
      <View className="flex-row items-start gap-3">
        <Icon size={22} color={settled ? 'rgb(var(--moss))' : 'rgb(var(--ember))'} aria-hidden />
        <View className="flex-1">
          <Body className="font-semibold">
            {conflict.diner}: {name}
          </Body>
          <Small>{settled ? `Settled: ${settled}` : `${conflict.diner} ${conflict.why}`}</Small>
        </View>
        {settled ? (
          <Button look="quiet" label="Change" aria-label={`Change ${name} for ${conflict.diner}`} onPress={onUndo} />
        ) : null}
      </View>
      {settled ? null : (
        <View className="gap-2 pl-9">
          {conflict.offers.map((offer) => (
            <Button key={offer.withIngredientId + offer.scope} left label={offer.text} onPress={() => onTake(offer)} />
          ))}
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
