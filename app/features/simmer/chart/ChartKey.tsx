import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { ToggleChip } from '@/ui/Choice';
import { Small } from '@/ui/Text';
import { Shield } from './Shield';

/** What the marks of the chart mean, and what else it can show. */
export function ChartKey({
  hasTrace,
  levels,
  onLevels,
}: {
  hasTrace: boolean;
  levels: boolean;
  onLevels(on: boolean): void;
}) {
  if (!hasTrace) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-5 gap-y-2">
      <View className="max-w-full flex-row items-center gap-2">
        <Svg width={34} height={16} viewBox="0 0 34 16" aria-hidden>
          <Line
            x1={3}
            x2={31}
            y1={8}
            y2={8}
            stroke="rgb(var(--iron))"
            strokeWidth={3}
            strokeLinecap="round"
            opacity={0.55}
          />
          <Circle cx={20} cy={8} r={4} fill="rgb(var(--iron))" />
        </Svg>
        <Small className="shrink">at its best, and when it comes out</Small>
      </View>
      <View className="max-w-full flex-row items-center gap-2">
        <Svg width={16} height={18} viewBox="-8 -9 16 18" aria-hidden>
          <Shield x={0} y={0} />
        </Svg>
        <Small className="shrink">cooked through from here</Small>
      </View>
      <ToggleChip label="Level and salt" on={levels} onChange={onLevels} />
    </View>
  );
}
