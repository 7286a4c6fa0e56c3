import { View } from 'react-native';
import { IconButton } from './Button';
import { Segmented } from './Choice';
import { ChevronLeft, ChevronRight } from '@/ui/icons';
import { Body, Small } from './Text';

interface Props {
  /** `name` is shown where a round stands alone. */
  options: ReadonlyArray<{ value: string; label: string; name?: string }>;
  value: string;
  onChange(value: string): void;
}

/** As many rounds stand side by side on a phone. */
const SIDE_BY_SIDE = 5;

/** One of the rounds of an evening: a few side by side, many one after another. */
export function RoundChoice({ options, value, onChange }: Props) {
  if (options.length <= SIDE_BY_SIDE)
    return <Segmented label="Round" options={options} value={value} onChange={onChange} />;
  const index = Math.max(
    0,
    options.findIndex((one) => one.value === value),
  );
  const button = (by: -1 | 1, label: string, Icon: typeof ChevronLeft) => {
    const next = options[index + by];
    return (
      <IconButton
        label={label}
        disabled={!next}
        className="border border-edge bg-sheet"
        icon={<Icon size={22} color="rgb(var(--ink))" />}
        onPress={() => next && onChange(next.value)}
      />
    );
  };
  return (
    <View role="group" aria-label="Round" className="flex-row items-center gap-3">
      {button(-1, 'The round before', ChevronLeft)}
      <View aria-live="polite" className="min-w-[8rem] items-center">
        <Body className="text-lg font-semibold">{options[index]?.name ?? options[index]?.label}</Body>
        <Small>
          {index + 1} of {options.length}
        </Small>
      </View>
      {button(1, 'The next round', ChevronRight)}
    </View>
  );
}
