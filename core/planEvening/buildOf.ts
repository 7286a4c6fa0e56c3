import type { Build } from '@elixa/contract';
import { arrange } from '../arrange/arrange';
import { standsMm, type Fit } from '../arrange/fit';
import type { Stage } from '../catalogue/style';
import { headroomMm, heightAtMm } from '../arrange/vesselShape';
import type { Menu } from '../evening/menu';
import { isSwished } from '../evening/portions';

/** Whether food lies in the pot before the liquid is poured. */
function isLaidFirst(stages: readonly Stage[]): boolean {
  const pourAt = stages.findIndex((stage) => stage.do === 'pour');
  return stages.some((stage, index) => index < pourAt && (stage.do === 'add' || stage.do === 'fry'));
}

/** How the food stands in the pot: heights in mm, volumes in ml, and where each thing lies. */
export function buildOf({ evening, food, style, pour, stages, finish: ending }: Menu, fit: Fit): Build {
  const { vessel, service } = evening;
  const inPot = food.filter(
    (one) => one.pan === 'main' && one.purpose === 'pot' && one.cuts.length > 0 && !isSwished(one, service),
  );
  const finish = food.filter((one) => one.pan === 'main' && one.purpose === 'finish' && !ending?.apart);
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
    liquidStandsMm: standsMm(fit, fit.rounds, pour),
    liquid: pour.kind === 'ladles' ? 'sauce' : 'broth',
    laidFirst: isLaidFirst(stages),
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
