import { Check } from '@/ui/icons';
import { Pressable, Text, View } from 'react-native';
import { tickedBySpace, useRadioKeys } from './choiceKeys';

interface Option<Value extends string> {
  value: Value;
  label: string;
  says?: string;
}

interface Props<Value extends string> {
  label: string;
  options: ReadonlyArray<Option<Value>>;
  value: Value;
  onChange(value: Value): void;
}

/** One of a few, side by side. */
export function Segmented<Value extends string>({ label, options, value, onChange }: Props<Value>) {
  const keys = useRadioKeys(
    options.map((one) => one.value),
    value,
    onChange,
  );
  return (
    <View
      role="radiogroup"
      aria-label={label}
      className="flex-row flex-wrap rounded-xl border border-edge bg-sheet p-1"
    >
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            {...keys(option.value)}
            role="radio"
            aria-checked={chosen}
            aria-label={option.label}
            onPress={() => onChange(option.value)}
            className={`min-h-target min-w-min shrink grow basis-0 items-center justify-center rounded-lg px-2 ${chosen ? 'bg-iron' : ''}`}
          >
            <Text className={`text-center font-sans text-base ${chosen ? 'font-semibold text-on-iron' : 'text-ink'}`}>
              {option.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}

/** One of several, each with a line that says what it means. */
export function ChoiceList<Value extends string>({ label, options, value, onChange }: Props<Value>) {
  const keys = useRadioKeys(
    options.map((one) => one.value),
    value,
    onChange,
  );
  return (
    <View role="radiogroup" aria-label={label} className="overflow-hidden rounded-xl border border-line bg-sheet">
      {options.map((option, index) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            {...keys(option.value)}
            role="radio"
            aria-checked={chosen}
            aria-label={option.label}
            onPress={() => onChange(option.value)}
            className={`min-h-target flex-row items-center gap-3 px-4 py-3 ${index > 0 ? 'border-t border-line' : ''}`}
          >
            <View
              className={`h-6 w-6 items-center justify-center rounded-full border-2 ${chosen ? 'border-iron' : 'border-edge'}`}
            >
              {chosen ? <View className="h-3 w-3 rounded-full bg-iron" /> : null}
            </View>
            <View className="flex-1">
              <Text className="font-sans text-base font-semibold text-ink">{option.label}</Text>
              {option.says ? <Text className="font-sans text-sm text-soft">{option.says}</Text> : null}
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}

interface ToggleProps {
  label: string;
  on: boolean;
  onChange(on: boolean): void;
}

/** On or off, as a chip among others. */
export function ToggleChip({ label, on, onChange }: ToggleProps) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={on}
      aria-label={label}
      {...tickedBySpace(() => onChange(!on))}
      onPress={() => onChange(!on)}
      className={`min-h-target flex-row items-center gap-2 max-w-full rounded-full border px-4 ${on ? 'border-iron bg-iron' : 'border-edge bg-sheet'}`}
    >
      {on ? <Check size={16} color="rgb(var(--on-iron))" aria-hidden /> : null}
      <Text className={`min-w-0 shrink py-1 font-sans text-base ${on ? 'font-semibold text-on-iron' : 'text-ink'}`}>
        {label}
      </Text>
    </Pressable>
  );
}

/** One of several of any length, wrapping; what is chosen is shown below it. */
export function Tabs<Value extends string>({ label, options, value, onChange }: Props<Value>) {
  const keys = useRadioKeys(
    options.map((one) => one.value),
    value,
    onChange,
  );
  return (
    <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            {...keys(option.value)}
            role="radio"
            aria-checked={chosen}
            aria-label={option.label}
            onPress={() => onChange(option.value)}
            className={`min-h-target justify-center rounded-xl border px-4 ${chosen ? 'border-iron bg-iron' : 'border-edge bg-sheet'}`}
          >
            <Text className={`font-sans text-base ${chosen ? 'font-semibold text-on-iron' : 'text-ink'}`}>
              {option.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}

interface RowProps extends ToggleProps {
  says: string;
  disabled?: boolean;
}

/** On or off, with a line that says what it means. */
export function ToggleRow({ label, says, on, disabled, onChange }: RowProps) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={on}
      aria-label={label}
      disabled={disabled}
      {...(disabled ? {} : tickedBySpace(() => onChange(!on)))}
      onPress={() => onChange(!on)}
      className={`min-h-target flex-row items-center gap-3 border-b border-line px-4 py-3 ${disabled ? 'opacity-50' : ''}`}
    >
      <View
        className={`h-6 w-6 items-center justify-center rounded-md border-2 ${on ? 'border-iron bg-iron' : 'border-edge'}`}
      >
        {on ? <Check size={16} color="rgb(var(--on-iron))" aria-hidden /> : null}
      </View>
      <View className="min-w-0 flex-1">
        <Text className="font-sans text-base font-semibold text-ink">{label}</Text>
        <Text className="font-sans text-sm text-soft">{says}</Text>
      </View>
    </Pressable>
  );
}
