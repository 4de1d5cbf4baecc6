import { Ruler } from 'lucide-react';
import { Link } from 'react-router';
import { ICON_BUTTON } from './buttons.ts';
import { ThemeButton } from './ThemeButton.tsx';

/** What belongs to this device and to no class: its measures and its theme. */
export const DeviceButtons = () => (
  <>
    <Link to="/measures" className={ICON_BUTTON} title="Your measures" aria-label="Your measures">
      <Ruler size={20} aria-hidden />
    </Link>
    <ThemeButton />
  </>
);
