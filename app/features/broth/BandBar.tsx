import { scaleLinear } from 'd3-scale';
import { View } from 'react-native';

interface Props {
  value: number;
  band?: [number, number];
}

/** Room to the right of the band, as a share of its upper end. */
const BEYOND = 1.5;

/** A taste on its scale, against the band it should lie in. */
export function BandBar({ value, band }: Props) {
  if (!band) return null;
  const scale = scaleLinear()
    .domain([0, Math.max(band[1], value) * BEYOND])
    .range([0, 100])
    .clamp(true);
  const percent = (share: number): `${number}%` => `${Number(share.toFixed(1))}%`;
  return (
    <View aria-hidden className="mt-1 h-3 justify-center">
      <View className="h-1.5 w-full rounded-full bg-well" />
      <View
        className="absolute h-2 rounded-full bg-moss"
        style={{ left: percent(scale(band[0])), width: percent(scale(band[1]) - scale(band[0])) }}
      />
      <View
        className="absolute h-3 w-3 rounded-full border-2 border-ink bg-sheet"
        style={{ left: percent(scale(value)), marginLeft: -6 }}
      />
    </View>
  );
}
