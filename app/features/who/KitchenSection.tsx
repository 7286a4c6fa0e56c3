import type { Evening, HeatSource, Units, Vessel } from '@elixa/contract';
import {
  belongsTo,
  doubtPctOf,
  HEAT_SOURCES,
  MATERIALS,
  potsOf,
  showLength,
  showVolume,
  usefulPowerW,
  VESSELS,
} from '@elixa/core';
import { Ruler, Timer } from '@/ui/icons';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { PotFromSide } from '@/ui/pot/PotFromSide';
import { Body, Small } from '@/ui/Text';
import { dayInSentence } from '@/ui/time';
import { useRadioKeys } from '@/ui/choiceKeys';
import { OwnPotSheet } from './OwnPotSheet';
import { PotCare } from './PotCare';
import { WaterTestSheet } from './WaterTestSheet';
import { HEAT, UNITS } from './words';

function sizeOf({ innerDiameterMm, innerBreadthMm, rimVolumeMl }: Vessel, units: Units): string {
  const across = innerBreadthMm === undefined ? '' : ` × ${showLength(innerBreadthMm, units)}`;
  return `${showLength(innerDiameterMm, units)}${across} · ${showVolume(rimVolumeMl, units)}`;
}

/** Pots to choose from: the catalogue's and the evening's own. */
function potsFor(current: Vessel): Vessel[] {
  return VESSELS.some((one) => one.id === current.id) ? [...VESSELS] : [current, ...VESSELS];
}

interface PotChoiceProps {
  vessel: Vessel;
  units: Units;
  chosen: boolean;
  keys: object;
  onChoose(): void;
}

function PotChoice({ vessel, units, chosen, keys, onChoose }: PotChoiceProps) {
  return (
    <Pressable
      {...keys}
      role="radio"
      aria-checked={chosen}
      aria-label={`${vessel.name}, ${sizeOf(vessel, units)}`}
      onPress={onChoose}
      className={`min-w-[min(9.4rem,100%)] flex-1 justify-end gap-1 rounded-2xl border-2 p-3 ${chosen ? 'border-iron bg-sheet' : 'border-line'}`}
    >
      <PotFromSide vessel={vessel} units={units} />
      <Body className={chosen ? 'font-semibold' : ''}>{vessel.name}</Body>
      <Small>{sizeOf(vessel, units)}</Small>
    </Pressable>
  );
}

function heatFor(kind: HeatSource['kind']): HeatSource {
  return HEAT_SOURCES.find((one) => one.kind === kind) as HeatSource;
}

/** Burners that are offered: a pan that heats itself has one. What does not suit the pot besides is told. */
const burnersFor = (vessel: Vessel) => HEAT_SOURCES.filter((one) => belongsTo(vessel, one));

/** What goes into the pot, and whether it was measured or is usual. */
function powerWords(heatSource: HeatSource): string {
  const { measured } = heatSource;
  const inPotW = Math.round(usefulPowerW(heatSource));
  return measured
    ? `Measured ${dayInSentence(measured.on)}: ${inPotW} W go into the pot, give or take ${measured.doubtPct} %.`
    : `About ${inPotW} W go into the pot, as is usual for its kind, give or take ${doubtPctOf(heatSource)} %. A litre of water tells it better.`;
}

/** How the pot's material gets on with the burner; one that was made for induction does on that too. */
function onBurnerWords({ vessel, heatSource }: Pick<Evening, 'vessel' | 'heatSource'>): string {
  const { verdict, says } = MATERIALS[vessel.material].on[heatSource.kind];
  return verdict === 'never' && vessel.inductionReady ? 'This one is made for it.' : says;
}

const POTS_AT_ONCE = (['1', '2', '3', '4'] as const).map((value) => ({ value, label: value }));
type PotsAtOnce = (typeof POTS_AT_ONCE)[number]['value'];

