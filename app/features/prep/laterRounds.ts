/** How the rounds after the first go, in a sentence; none where there are none. */
export const laterRounds = (rounds: number): string[] => {
  if (rounds < 2) return [];
  return [`The ${rounds === 2 ? 'second round' : `other ${rounds - 1} rounds`} in the same order.`];
};
