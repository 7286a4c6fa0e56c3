import type { Sector, Vessel } from '@elixa/contract';
import { drawFromAbove } from '@elixa/core';
import { memo, useMemo } from 'react';
import { PotDrawn, type PotDrawnProps } from './PotDrawn';

interface Props extends Omit<PotDrawnProps, 'drawing'> {
  vessel: Vessel;
  sectors: readonly Sector[];
}

/** How the pot looks to somebody who bends over it, with its food as it is arranged. */
export const PotFromAbove = memo(function PotFromAbove({ vessel, sectors, ...shown }: Props) {
  const drawing = useMemo(() => drawFromAbove(vessel, sectors), [vessel, sectors]);
  return <PotDrawn drawing={drawing} {...shown} />;
});
