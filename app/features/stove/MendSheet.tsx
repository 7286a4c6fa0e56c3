import type { Evening, PotPlan } from '@elixa/contract';
import {
  brothAtLevel,
  ingredientById,
  mendPot,
  pourable,
  showPinch,
  showVolume,
  strengthAsMade,
  type Complaint,
  type Mend,
  type Unasked,
} from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '@/ui/Button';
import { Tabs } from '@/ui/Choice';
import { Minus, Plus } from '@/ui/icons';
import { Sheet } from '@/ui/Sheet';
import { Body, Figure, Small } from '@/ui/Text';

const COMPLAINTS: ReadonlyArray<{ value: Complaint; label: string }> = [
  { value: 'tooSalty', label: 'Too salty' },
  { value: 'tooWeak', label: 'Too weak' },
  { value: 'tooSour', label: 'Too sour' },
];

interface Props {
  evening: Evening;
  plan: PotPlan;
  /** Settled volume of the food that is in the pot now, in ml. */
  foodMl: number;
  open: boolean;
  onClose(): void;
  /** @param done what went into the pot and out of it */
  onDone(note: string, done: Unasked[]): void;
}

const STEP_MM = 2;
/** Less salt than this nobody can taste in a pot. */
const LEAST_SALT_G = 0.2;
/** Less than this is not worth pouring, in ml. */
const LEAST_ML = 10;

/** What to pour in, in words; the figures are the cook's own measures. */
function mendWords(mend: Mend, { units }: Evening): string[] {
  const [salt, sugar, soy] = [ingredientById('salt'), ingredientById('sugar'), ingredientById('lightSoy')];
  const lines: string[] = [];
  if (mend.ladleOutMl >= LEAST_ML)
    lines.push(`Ladle out ${showVolume(mend.ladleOutMl, units)} first: there is no room`);
  if (mend.addWaterMl >= LEAST_ML) lines.push(`Pour in ${showVolume(mend.addWaterMl, units)} of hot water`);
  if (mend.addReserveMl >= LEAST_ML)
    lines.push(`Pour in ${showVolume(mend.addReserveMl, units)} of the broth kept back`);
  if (mend.addSaltG >= LEAST_SALT_G) {
    const ofSoy = showPinch(mend.addSaltG / (soy.saltPct / 100), soy, units);
    lines.push(`Stir in ${showPinch(mend.addSaltG, salt, units)} of salt, or ${ofSoy} of light soy`);
  }
  if (mend.orSugarG > 0) lines.push(`Or only round it off: ${showPinch(mend.orSugarG, sugar, units)} of sugar`);
  return lines;
}

/** The same as it is done at the pot: what was tasted, then each pour. */
function mendDone(complaint: Complaint, mend: Mend, brothId: string): Unasked[] {
  const done: Unasked[] = [];
  if (complaint !== 'tooSour') {
    done.push({ is: 'saw', saw: { is: 'tasted', says: complaint === 'tooSalty' ? 'strong' : 'weak' } });
  }
  if (mend.ladleOutMl >= LEAST_ML) done.push({ is: 'ladled', ml: mend.ladleOutMl, to: 'jug' });
  if (mend.addWaterMl >= LEAST_ML) done.push({ is: 'poured', liquid: 'water', ml: mend.addWaterMl, isHot: true });
  if (mend.addReserveMl >= LEAST_ML) done.push({ is: 'poured', liquid: brothId, ml: mend.addReserveMl, isHot: true });
  if (mend.addSaltG >= LEAST_SALT_G) done.push({ is: 'salted', saltG: mend.addSaltG });
  return done;
}

/** The broth at the stove is not right: what mends it, from how high it stands. */
export function MendSheet({ evening, plan, foodMl, open, onClose, onDone }: Props) {
  const { build } = plan;
  const [complaint, setComplaint] = useState<Complaint>('tooSalty');
  const [brothId, setBrothId] = useState<string>();
  const [heightMm, setHeightMm] = useState(() => Math.round(foodMl > 0 ? build.fillHeightMm : build.pourDepthMm));
  const inPot = plan.liquids.filter((one) => one.kind === 'broth' && one.place !== 'aside');
  const broth = inPot.find((one) => one.id === brothId) ?? inPot[0];
  if (!broth) return null;
  const share = 1 / inPot.length;
  const level = brothAtLevel(evening.vessel, heightMm, foodMl, build.usableVolumeMl);
  const brothMl = level.brothMl * share;
  const [least, most] = broth.targetSalinityPct;
  // A plan that was adopted before it told its aim.
  const aim = broth.aimSalinityPct ?? (least + most) / 2;
  const now = {
    volumeMl: brothMl,
    salinityPct: broth.salinityPct,
    acidPct: broth.acidityPct,
    roomMl: level.roomMl * share,
    reserve: { volumeMl: build.reserveMl * share, salinityPct: strengthAsMade(broth) },
  };
  const mend = mendPot(complaint, now, [least, aim, most]);
  const lines = mendWords(mend, evening);
  // Both halves of a divided pot are simmered as one.
  const known = pourable(plan).map(({ id }) => id);
  const poured = known.includes(broth.id) ? broth.id : (known[0] ?? 'water');
  const name = COMPLAINTS.find((one) => one.value === complaint)?.label ?? '';
  const set = (next: number) => setHeightMm(Math.min(evening.vessel.innerDepthMm, Math.max(STEP_MM, next)));
  return (
    <Sheet
      title="How does it taste?"
      open={open}
      onClose={onClose}
      footer={
        <Button
          look="main"
          label="Done"
          onPress={() => onDone(`${name}: ${lines.join('; ').toLowerCase()}.`, mendDone(complaint, mend, poured))}
        />
      }
    >
      <Tabs<Complaint> label="What is wrong" options={COMPLAINTS} value={complaint} onChange={setComplaint} />
      {inPot.length > 1 ? (
        <Tabs
          label="Which half"
          options={inPot.map((one) => ({ value: one.id, label: one.name }))}
          value={broth.id}
          onChange={setBrothId}
        />
      ) : null}
      <View className="flex-row flex-wrap items-center gap-3">
        <View className="words">
          <Figure unit="mm">{heightMm}</Figure>
          <Small>how high it stands, from the bottom: about {showVolume(brothMl, evening.units)} of broth</Small>
        </View>
        <IconButton
          label="Lower"
          className="border border-edge bg-sheet"
          onPress={() => set(heightMm - STEP_MM)}
          icon={<Minus size={22} color="rgb(var(--ink))" />}
        />
        <IconButton
          label="Higher"
          className="border border-edge bg-sheet"
          onPress={() => set(heightMm + STEP_MM)}
          icon={<Plus size={22} color="rgb(var(--ink))" />}
        />
      </View>
      <View aria-live="polite" className="gap-2 rounded-2xl bg-well p-4">
        {lines.map((line) => (
          <Body key={line} className="text-xl font-semibold leading-7">
            {line}
          </Body>
        ))}
        <Small>A little less at first, stir, taste, then the rest.</Small>
      </View>
    </Sheet>
  );
}
