import type { Build } from '@elixa/contract';
import { arrange } from '../arrange/arrange';
import type { Fit } from '../arrange/fit';
import { headroomMm, heightAtMm } from '../arrange/vesselShape';
import type { Menu } from '../evening/menu';
import { isSwished } from '../evening/portions';

/** Share of the space between loose food that liquid fills. Kitchen estimate, 0.3-0.45. */
const GAPS_SHARE = 0.35;

/** How the food stands in the pot: heights in mm, volumes in ml, and where each thing lies. */
export function buildOf({ evening, food, style }: Menu, fit: Fit): Build {
  const { vessel, service } = evening;
  const inPot = food.filter(
    (one) => one.pan === 'main' && one.purpose === 'pot' && one.cuts.length > 0 && !isSwished(one, service),
  );
  const finish = food.filter((one) => one.pan === 'main' && one.purpose === 'finish');
  const fillMl = fit.potBrothMl + fit.solidsMl / fit.rounds;
  const fillHeightMm = heightAtMm(vessel, fillMl);
  return {
    rimMl: vessel.rimVolumeMl,
    usableMl: fit.usableMl,
    headroomMm: headroomMm(vessel),
    solidsMl: fit.solidsMl,
    rounds: fit.rounds,
    potBrothMl: fit.potBrothMl,
    reserveMl: fit.reserveMl,
    fillHeightMm,
    liquidHeightMm: heightAtMm(vessel, fit.potBrothMl),
    liquidStandsMm:
      fit.coveringMl > 0 ? fillHeightMm : Math.min(fillHeightMm, heightAtMm(vessel, fit.potBrothMl / GAPS_SHARE)),
    fits: fit.rounds === 1,
    sectors: arrange(vessel, inPot, fillHeightMm, style.keepsApart),
    finishSectors: arrange(vessel, finish, fillHeightMm),
    aside: fit.aside && {
      name: fit.aside.vessel.name,
      usableMl: fit.aside.usableMl,
      solidsMl: fit.aside.solidsMl,
      potBrothMl: fit.aside.potBrothMl,
      reserveMl: fit.aside.reserveMl,
    },
  };
}
