import { Moon, Sun, SunMoon } from '@/ui/icons';
import { useAppDispatch, useAppSelector } from '@/state';
import { IconButton } from '@/ui/Button';
import { themeChosen, type Theme } from '@/state/settings';

const NEXT: Record<Theme, Theme> = { auto: 'dark', dark: 'light', light: 'auto' };
const NAME: Record<Theme, string> = { auto: 'as the device', dark: 'dark', light: 'light' };
const ICON = { auto: SunMoon, dark: Moon, light: Sun };

/** Goes through light, dark and the device's own. */
export function ThemeButton() {
  const theme = useAppSelector((state) => state.settings.theme);
  const dispatch = useAppDispatch();
  const Icon = ICON[theme];
  return (
    <IconButton
      label={`Light: ${NAME[theme]}. Change to ${NAME[NEXT[theme]]}`}
      onPress={() => dispatch(themeChosen(NEXT[theme]))}
      icon={<Icon size={22} color="rgb(var(--ink))" />}
    />
  );
}
