import { useEffect } from 'react';
import { useSettings } from '../store/settings.js';

/** Puts the theme on the page. */
export function useTheme(): void {
  const theme = useSettings((settings) => settings.theme);
  useEffect(() => {
    document.body.classList.toggle('evening', theme === 'evening');
  }, [theme]);
}
