import type { BrothBody } from '@elixa/core';

/** How much fat floats on a broth, and how much that is. */
export const fatWords = ({ fat, fatGPerL }: BrothBody): string =>
  fatGPerL < 1 ? fat : `${fat}, about ${Math.round(fatGPerL)} g a litre`;
