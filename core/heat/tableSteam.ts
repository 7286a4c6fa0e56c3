import { meanDiameterMm, type Evening, type HeatSource, type Vessel } from '@elixa/contract';
import { evaporationG } from './burner';

/** Share of the time at the table that the lid is on. Kitchen estimate. */
const LID_ON_SHARE = 0.5;

/** Steam that a pan loses while it simmers at the table, in g. */
export function tableSteamG(evening: Evening, vessel: Vessel, heat: HeatSource, durationS: number): number {
  const { innerDepthMm: depthMm, lid } = vessel;
  const diameterMm = meanDiameterMm(vessel);
  const pan = { diameterMm, depthMm, heat, ...evening.place };
  return evaporationG({ pan, durationS, state: 'simmer', liddedShare: lid ? LID_ON_SHARE : 0 });
}
