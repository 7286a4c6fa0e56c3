import type { Build, Units } from '@elixa/contract';
import { pouredToMm, showLength, showVolume } from '@elixa/core';

/** How much is poured, and how deep it then stands; of two broths how much of each. */
export function pourWords(build: Build, units: Units): { much: string; deep: string } {
  const isParted = build.placements.some((one) => one.side);
  const depth = showLength(pouredToMm(build), units);
  return {
    much: isParted ? `${showVolume(build.pourMl / 2, units)} of each` : showVolume(build.pourMl, units),
    deep: build.laidFirst ? `${depth} deep between the food` : `${depth} deep by a ruler in the middle`,
  };
}
