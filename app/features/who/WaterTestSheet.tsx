import type { Evening, HeatSource, Vessel } from '@elixa/contract';
import { fitBurner, litreS, spanText, USUAL_SHARE_PCT, WaterTestError, type Fitted, type WaterTest } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { nowIso, nowMs } from '@/state/clock';
import { useNow } from '@/state/useNow';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Timer } from '@/ui/icons';
import { Sheet } from '@/ui/Sheet';
import { Body, Figure, Small } from '@/ui/Text';
import { countdown } from '@/ui/time';
import { typedNumber } from '@/ui/typedNumber';

const NAMES = ['water', 'warm', 'minutes', 'seconds'] as const;
type Name = (typeof NAMES)[number];

const FIELDS: Record<Name, { label: string; unit: string; least: number; most: number }> = {
  water: { label: 'Water', unit: 'ml', least: 300, most: 6000 },
  warm: { label: 'How warm it was', unit: '°C', least: 0, most: 60 },
  minutes: { label: 'It boiled after', unit: 'min', least: 0, most: 90 },
  seconds: { label: 'and', unit: 's', least: 0, most: 59 },
};

export type TypedTest = Record<Name, string>;
const FRESH: TypedTest = { water: '1000', warm: '15', minutes: '', seconds: '0' };

/** A test as it was typed, or what is wrong with it, by field. */
export function readTest(typed: TypedTest): { test?: WaterTest; errors: Partial<Record<Name, string>> } {
  const errors: Partial<Record<Name, string>> = {};
  const values = Object.fromEntries(
    NAMES.map((name) => {
      const { label, least, most } = FIELDS[name];
      const value = typedNumber(typed[name], most);
      if (value === undefined || value < least || value > most) {
        errors[name] = `${label}: use a number from ${least} to ${most}.`;
      }
      return [name, value ?? 0];
    }),
  ) as Record<Name, number>;
  if (Object.keys(errors).length > 0) return { errors };
  const seconds = values.minutes * 60 + values.seconds;
  if (seconds < 30) return { errors: { minutes: `${FIELDS.minutes.label}: nothing boils so soon.` } };
  return { test: { waterMl: values.water, fromC: values.warm, seconds }, errors };
}

function TestFields({
  typed,
  errors,
  onChange,
}: {
  typed: TypedTest;
  errors: Partial<Record<Name, string>>;
  onChange(typed: TypedTest): void;
}) {
  const [startedMs, setStartedMs] = useState<number | undefined>(undefined);
  const now = useNow(startedMs !== undefined);
  const runS = startedMs === undefined ? 0 : Math.max(0, (now - startedMs) / 1000);
  return (
    <View className="gap-3">
      {startedMs === undefined ? (
        <Button
          className="self-start"
          label="Lit: start the clock"
          icon={<Timer size={20} color="rgb(var(--ink))" />}
          onPress={() => setStartedMs(nowMs())}
        />
      ) : (
        <View className="flex-row flex-wrap items-center gap-4">
          <Figure running aria-live="off">
            {countdown(runS)}
          </Figure>
          <Button
            look="ember"
            label="It boils"
            onPress={() => {
              const seconds = Math.round((nowMs() - startedMs) / 1000);
              onChange({ ...typed, minutes: String(Math.floor(seconds / 60)), seconds: String(seconds % 60) });
              setStartedMs(undefined);
            }}
          />
        </View>
      )}
      <View className="flex-row flex-wrap gap-3">
        {NAMES.map((name) => (
          <Field
            key={name}
            label={FIELDS[name].label}
            unit={FIELDS[name].unit}
            value={typed[name]}
            onChange={(value) => onChange({ ...typed, [name]: value })}
            error={errors[name]}
          />
        ))}
      </View>
    </View>
  );
}

interface Props {
  evening: Evening;
  onUse(heatSource: HeatSource, vessel?: Vessel): void;
  onForget(): void;
  onClose(): void;
}

/** What the cook is told of a test: what was found, or which time cannot be right. */
function fittedOf(evening: Evening, tests: readonly WaterTest[]): { fitted?: Fitted; says?: string } {
  const [first, second] = tests;
  if (!first) return {};
  try {
    return { fitted: fitBurner(first, second, { ...evening, ...evening.place }) };
  } catch (error) {
    if (error instanceof WaterTestError) return { says: error.message };
    throw error;
  }
}

/** Said where a burner gives another share than its kind does: the clock may have been stopped too soon or too late. */
function usualWords(sharePct: number, kind: HeatSource['kind']): string {
  const [least, most] = USUAL_SHARE_PCT[kind];
  return sharePct >= least && sharePct <= most ? '' : ` (${least} to ${most} % is usual for its kind)`;
}

/** Water timed to the boil once, so that every plan knows this burner and this pot. */
export function WaterTestSheet({ evening, onUse, onForget, onClose }: Props) {
  const [first, setFirst] = useState(FRESH);
  const [second, setSecond] = useState<TypedTest | undefined>(undefined);
  const [isTried, setIsTried] = useState(false);
  const read = [readTest(first), ...(second ? [readTest(second)] : [])];
  const tests = read.flatMap(({ test }) => test ?? []);
  const { fitted, says } = tests.length === read.length ? fittedOf(evening, tests) : {};
  const errors = (index: number) => (isTried ? (read[index]?.errors ?? {}) : {});
  const { heatSource, vessel } = evening;
  const use = () => {
    setIsTried(true);
    if (!fitted) return;
    const { inPotW, doubtPct, emptyMassG } = fitted;
    const measured = { inPotW, doubtPct, on: nowIso() };
    onUse({ ...heatSource, measured }, emptyMassG === undefined ? undefined : { ...vessel, emptyMassG });
  };
  return (
    <Sheet
      open
      title="Time water to the boil"
      onClose={onClose}
      footer={
        <>
          <Button look="main" label="Use it" onPress={use} />
          {heatSource.measured ? <Button look="quiet" label="Forget what was measured" onPress={onForget} /> : null}
        </>
      }
    >
      <Body>
        Pour a litre of cold water into the {vessel.name}
        {vessel.lid ? ', lid on' : ''}, on the {heatSource.name} at full heat. It boils when bubbles rise all over.
      </Body>
      <TestFields typed={first} errors={errors(0)} onChange={setFirst} />
      {second ? (
        <>
          <Body>
            Again from cold, in a cold pot, with twice as much water: that tells what the pot itself takes up.
          </Body>
          <TestFields typed={second} errors={errors(1)} onChange={setSecond} />
        </>
      ) : (
        <Button
          className="self-start"
          look="quiet"
          label="Once more, to measure the pot as well"
          onPress={() => setSecond({ ...FRESH, water: '2000' })}
        />
      )}
      <View aria-live="polite" className="gap-1">
        {fitted ? (
          <>
            <Figure unit="W into the pot">{fitted.inPotW}</Figure>
            <Small>
              {fitted.sharePct} % of what is written on it{usualWords(fitted.sharePct, heatSource.kind)}, give or take{' '}
              {fitted.doubtPct} %
              {fitted.emptyMassG === undefined ? '' : `; the pot takes up heat as one of ${fitted.emptyMassG} g`}. Until
              now a litre was reckoned to take {spanText(litreS({ ...evening, ...evening.place }))}.
            </Small>
          </>
        ) : null}
        {says ? (
          <Body role="alert" className="text-ember">
            {says}
          </Body>
        ) : null}
      </View>
    </Sheet>
  );
}
