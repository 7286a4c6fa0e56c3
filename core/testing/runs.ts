/** So many draws of a property, and very many where they are asked for: see `npm run test:long`. For tests only. */
export const runs = (few: number): number => (process.env.ELIXA_LONG ? few * 100 : few);

/** So many of a list, evenly from its first to its last, and all of them where they are asked for. For tests only. */
export function some<T>(list: readonly T[], few: number): T[] {
  if (process.env.ELIXA_LONG || list.length <= few) return [...list];
  if (few === 1) return list.slice(0, 1);
  const step = (list.length - 1) / (few - 1);
  return Array.from({ length: few }, (_, index) => list[Math.round(index * step)]!);
}
