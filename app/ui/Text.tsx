import { Text as NativeText, View, type TextProps } from 'react-native';
import { classes } from './classes';
import { countsToTwelve } from './time';

interface Props extends TextProps {
  className?: string;
  level?: 1 | 2 | 3;
}

/** Running text. */
export function Body({ className, ...props }: Props) {
  return <NativeText {...props} className={classes('font-sans text-base leading-6 text-ink', className)} />;
}

/** Explanations under a number, notes, labels. */
export function Small({ className, ...props }: Props) {
  return <NativeText {...props} className={classes('font-sans text-sm leading-5 text-soft', className)} />;
}

const HEADING_SIZE = { 1: 'text-title', 2: 'text-2xl leading-8', 3: 'text-xl leading-7' } as const;

/** A heading of the page, a section or a part of it. */
export function Heading({ className, level = 2, ...props }: Props) {
  return (
    <NativeText
      {...props}
      role="heading"
      aria-level={level}
      className={classes('font-display font-semibold text-ink', HEADING_SIZE[level], className)}
    />
  );
}

const FIGURE_SIZE = {
  small: 'text-xl leading-7',
  medium: 'text-3xl leading-9',
  large: 'text-large',
  huge: 'text-huge',
  wall: 'text-wallFigure',
} as const;

interface FigureProps extends Props {
  size?: keyof typeof FIGURE_SIZE;
  unit?: string;
  /** Figures of one width, for a number that runs. */
  running?: boolean;
}

/** A number that has to be read at a glance, with its unit small beside it. */
export function Figure({ className, size = 'medium', unit, running, children, ...props }: FigureProps) {
  return (
    <NativeText
      {...props}
      style={[running ? { fontVariant: ['tabular-nums'] } : null, props.style]}
      className={classes('font-sans font-semibold text-ink', FIGURE_SIZE[size], className)}
    >
      {children}
      {unit ? <NativeText className="text-base font-normal text-soft"> {unit}</NativeText> : null}
    </NativeText>
  );
}

/** The column of the times at the left of a list. */
export const clockColumn = () => (countsToTwelve() ? 'min-w-[5.75rem]' : 'min-w-[4rem]');

/** A few numbers side by side, each over a line that says what it is. */
export function Figures({ items }: { items: ReadonlyArray<{ value: string; unit?: string; says: string }> }) {
  return (
    <View className="flex-row flex-wrap gap-4">
      {items.map((item) => (
        <View key={item.says} className="min-w-min grow shrink basis-[6rem] sm:grow-0 sm:basis-auto sm:pr-8">
          <Figure unit={item.unit} className="sm:text-large">
            {item.value}
          </Figure>
          <Small>{item.says}</Small>
        </View>
      ))}
    </View>
  );
}
