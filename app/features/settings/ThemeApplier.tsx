import { useEffect } from 'react';
import { useAppSelector } from '@/state';

/** Puts the chosen theme, or the device's own, on the whole page. */
export function ThemeApplier() {
  const theme = useAppSelector((state) => state.settings.theme);
  useEffect(() => {
    const device = window.matchMedia('(prefers-color-scheme: dark)');
    const apply = () =>
      document.documentElement.classList.toggle('theme-dark', theme === 'dark' || (theme === 'auto' && device.matches));
    apply();
    device.addEventListener('change', apply);
    return () => device.removeEventListener('change', apply);
  }, [theme]);
  return null;
}
