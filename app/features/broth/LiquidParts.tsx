import type { Liquid } from '@elixa/contract';
import { colourOf, showVolume, THINNER_WORDS } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { StepTimer } from '@/features/timers/StepTimer';
import { Button } from '@/ui/Button';
import { useCatalogue } from '@/ui/catalogue';
import { Scale } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, clockColumn, Figure, Figures, Heading, Small } from '@/ui/Text';
import { clock, day, lasting } from '@/ui/time';
import { BatchSection } from './BatchSection';
import { DrawChart } from './DrawChart';
import { colourWords, keepsWords } from './liquidWords';
import { JarSection } from './JarSection';
import { LeftOut } from './LeftOut';
import { turnOf } from './turnOf';
import { MeasureRow } from './MeasureRow';
import { RatioSection } from './RatioSection';
import { StrengthBand } from './StrengthBand';
import { TasteSection } from './TasteSection';
import { WeighSheet } from './WeighSheet';

const MADE = { broth: '', sauce: 'for the table', marinade: 'for the meat', base: 'made ahead' } as const;

/** A liquid's numbers, and what is measured for it or taken from its jar. */
export function LiquidFormula({ liquid }: { liquid: Liquid }) {
  const catalogue = useCatalogue();
  const { evening } = useEvening();
  const isBroth = liquid.kind === 'broth';
  return (
    <View className="gap-8">
      <View className="gap-4">
        <View className="flex-row items-center gap-4">
          <View
            role="img"
            aria-label="Its colour in the bowl"
            className="h-12 w-12 rounded-full border-2 border-edge"
            style={{ backgroundColor: liquid.colour }}
          />
          <View className="min-w-0 flex-1">
            <Heading level={2}>{liquid.name}</Heading>
            <Small>
              {liquid.forGuests ? `For ${liquid.forGuests.join(' and ')}. ` : ''}
              {liquid.purpose} {colourWords(colourOf(catalogue, liquid))}
            </Small>
          </View>
        </View>
        <Figures
          items={
            isBroth
              ? [
                  ...(liquid.startWaterText === ''
                    ? []
                    : [{ value: liquid.startWaterText, says: 'cold water to start with' }]),
                  { value: showVolume(liquid.finishedMl, evening.units), says: 'served in the end' },
                ]
              : [{ value: showVolume(liquid.finishedMl, evening.units), says: MADE[liquid.kind] }]
          }
        />
        <StrengthBand liquid={liquid} />
        {liquid.misses.map((words) => (
          <Body key={words} className="font-semibold text-ember">
            {words}
          </Body>
        ))}
        <Working liquid={liquid} />
      </View>

      <JarSection liquid={liquid} />
      {liquid.jar ? null : <Measuring liquid={liquid} />}
    </View>
  );
}

/** What to measure, by hand or on the scale, how much of it, and the table's taste. */
function Measuring({ liquid }: { liquid: Liquid }) {
  const { evening } = useEvening();
  const [weighing, setWeighing] = useState(false);
  return (
    <>
      <Section title="Measure" aside={<Small>None of it? Tap it.</Small>}>
        <View className="border-t border-line">
          {liquid.ingredients.map((part) => (
            <MeasureRow key={part.ingredientId} liquid={liquid} part={part} />
          ))}
          {liquid.kind === 'broth' || liquid.startWaterText === '' ? null : (
            <View className="min-h-target flex-row flex-wrap items-center gap-x-4 border-b border-line py-2">
              <Body className="words font-semibold">{thinnedWith(liquid)}</Body>
              <Figure size="small">{liquid.startWaterText}</Figure>
            </View>
          )}
        </View>
        <LeftOut liquid={liquid} />
      </Section>

      <Button
        className="self-start"
        label="Weigh as you go"
        icon={<Scale size={20} color="rgb(var(--ink))" />}
        onPress={() => setWeighing(true)}
      />
      {weighing ? <WeighSheet liquid={liquid} onClose={() => setWeighing(false)} /> : null}
      <BatchSection liquid={liquid} />
      {evening.choices.ratios?.[liquid.formulaId] ? null : <TasteSection liquid={liquid} />}
      <RatioSection liquid={liquid} />
    </>
  );
}

