import type { ReactNode } from 'react';
import { Pressable, Text, View, type PressableProps } from 'react-native';
import { classes } from './classes';

type Look = 'main' | 'plain' | 'quiet' | 'ember';

const BOX: Record<Look, string> = {
  main: 'bg-iron border-iron min-h-main px-6',
  ember: 'bg-ember border-ember min-h-main px-6',
  plain: 'bg-sheet border-edge min-h-target px-4',
  quiet: 'bg-transparent border-transparent min-h-target px-3',
};
const WORDS: Record<Look, string> = {
  main: 'text-on-iron text-lg font-semibold',
  ember: 'text-on-ember text-lg font-semibold',
  plain: 'text-ink text-base font-medium',
  quiet: 'text-iron text-base font-semibold',
};

interface Props extends Omit<PressableProps, 'children' | 'style'> {
  label: string;
  look?: Look;
  icon?: ReactNode;
  className?: string;
  wordsClassName?: string;
  /** Words at the left, for a list of choices. */
  left?: boolean;
}

/** A button; `main` is the one that matters on a screen. */
export function Button({ label, look = 'plain', icon, className = '', wordsClassName = '', left, ...props }: Props) {
  return (
    <Pressable
      role="button"
      {...props}
      className={classes(
        'max-w-full flex-row items-center gap-2 rounded-xl border py-2 active:opacity-80',
        left ? 'justify-start' : 'justify-center',
        BOX[look],
        props.disabled ? 'opacity-50' : '',
        className,
      )}
    >
      {icon ? <View aria-hidden>{icon}</View> : null}
      <Text
        className={classes('shrink font-sans', left ? 'min-w-0 text-left' : 'text-center', WORDS[look], wordsClassName)}
      >
        {label}
      </Text>
    </Pressable>
  );
}

interface IconButtonProps extends Omit<PressableProps, 'children' | 'style'> {
  label: string;
  icon: ReactNode;
  className?: string;
}

/** A button without words; `label` is what a screen reader says. */
export function IconButton({ label, icon, className = '', ...props }: IconButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      {...props}
      className={classes(
        'h-[48px] w-[48px] items-center justify-center rounded-xl active:bg-well',
        props.disabled ? 'opacity-40' : '',
        className,
      )}
    >
      {icon}
    </Pressable>
  );
}
