import { allergenSchema, dietSchema, dinerSchema, type Diner } from '@elixa/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Segmented, ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { useLeaving } from '@/ui/useLeaving';
import { AgeField } from './AgeField';
import { ThingsPicked } from './ThingsPicked';
import { ALLERGEN, APPETITE, CARE, DIET } from './words';

interface Props {
  diner: Diner;
  taken: readonly string[];
  canLeave: boolean;
  onSave(diner: Diner): void;
  onLeave(): void;
  onClose(): void;
}

const toggled = <Item,>(items: readonly Item[], item: Item, on: boolean) =>
  on ? [...items, item] : items.filter((one) => one !== item);

/** Everything about one guest that changes what is cooked. */
export function DinerSheet({ diner, taken, canLeave, onSave, onLeave, onClose }: Props) {
  const form = useForm<Diner>({ defaultValues: diner, resolver: zodResolver(dinerSchema) });
  const save = form.handleSubmit((values) => {
    if (taken.some((name) => name.toLowerCase() === values.name.trim().toLowerCase())) {
      form.setError('name', { message: `${values.name.trim()} is at the table already. Use another name.` });
      return;
    }
    const { years, ...others } = values;
    // An age belongs to a child.
    onSave({ ...others, ...(values.child && years !== undefined ? { years } : {}), name: values.name.trim() });
  });
  const isChild = form.watch('child');
  const { leave, stuck } = useLeaving(form, save, onClose);
  return (
    <Sheet
      open
      title={diner.name}
      onClose={leave}
      footer={
        <>
          <Button look="main" label="Done" onPress={() => void save()} />
          {canLeave ? <Button look="quiet" label={`${diner.name} is not coming`} onPress={onLeave} /> : null}
          {stuck ? <Button look="quiet" label="Close without the changes" onPress={onClose} /> : null}
        </>
      }
    >
      <Controller
        control={form.control}
        name="name"
        render={({ field, fieldState }) => (
          <Field
            label="Name"
            value={field.value}
            onChange={field.onChange}
            onBlur={field.onBlur}
            onEnter={() => void save()}
            maxLength={40}
            error={fieldState.error && (field.value.trim() === '' ? 'Name: write one.' : fieldState.error.message)}
          />
        )}
      />
      <Controller
        control={form.control}
        name="appetite"
        render={({ field }) => (
          <View className="gap-2">
            <Body className="font-semibold">Appetite</Body>
            <Segmented
              label="Appetite"
              options={(['small', 'regular', 'large'] as const).map((value) => ({ value, label: APPETITE[value] }))}
              value={field.value}
              onChange={field.onChange}
            />
          </View>
        )}
      />
      <View className="gap-2">
        <Body className="font-semibold">Take care of</Body>
        <View className="flex-row flex-wrap gap-2">
          {CARE.map(({ name, label }) => (
            <Controller
              key={name}
              control={form.control}
              name={name}
              render={({ field }) => <ToggleChip label={label} on={field.value ?? false} onChange={field.onChange} />}
            />
          ))}
        </View>
        {isChild ? (
          <Controller
            control={form.control}
            name="years"
            render={({ field }) => <AgeField years={field.value} onChange={field.onChange} />}
          />
        ) : null}
      </View>
      <Controller
        control={form.control}
        name="diets"
        render={({ field }) => (
          <View className="gap-2">
            <Body className="font-semibold">Eats</Body>
            <View className="flex-row flex-wrap gap-2">
              {dietSchema.options.map((diet) => (
                <ToggleChip
                  key={diet}
                  label={DIET[diet]}
                  on={field.value.includes(diet)}
                  onChange={(on) => field.onChange(toggled(field.value, diet, on))}
                />
              ))}
            </View>
          </View>
        )}
      />
      <Controller
        control={form.control}
        name="avoids"
        render={({ field }) => (
          <View className="gap-2">
            <View>
              <Body className="font-semibold">Must not have</Body>
              <Small>An allergy, or what harms them: nothing of it comes near them.</Small>
            </View>
            <View className="flex-row flex-wrap gap-2">
              {allergenSchema.options.map((allergen) => (
                <ToggleChip
                  key={allergen}
                  label={ALLERGEN[allergen]}
                  on={field.value.includes(allergen)}
                  onChange={(on) => field.onChange(toggled(field.value, allergen, on))}
                />
              ))}
            </View>
            <ThingsPicked label="Something else they must not have" picked={field.value} onChange={field.onChange} />
          </View>
        )}
      />
      <Controller
        control={form.control}
        name="dislikes"
        render={({ field }) => (
          <View className="gap-2">
            <View>
              <Body className="font-semibold">Does not like</Body>
              <Small>It may lie in the same pot; they are served without.</Small>
            </View>
            <ThingsPicked
              label="Something they do not like"
              picked={field.value ?? []}
              onChange={(next) => field.onChange(next.length > 0 ? next : undefined)}
            />
          </View>
        )}
      />
    </Sheet>
  );
}
