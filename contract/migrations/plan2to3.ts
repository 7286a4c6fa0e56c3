import { isRaw, type Raw } from './evening1to2';

interface OldSector {
  ingredientId: string;
  zone: 'ring' | 'heart' | 'stack' | 'bed' | 'top';
  startDeg: number;
  sweepDeg: number;
  areaMm2: number;
  heightMm: number;
  side?: 'first' | 'second';
}

interface OldSlot {
  ingredientId: string;
  cut: string;
  massG: number;
  layer: number;
}

/** How far the food came towards the rim, and what lay on top towards the middle, in pots of version 2. */
const REACHED = { food: 0.95, top: 0.42 } as const;

const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);
const areaOf = (sectors: readonly OldSector[]) => sum(sectors.map((one) => one.areaMm2));

/** Sectors of version 2 as the regions that they were drawn in. */
function placementsOf(sectors: readonly OldSector[], slots: readonly OldSlot[], rounds: number): Raw[] {
  const seen = sectors.filter((one) => one.zone !== 'bed' && one.zone !== 'top');
  const hearts = seen.filter((one) => one.zone === 'heart');
  const heartShare = REACHED.food * Math.sqrt(areaOf(hearts) / (areaOf(seen) || 1));
  let heartDeg = 0;
  return sectors.map((one) => {
    const slot = slots.find(({ ingredientId }) => ingredientId === one.ingredientId);
    const isHeart = one.zone === 'heart';
    const sweepDeg = isHeart ? (360 * one.areaMm2) / areaOf(hearts) : one.sweepDeg;
    const startDeg = isHeart ? heartDeg : one.startDeg;
    if (isHeart) heartDeg += sweepDeg;
    const isRound = one.zone === 'ring' || one.zone === 'stack';
    return {
      id: one.side ? `${one.ingredientId}@${one.side}` : one.ingredientId,
      ingredientId: one.ingredientId,
      cut: slot?.cut.split('+')[0] ?? '',
      pieces: 0,
      massG: (slot?.massG ?? 0) / rounds,
      place: one.zone,
      layer: slot?.layer ?? 0,
      because: '',
      ...(one.side ? { side: one.side } : {}),
      region: {
        fromShare: isRound ? heartShare : 0,
        toShare: isHeart ? heartShare : one.zone === 'top' ? REACHED.top : REACHED.food,
        startDeg,
        sweepDeg,
      },
      fromMm: 0,
      toMm: one.heightMm,
    };
  });
}

function buildOfToday(build: Raw, slots: readonly OldSlot[]): Raw {
  const { rimMl, usableMl, potBrothMl, liquidHeightMm, rounds, sectors, finishSectors, aside, ...same } =
    build as Raw & {
      rounds: number;
      usableMl: number;
      potBrothMl: number;
      solidsMl: number;
      sectors: OldSector[];
      finishSectors: OldSector[];
      aside?: Raw;
    };
  const placements = placementsOf(sectors, slots, rounds);
  const plate = placements.map(({ ingredientId, cut, pieces, massG }) => ({ ingredientId, cut, pieces, massG }));
  const times = <T>(value: T): T[] => Array.from({ length: rounds }, () => value);
  return {
    ...same,
    rimVolumeMl: rimMl,
    usableVolumeMl: usableMl,
    fullnessPct: (100 * (potBrothMl + (same.solidsMl as number) / rounds)) / usableMl,
    pourMl: potBrothMl,
    pourDepthMm: liquidHeightMm,
    levelAfterMin: [],
    placements,
    rounds: times([...new Set(sectors.map((one) => one.ingredientId))]),
    plates: times(plate),
    warnings: [],
    finishPlacements: placementsOf(finishSectors, slots, 1),
    ...(aside
      ? {
          aside: {
            name: aside.name,
            usableVolumeMl: aside.usableMl,
            solidsMl: aside.solidsMl,
            pourMl: aside.potBrothMl,
            reserveMl: aside.reserveMl,
          },
        }
      : {}),
  };
}

/** A plan of version 2 as one of version 3: its sectors are the regions that they were drawn in. */
export function plan2to3(input: Raw): Raw {
  if (!isRaw(input.build)) return input;
  const slots = (isRaw(input.menu) ? input.menu.slots : []) as OldSlot[];
  return { ...input, schemaVersion: 3, build: buildOfToday(input.build, slots) };
}
