/** So many draws of a property, and very many where they are asked for: see `npm run test:long`. For tests only. */
export const runs = (few: number): number => (process.env.ELIXA_LONG ? few * 100 : few);
