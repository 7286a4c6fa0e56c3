import { useId, useState, type HTMLInputTypeAttribute } from 'react';
import { View } from 'react-native';
import { Small } from './Text';
import { typedNumber } from './typedNumber';

interface Props {
  label: string;
  value: string;
  onChange(value: string): void;
  onBlur?(): void;
  /** What the key Enter does, where there is something to do. */
  onEnter?(): void;
  /** What Escape takes back. */
  onEscape?(): void;
  type?: HTMLInputTypeAttribute;
  unit?: string;
  error?: string;
  hint?: string;
  min?: number | string;
  max?: number | string;
  step?: number;
  maxLength?: number;
  placeholder?: string;
  autoFocus?: boolean;
  /** Id of a list of suggestions. */
  list?: string;
}

/** A day with its year and the button of its picker is wider in some browsers than in others. */
const FIELD_ROOM: Partial<Record<HTMLInputTypeAttribute, string>> = {
  date: 'min-w-[min(11rem,100%)] flex-1 gap-1',
  time: 'min-w-[min(8rem,100%)] flex-1 gap-1',
};

/**
 * A labelled field. It is the browser's own input, so that phones bring the right keyboard and their own date and time
 * pickers.
 */
export function Field(props: Props) {
  const { label, value, onChange, onBlur, onEnter, onEscape, type = 'text', unit, error, hint, ...rest } = props;
  const id = useId();
  const below = error ?? hint;
  return (
    <View className={FIELD_ROOM[type] ?? 'words gap-1'}>
      <label htmlFor={id} style={{ fontSize: '0.875rem', color: 'rgb(var(--soft))' }}>
        {label}
        {unit ? `, ${unit}` : ''}
      </label>
      <input
        id={id}
        type={type}
        value={value}
        aria-invalid={error ? true : undefined}
        aria-describedby={below ? `${id}-below` : undefined}
        onChange={(event) => onChange(event.target.value)}
        onBlur={onBlur}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && onEnter) {
            // It would press as well whatever has the focus once the sheet is closed.
            event.preventDefault();
            onEnter();
          }
          if (event.key === 'Escape') onEscape?.();
        }}
        style={{
          boxSizing: 'border-box',
          width: '100%',
          minHeight: 48,
          padding: '8px 12px',
          fontSize: '1.125rem',
          borderRadius: 12,
          border: `1px solid rgb(var(${error ? '--ember' : '--edge'}))`,
          background: 'rgb(var(--sheet))',
          color: 'rgb(var(--ink))',
          fontVariantNumeric: 'tabular-nums',
        }}
        {...rest}
      />
      {below ? (
        <Small nativeID={`${id}-below`} className={error ? 'text-ember' : ''} role={error ? 'alert' : undefined}>
          {below}
        </Small>
      ) : null}
    </View>
  );
}

interface NumberProps extends Omit<Props, 'value' | 'onChange' | 'type' | 'error' | 'min' | 'max'> {
  value: number;
  min: number;
  max: number;
  onChange(value: number): void;
}

/** A number that only counts once it lies in its range; what is typed stays, with a message, until it does. */
export function NumberField({ value, min, max, onChange, ...rest }: NumberProps) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const text = typed ?? String(value);
  const number = typedNumber(text, max);
  const wrong = number === undefined || number < min || number > max;
  return (
    <Field
      {...rest}
      type="text"
      value={text}
      error={wrong ? `${rest.label}: use a number from ${min} to ${max}.` : undefined}
      onChange={(next) => {
        setTyped(next);
        const parsed = typedNumber(next, max);
        if (parsed !== undefined && parsed >= min && parsed <= max) onChange(parsed);
      }}
      onBlur={() => {
        if (!wrong) setTyped(undefined);
      }}
      onEscape={() => setTyped(undefined)}
    />
  );
}

interface MomentProps extends Omit<Props, 'onChange' | 'onBlur' | 'type' | 'error' | 'value'> {
  type: 'date' | 'time';
  value: string;
  /** Why what is typed cannot be taken; undefined where it can. */
  check(typed: string): string | undefined;
  onChange(value: string): void;
}

/**
 * A day or a time. Browsers report it with every figure that is typed, a year from its first on: only what is whole and can
 * be taken counts, and what is typed stays until it does.
 */
export function MomentField({ value, check, onChange, ...rest }: MomentProps) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  return (
    <Field
      {...rest}
      value={typed ?? value}
      error={typed === undefined ? undefined : check(typed)}
      onChange={(next) => {
        setTyped(next);
        if (check(next) === undefined) onChange(next);
      }}
      onBlur={() => {
        if (typed !== undefined && check(typed) === undefined) setTyped(undefined);
      }}
      onEscape={() => setTyped(undefined)}
    />
  );
}
