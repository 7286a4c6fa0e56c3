import { allergenSchema, dietSchema, dinerSchema, type Diner } from '@elixa/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Segmented, ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body } from '@/ui/Text';
import { useLeaving } from '@/ui/useLeaving';
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
    onSave({ ...values, name: values.name.trim() });
  });
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
            <Body className="font-semibold">Avoids</Body>
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
          </View>
        )}
      />
    </Sheet>
  );
}