/** How a liquid is made, from when, what it draws, and how long it keeps. */
export function LiquidMaking({ liquid }: { liquid: Liquid }) {
  const { evening, prep } = useEvening();
  const isBroth = liquid.kind === 'broth';
  const turn = turnOf(liquid, prep);
  return (
    <View className="gap-8">
      <Section title={liquid.jar ? 'Take it out' : 'Make it'}>
        {turn.startsAt ? (
          <View>
            <Figure>{clock(turn.startsAt)}</Figure>
            <Small>
              {day(turn.startsAt)}: its turn in the preparation, so that it is ready{' '}
              {isBroth ? 'when the burner is lit' : 'as you sit down'}
            </Small>
          </View>
        ) : null}
        <View role="list" className="border-t border-line">
          {liquid.steps.map((step) => (
            <View role="listitem" key={step.id} className="flex-row flex-wrap gap-x-4 border-b border-line py-3">
              <View className={clockColumn()}>
                <Body className="font-semibold" style={{ fontVariant: ['tabular-nums'] }}>
                  {turn.stepAt(step.id) ? clock(turn.stepAt(step.id)!) : ''}
                </Body>
                <Small>{lasting(step.durationS)}</Small>
              </View>
              <View className="words">
                <Body>{step.says}</Body>
                <Small>
                  {[step.tempC ? `${step.tempC} °C` : '', step.lookFor ?? '', step.attended ? '' : 'works by itself']
                    .filter(Boolean)
                    .join(' · ')}
                </Small>
              </View>
              <StepTimer eveningId={evening.id} liquidId={liquid.id} step={step} />
            </View>
          ))}
        </View>
        <Small>
          Keeps {keepsWords(liquid.keeps)}.
          {liquid.contains.length > 0 ? ` Contains ${liquid.contains.join(', ')}.` : ''}
          {liquid.ethanolG >= 0.5 ? ` ${liquid.ethanolG.toFixed(0)} g of alcohol stay in all of it.` : ''}
        </Small>
      </Section>
      <DrawChart liquid={liquid} />
    </View>
  );
}

/** What a sauce is let down with, in words. */
const thinnedWith = (liquid: Liquid) => THINNER_WORDS[liquid.thinnedWith ?? 'water'];

function Working({ liquid }: { liquid: Liquid }) {
  const [open, setOpen] = useState(false);
  const { water, salt, sweetness, ethanol } = liquid;
  const lines: Array<[string, number, string]> = [
    [liquid.kind === 'broth' ? 'Water to start with' : 'Broth from the pot', water.startG, 'ml'],
    ['In seasonings', water.seasoningsG, 'ml'],
    ['Given by the food', water.releasedG, 'ml'],
    ['Lost as steam', -water.evaporatedG, 'ml'],
    ['Held by what is lifted out', -water.absorbedG, 'ml'],
    ['Served', water.finishedG, 'ml'],
    ['Salt added', salt.addedG, 'g'],
    ['Salt from kelp, flakes or broth', salt.extractedG, 'g'],
    ['Salt from salty and marinated food', salt.fromPiecesG, 'g'],
    ['Salt taken up by the food', -salt.inPiecesG, 'g'],
    ['Salt in the liquid', salt.inLiquidG, 'g'],
    ['Sweetness, as sugar', sweetness.leftG, 'g'],
    ['Alcohol added', ethanol.addedG, 'g'],
    ['Alcohol boiled off', -ethanol.lostG, 'g'],
    ['Alcohol that stays', ethanol.leftG, 'g'],
  ];
  return (
    <View className="gap-2">
      <Button
        className="-ml-3 self-start"
        look="quiet"
        aria-expanded={open}
        label={open ? 'Hide the working' : 'How this was worked out'}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <View className="rounded-2xl bg-well p-4">
          {lines
            .filter(([, value]) => Math.abs(value) >= 0.05)
            .map(([label, value, unit]) => (
              <View key={label} className="flex-row flex-wrap justify-between gap-x-3 py-1">
                <Small className="text-ink">{label}</Small>
                <Small className="text-ink" style={{ fontVariant: ['tabular-nums'] }}>
                  {value < 0 ? '−' : ''}
                  {Math.abs(value).toFixed(unit === 'g' ? 1 : 0)} {unit}
                </Small>
              </View>
            ))}
          <Small className="pt-2">
            Steam, and what food gives and takes, are kitchen estimates; they are marked as such in the tables.
          </Small>
        </View>
      ) : null}
    </View>
  );
}
