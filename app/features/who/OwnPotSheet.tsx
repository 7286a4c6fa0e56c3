import { fieldErrors, vesselMaterialSchema, vesselSchema, type Vessel, type VesselMaterial } from '@elixa/contract';
import { VESSELS } from '@elixa/core';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body } from '@/ui/Text';
import { typedNumber } from '@/ui/typedNumber';
import { useLeaving } from '@/ui/useLeaving';

const MATERIAL: Record<VesselMaterial, string> = {
  clay: 'Clay',
  castIron: 'Cast iron',
  steel: 'Steel',
  aluminium: 'Aluminium',
  enamel: 'Enamel',
};

/** Empty mass of a pot when nobody weighed it: g for a litre it holds, by material. Kitchen estimate. */
const MASS_G_PER_L: Record<VesselMaterial, number> = {
  clay: 900,
  castIron: 1000,
  steel: 360,
  aluminium: 260,
  enamel: 420,
};

interface Props {
  vessel: Vessel;
  onSave(vessel: Vessel): void;
  onClose(): void;
}

const NUMBERS = [
  { name: 'innerDiameterMm', label: 'Width inside, at the rim', unit: 'mm', most: 600 },
  { name: 'innerDepthMm', label: 'Depth in the middle', unit: 'mm', most: 400 },
  { name: 'rimVolumeMl', label: 'Holds to the rim', unit: 'ml', most: 40_000 },
] as const;

type Measure = (typeof NUMBERS)[number]['name'];
/** A pot as it is typed: its measures are texts until it is used. */
type TypedPot = Omit<Vessel, Measure> & Record<Measure, string>;

const EMPTY_G = { least: 200, most: 20_000 };

const emptyMassG = (rimVolumeMl: number, material: VesselMaterial) =>
  Math.min(EMPTY_G.most, Math.max(EMPTY_G.least, Math.round((rimVolumeMl / 1000) * MASS_G_PER_L[material])));

/** The pot that was typed, or what is wrong with it, by field. */
export function readPot(typed: TypedPot): { pot?: Vessel; errors: Array<{ field: Measure | 'name'; says: string }> } {
  const numbers = NUMBERS.map(({ name, most }) => ({ name, number: typedNumber(String(typed[name]), most) }));
  const unread = numbers.filter(({ number }) => number === undefined);
  if (unread.length > 0) {
    return { errors: unread.map(({ name }) => ({ field: name, says: 'Write a number, for example 280.' })) };
  }
  const measures = Object.fromEntries(numbers.map(({ name, number }) => [name, number])) as Record<Measure, number>;
  const parsed = vesselSchema.safeParse({
    ...typed,
    ...measures,
    emptyMassG: emptyMassG(measures.rimVolumeMl, typed.material),
  });
  if (parsed.success) return { pot: parsed.data, errors: [] };
  return {
    errors: fieldErrors(parsed.error).map(({ field, message, fix }) => ({
      field: field === 'name' ? 'name' : (NUMBERS.find(({ name }) => name === field)?.name ?? 'rimVolumeMl'),
      says: field === 'name' ? 'Write one.' : `${message}. ${fix}`,
    })),
  };
}

/** A pot of the cook's own, by ruler and measuring jug. */
export function OwnPotSheet({ vessel, onSave, onClose }: Props) {
  // Measured after one of the catalogue, which stays as it is.
  const isNew = VESSELS.some((one) => one.id === vessel.id);
  const form = useForm<TypedPot>({
    defaultValues: {
      ...vessel,
      id: isNew ? `own-${vessel.id}`.slice(0, 40) : vessel.id,
      name: isNew ? 'My pot' : vessel.name,
      innerDiameterMm: String(vessel.innerDiameterMm),
      innerDepthMm: String(vessel.innerDepthMm),
      rimVolumeMl: String(vessel.rimVolumeMl),
    },
  });
  const save = form.handleSubmit((typed) => {
    const { pot, errors } = readPot(typed);
    for (const { field, says } of errors) form.setError(field, { message: says });
    if (pot) onSave(pot);
  });
  const { leave, stuck } = useLeaving(form, save, onClose);
  return (
    <Sheet
      open
      title="My own pot"
      onClose={leave}
      footer={
        <>
          <Button look="main" label="Use this pot" onPress={() => void save()} />
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
            maxLength={60}
            onChange={field.onChange}
            onEnter={() => void save()}
            error={fieldState.error && `Name: ${fieldState.error.message}`}
          />
        )}
      />
      {NUMBERS.map(({ name, label, unit }) => (
        <Controller
          key={name}
          control={form.control}
          name={name}
          render={({ field, fieldState }) => (
            <Field
              label={label}
              unit={unit}
              value={String(field.value)}
              onChange={field.onChange}
              onEnter={() => void save()}
              error={fieldState.error && `${label}: ${fieldState.error.message}`}
              hint={name === 'rimVolumeMl' ? 'Fill it with a measuring jug once.' : undefined}
            />
          )}
        />
      ))}
      <Controller
        control={form.control}
        name="material"
        render={({ field }) => (
          <View className="gap-2">
            <Body className="font-semibold">Made of</Body>
            <View className="flex-row flex-wrap gap-2">
              {vesselMaterialSchema.options.map((material) => (
                <ToggleChip
                  key={material}
                  label={MATERIAL[material]}
                  on={field.value === material}
                  onChange={() => field.onChange(material)}
                />
              ))}
            </View>
          </View>
        )}
      />
      <View className="flex-row flex-wrap gap-2">
        {(
          [
            ['lid', 'Has a lid'],
            ['divided', 'Divided'],
            ['inductionReady', 'Works on induction'],
          ] as const
        ).map(([name, label]) => (
          <Controller
            key={name}
            control={form.control}
            name={name}
            render={({ field }) => <ToggleChip label={label} on={field.value} onChange={field.onChange} />}
          />
        ))}
      </View>
    </Sheet>
  );
}
