import {
  vesselMaterialSchema,
  vesselOutlineSchema,
  type Units,
  type Vessel,
  type VesselOutline,
} from '@elixa/contract';
import { MATERIALS, VESSELS } from '@elixa/core';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Tabs, ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { useLeaving } from '@/ui/useLeaving';
import { MeasuringPicture } from './MeasuringPicture';
import { readPot, THREE, thirdWords, typedPot, type Measure, type TypedPot } from './ownPot';

const OUTLINE: Record<VesselOutline, string> = { round: 'Round', oval: 'Oval', rectangular: 'With corners' };

interface Props {
  vessel: Vessel;
  units: Units;
  onSave(vessel: Vessel): void;
  onClose(): void;
}

/** The measures in the order of the work with ruler and jug. */
function measuresOf(
  outline: VesselOutline,
): ReadonlyArray<{ name: Measure; label: string; unit: string; hint?: string }> {
  const isRound = outline === 'round';
  return [
    {
      name: 'innerDiameterMm',
      label: isRound ? 'Width inside, at the rim' : 'Longer side inside, at the rim',
      unit: 'mm',
    },
    ...(isRound ? [] : [{ name: 'innerBreadthMm', label: 'Shorter side inside, at the rim', unit: 'mm' } as const]),
    { name: 'innerDepthMm', label: 'Depth in the middle', unit: 'mm' },
    { name: 'rimVolumeMl', label: 'Holds to the rim', unit: 'ml' },
    {
      name: 'baseDiameterMm',
      label: isRound ? 'Width of the flat bottom' : 'Longer side of the flat bottom',
      unit: 'mm',
      hint: 'Only if you want it to the millimetre; else it follows from the rest.',
    },
  ];
}

const isThird = (name: Measure): name is (typeof THREE)[number] => THREE.some((one) => one === name);

/** A pot of the cook's own, by ruler and measuring jug. */
export function OwnPotSheet({ vessel, units, onSave, onClose }: Props) {
  // Measured after one of the catalogue, which stays as it is.
  const isNew = VESSELS.some((one) => one.id === vessel.id);
  const form = useForm<TypedPot>({
    defaultValues: {
      ...typedPot(vessel),
      id: isNew ? `own-${vessel.id}`.slice(0, 40) : vessel.id,
      name: isNew ? 'My pot' : vessel.name,
    },
  });
  const typed = useWatch({ control: form.control }) as TypedPot;
  const outline = typed.outline ?? 'round';
  const { pot: shown } = readPot({ ...typed, name: typed.name || 'pot' });
  const save = form.handleSubmit((given) => {
    const { pot, errors } = readPot(given);
    for (const { field, says } of errors) form.setError(field, { message: says });
    if (pot) onSave(pot);
  });
  const { leave, stuck } = useLeaving(form, save, onClose);
  const { says, harms } = MATERIALS[typed.material];
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
      <MeasuringPicture vessel={shown ?? vessel} units={units} />
      <Small>
        A ruler across the rim, one down the middle, and once a jug to the brim. Two of the three are enough to begin
        with.
      </Small>
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
      <Controller
        control={form.control}
        name="outline"
        render={({ field }) => (
          <Tabs
            label="Seen from above"
            options={vesselOutlineSchema.options.map((value) => ({ value, label: OUTLINE[value] }))}
            value={field.value ?? 'round'}
            onChange={field.onChange}
          />
        )}
      />
      {measuresOf(outline).map(({ name, label, unit, hint }) => (
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
              hint={isThird(name) ? thirdWords(typed, name, units) : hint}
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
                  label={MATERIALS[material].name}
                  on={field.value === material}
                  onChange={() => field.onChange(material)}
                />
              ))}
            </View>
            <Small>
              {says} It is harmed by {harms.join('; ')}.
            </Small>
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