/** The pot, the burner, the place and the measures. */
export function KitchenSection() {
  const { evening, edit } = useEvening();
  const [measuring, setMeasuring] = useState(false);
  const [timing, setTiming] = useState(false);
  const pots = potsFor(evening.vessel);
  const chooseVessel = (vessel: Vessel) => edit({ kind: 'vesselChosen', vessel });
  const choose = (id: string) => chooseVessel(pots.find((one) => one.id === id) ?? evening.vessel);
  const keys = useRadioKeys(
    pots.map((one) => one.id),
    evening.vessel.id,
    choose,
  );
  return (
    <>
      <Section title="Pot and burner">
        <View role="radiogroup" aria-label="Pot" className="flex-row flex-wrap gap-3">
          {pots.map((vessel) => (
            <PotChoice
              key={vessel.id}
              vessel={vessel}
              units={evening.units}
              chosen={vessel.id === evening.vessel.id}
              keys={keys(vessel.id)}
              onChoose={() => chooseVessel(vessel)}
            />
          ))}
        </View>
        <PotCare key={evening.vessel.material} material={evening.vessel.material} />
        <Button
          className="self-start"
          label="Measure my own pot"
          icon={<Ruler size={20} color="rgb(var(--ink))" />}
          onPress={() => setMeasuring(true)}
        />
        <View className="gap-2">
          <Body className="font-semibold">How many of it at once</Body>
          <Segmented
            label="How many of it at once"
            options={POTS_AT_ONCE}
            value={String(potsOf(evening)) as PotsAtOnce}
            onChange={(pots) => edit({ kind: 'potsSet', pots: Number(pots) })}
          />
          {potsOf(evening) > 1 ? <Small>From one stock, each on a burner of its own.</Small> : null}
        </View>
        <View className="gap-2">
          <Segmented
            label="Burner"
            options={burnersFor(evening.vessel).map(({ kind }) => ({ value: kind, label: HEAT[kind] }))}
            value={evening.heatSource.kind}
            onChange={(kind) => edit({ kind: 'heatSourceChosen', heatSource: heatFor(kind) })}
          />
          <Small>
            {MATERIALS[evening.vessel.material].name} here: {onBurnerWords(evening)}
          </Small>
          {evening.heatSource.kind === 'induction' && !evening.vessel.inductionReady ? (
            <Small role="alert" className="text-ember">
              The {evening.vessel.name} is not made for induction. Choose another pot or another burner.
            </Small>
          ) : null}
          <View className="flex-row flex-wrap gap-3">
            <NumberField
              key={evening.heatSource.id}
              label="Power"
              unit="W"
              min={300}
              max={8000}
              value={evening.heatSource.powerW}
              // What was measured belongs to the burner as it was.
              onChange={(powerW) =>
                edit({ kind: 'heatSourceChosen', heatSource: { ...evening.heatSource, powerW, measured: undefined } })
              }
              hint="It is written on the burner."
            />
            <NumberField
              label="Height"
              unit="m above the sea"
              min={-430}
              max={5500}
              value={evening.place.altitudeM}
              onChange={(altitudeM) => edit({ kind: 'heightSet', altitudeM })}
              hint="Water boils cooler higher up."
            />
          </View>
          <View className="flex-row flex-wrap items-center gap-3">
            <Button
              label="Time water to the boil"
              icon={<Timer size={20} color="rgb(var(--ink))" />}
              onPress={() => setTiming(true)}
            />
            <Small className="words">{powerWords(evening.heatSource)}</Small>
          </View>
        </View>
      </Section>
      <Section title="Measures">
        <Segmented
          label="Measures"
          options={(['metric', 'us', 'eastAsian'] as const).map((value) => ({ value, label: UNITS[value] }))}
          value={evening.units}
          onChange={(units) => edit({ kind: 'unitsChosen', units })}
        />
      </Section>
      {timing ? (
        <WaterTestSheet
          evening={evening}
          onClose={() => setTiming(false)}
          onUse={(heatSource, vessel) => {
            edit({ kind: 'heatSourceChosen', heatSource });
            if (vessel) chooseVessel(vessel);
            setTiming(false);
          }}
          onForget={() => {
            edit({ kind: 'heatSourceChosen', heatSource: { ...evening.heatSource, measured: undefined } });
            setTiming(false);
          }}
        />
      ) : null}
      {measuring ? (
        <OwnPotSheet
          vessel={evening.vessel}
          units={evening.units}
          onClose={() => setMeasuring(false)}
          onSave={(vessel) => {
            chooseVessel(vessel);
            setMeasuring(false);
          }}
        />
      ) : null}
    </>
  );
}
