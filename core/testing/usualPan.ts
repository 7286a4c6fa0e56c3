import { CATALOGUE } from '../catalogue/catalogue';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import type { PanContext } from '../simmer/additionModel';

/** The first pot of the catalogue on its first burner, where water boils at so many °C. For tests only. */
export const usualPan = (boilingC = 100): PanContext => ({
  vessel: VESSELS[0]!,
  heat: HEAT_SOURCES[0]!,
  boilingC,
  altitudeM: 0,
  roomTempC: 20,
  catalogue: CATALOGUE,
});
