import type { Vessel } from '@elixa/contract';
import { drawFromAbove, type Buildable } from '@elixa/core';
import { memo, useMemo } from 'react';
import { PotDrawn, type PotDrawnProps } from './PotDrawn';

interface Props extends Omit<PotDrawnProps, 'drawing'> {
  vessel: Vessel;
  build: Buildable;
}

/** How the pot looks to somebody who bends over it, with its food as it is arranged. */
export const PotFromAbove = memo(function PotFromAbove({ vessel, build, ...shown }: Props) {
  const drawing = useMemo(() => drawFromAbove(vessel, build), [vessel, build]);
  return <PotDrawn drawing={drawing} {...shown} />;
});
