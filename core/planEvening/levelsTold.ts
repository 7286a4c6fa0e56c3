import type { Build, BuildWarning, Simmer, Trace } from '@elixa/contract';
import { overMark } from '../simmer/problems';
import { traceAt, traceBeforeS } from '../simmer/traceAt';
import type { Menu } from '../evening/menu';
import type { Fit } from '../arrange/fit';

/** The level is told so many times at the most, at whole minutes. */
const MOST_TOLD = 12;

/** When the first food that simmers is ready: until then nothing is lifted out. */
const firstReadyS = ({ pieces, readyAtS }: Simmer): number => {
  const ready = pieces.filter((one) => one.pan === 'main' && one.way !== 'seared').map((one) => one.outAtS);
  return ready.length > 0 ? Math.min(...ready) : (readyAtS[0] ?? 0);
};

/** The level from the pour to the first food, every so many whole minutes and at the end. */
function levelAfterMin(trace: Trace, untilS: number): Build['levelAfterMin'] {
  const lastMin = Math.max(0, (traceBeforeS(trace, untilS) - trace.fromS) / 60);
  const everyMin = Math.max(1, Math.ceil(lastMin / (MOST_TOLD - 1)));
  const minutes = Array.from({ length: Math.floor(lastMin / everyMin) + 1 }, (_, index) => index * everyMin);
  const all = minutes.at(-1) === lastMin ? minutes : [...minutes, lastMin];
  return all.map((min) => {
    const { levelMl, depthMm } = traceAt(trace, trace.fromS + min * 60);
    return { min, levelMl, depthMm };
  });
}

/** A pot that would stand over its mark foams over: told with the building, before anything is poured. */
const boilsOver = (menu: Menu, fit: Fit, trace: Trace): BuildWarning[] =>
  overMark(menu, fit, trace).map(({ id, text, because, remedies }) => ({ id, text, because, advice: remedies }));

/**
 * How a pot is built, with the level as the rehearsal has it: what the vegetables give, what noodles drink and what boils
 * away are all in it.
 * @returns the build as it is where the pot was not rehearsed
 */
export function withLevels(build: Build, menu: Menu, fit: Fit, simmer: Simmer): Build {
  const { trace } = simmer;
  if (!trace) return build;
  return {
    ...build,
    levelAfterMin: levelAfterMin(trace, firstReadyS(simmer)),
    fullnessPct: (100 * Math.max(...trace.levelMl)) / fit.usableMl,
    warnings: [...build.warnings, ...boilsOver(menu, fit, trace)],
  };
}
