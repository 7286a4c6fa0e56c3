import type { Liquid, Taste } from '@elixa/contract';
import { formulaById } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { IconButton } from '@/ui/Button';
import { Minus, Plus } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { BandBar } from './BandBar';
import { judgedPct, stepWords, TASTES, tasteWord } from './liquidWords';

type Key = (typeof TASTES)[number]['key'];
const MOST = 3;

/** What a liquid tastes of now, for the line under each control. */
function nowWords(liquid: Liquid, key: Key): string {
  switch (key) {
    case 'salt':
      return `${liquid.strength}, ${judgedPct(liquid).toFixed(judgedPct(liquid) < 2 ? 2 : 1)} % salt`;
    case 'sweet':
      return `${tasteWord('sweet', liquid.sweetnessPct)}, like ${liquid.sweetnessPct.toFixed(1)} % sugar`;
    case 'sour':
      return `${tasteWord('sour', liquid.acidityPct)}, ${liquid.acidityPct.toFixed(1)} % acid`;
    case 'heat':
      return `${tasteWord('heat', liquid.heat)}, ${liquid.heat.toFixed(1)} of 5`;
    case 'savour':
      return tasteWord('savour', liquid.umamiGPer100g);
  }
}

/** Where a taste lies, the band it should lie in, and how far the bar reaches. */
function bandOf(liquid: Liquid, key: Key): { value: number; band?: [number, number] } {
  switch (key) {
    case 'salt':
      return { value: judgedPct(liquid), band: liquid.targetSalinityPct };
    case 'sweet':
      return { value: liquid.sweetnessPct, band: liquid.targetSweetnessPct };
    case 'sour':
      return { value: liquid.acidityPct, band: liquid.targetAcidityPct };
    case 'heat':
      return { value: liquid.heat, band: liquid.targetHeat };
    case 'savour':
      return { value: liquid.umamiGPer100g, band: liquid.targetUmamiGPer100g };
  }
}

/** Tastes that a formula lets itself be turned by: what it solves for, its chilli, and what steeps in it. */
function turnable(liquid: Liquid): readonly (typeof TASTES)[number][] {
  const roles = new Set(formulaById(liquid.formulaId)?.parts.map((part) => part.role));
  const can: Record<Key, boolean> = {
    salt: roles.has('salting'),
    sweet: roles.has('sweetening'),
    sour: roles.has('souring'),
    heat: liquid.targetHeat !== undefined,
    savour: roles.has('infusion'),
  };
  return TASTES.filter(({ key }) => can[key]);
}

/** Milder or stronger, sweeter, sharper, hotter, more savoury: the amounts follow at once. */
export function TasteSection({ liquid }: { liquid: Liquid }) {
  const { evening, edit } = useEvening();
  const taste: Taste = evening.choices.taste?.[liquid.formulaId] ?? {};
  const turn = (key: Key, step: number) => {
    edit({ kind: 'tasteTurned', formulaId: liquid.formulaId, taste: { ...taste, [key]: step } });
  };
  return (
    <Section title="To your taste">
      <View className="border-t border-line">
        {turnable(liquid).map(({ key, label, less, more }) => {
          const step = taste[key] ?? 0;
          return (
            <View key={key} className="flex-row flex-wrap items-center gap-2 border-b border-line py-2">
              <View className="words">
                <Body className="font-semibold">
                  {label}: {stepWords(step)}
                </Body>
                <Small>{nowWords(liquid, key)}</Small>
                <BandBar {...bandOf(liquid, key)} />
              </View>
              <IconButton
                label={less}
                disabled={step <= -MOST}
                onPress={() => turn(key, step - 1)}
                className="border border-edge bg-sheet"
                icon={<Minus size={22} color="rgb(var(--ink))" />}
              />
              <IconButton
                label={more}
                disabled={step >= MOST}
                onPress={() => turn(key, step + 1)}
                className="border border-edge bg-sheet"
                icon={<Plus size={22} color="rgb(var(--ink))" />}
              />
            </View>
          );
        })}
      </View>
    </Section>
  );
}
