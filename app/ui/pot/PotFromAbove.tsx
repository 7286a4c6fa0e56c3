import type { Vessel } from '@elixa/contract';
import { type Buildable, drawFromAbove } from '@elixa/core';
import { memo, useMemo } from 'react';
import { PotDrawn, type PotDrawnProps } from './PotDrawn';
import { useCatalogue } from '@/ui/catalogue';

interface Props extends Omit<PotDrawnProps, 'drawing'> {
  vessel: Vessel;
  build: Buildable;
}

/** How the pot looks to somebody who bends over it, with its food as it is arranged. */
export const PotFromAbove = memo(function PotFromAbove({ vessel, build, ...shown }: Props) {
  const catalogue = useCatalogue();
  const drawing = useMemo(() => drawFromAbove(catalogue, vessel, build), [catalogue, vessel, build]);
  return <PotDrawn drawing={drawing} {...shown} />;
});
