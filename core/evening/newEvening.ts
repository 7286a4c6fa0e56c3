import { EVENING_SCHEMA_VERSION, type Diner, type Evening, type Units } from '@elixa/contract';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { STYLES } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';

/**
 * A valid evening to start from: the first style, pot and burner of the catalogue, two regular guests.
 * @param given identifier, title and time to sit down; what is known of the house from earlier evenings
 * @example newEvening({ id, title: 'Tuesday', sitDownAt: '2026-11-24T19:30:00+01:00' }).diners.length // 2
 */
export function newEvening(
  given: Pick<Evening, 'id' | 'title' | 'sitDownAt'> &
    Partial<Pick<Evening, 'place' | 'vessel' | 'heatSource' | 'cooks' | 'own'>> & { units?: Units; diners?: Diner[] },
): Evening {
  const style = STYLES[0]!;
  const guest = (name: string): Diner => ({ name, appetite: 'regular', diets: [], avoids: [], child: false });
  return {
    schemaVersion: EVENING_SCHEMA_VERSION,
    place: { altitudeM: 0, roomTempC: 20 },
    diners: [guest('Cook'), guest('Guest')],
    cooks: 1,
    units: 'metric',
    vessel: VESSELS[0]!,
    heatSource: HEAT_SOURCES[0]!,
    style: { id: style.id, schools: Object.fromEntries(style.schools.map((one) => [one.id, one.usual])) },
    service: style.services[0],
    choices: { swaps: [], leaveOut: [] },
    overrides: {},
    ...given,
  };
}
