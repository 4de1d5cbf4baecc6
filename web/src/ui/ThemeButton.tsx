import { Moon, Sun } from 'lucide-react';
import { useState } from 'react';
import { chooseTheme, storedTheme } from './theme.ts';
import { ICON_BUTTON } from './buttons.ts';

/** Changes between the light and the dark theme. */
export function ThemeButton() {
  const [theme, setTheme] = useState(storedTheme);
  const other = theme === 'light' ? 'dark' : 'light';
  return (
    <button
      type="button"
      className={ICON_BUTTON}
      aria-label={`Use the ${other} theme`}
      onClick={() => {
        chooseTheme(other);
        setTheme(other);
      }}
    >
      {theme === 'light' ? <Moon size={20} aria-hidden /> : <Sun size={20} aria-hidden />}
    </button>
  );
}
