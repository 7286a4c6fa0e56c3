import { vesselMaterialSchema, vesselSchema, type Vessel, type VesselMaterial } from '@elixa/contract';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body } from '@/ui/Text';

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
  { name: 'innerDiameterMm', label: 'Width inside, at the rim', unit: 'mm' },
  { name: 'innerDepthMm', label: 'Depth in the middle', unit: 'mm' },
  { name: 'rimVolumeMl', label: 'Holds to the rim', unit: 'ml' },
] as const;

/** A pot of the cook's own, by ruler and measuring jug. */
export function OwnPotSheet({ vessel, onSave, onClose }: Props) {
  const form = useForm<Vessel>({
    defaultValues: { ...vessel, id: `own-${vessel.id}`.slice(0, 40), name: 'My pot' },
    resolver: zodResolver(vesselSchema),
  });
  const save = form.handleSubmit((own) =>
    onSave({ ...own, emptyMassG: Math.max(300, Math.round((own.rimVolumeMl / 1000) * MASS_G_PER_L[own.material])) }),
  );
  return (
    <Sheet
      open
      title="My own pot"
      onClose={onClose}
      footer={<Button look="main" label="Use this pot" onPress={() => void save()} />}
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
            error={fieldState.error && 'Name: write one.'}
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
              type="number"
              value={Number.isNaN(field.value) ? '' : String(field.value)}
              onChange={(value) => field.onChange(value === '' ? Number.NaN : Number(value))}
              error={fieldState.error && `${label}: ${fieldState.error.message}.`}
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
