import { Text, TextInput } from 'react-native';

interface Props {
  label: string;
  value: string;
  onChange(text: string): void;
  error?: string;
  hint?: string;
}

/** A field where there is no browser: what is typed, and what stands below it. */
export const Field = ({ label, value, onChange, error, hint }: Props) => (
  <>
    <TextInput aria-label={label} value={value} onChangeText={onChange} />
    <Text>{error ?? hint ?? ''}</Text>
  </>
);

interface NumberProps extends Omit<Props, 'value' | 'onChange'> {
  value: number;
  onChange(value: number): void;
}

/** The same for a number. */
export const NumberField = ({ value, onChange, ...rest }: NumberProps) => (
  <Field {...rest} value={String(value)} onChange={(text) => onChange(Number(text))} />
);
