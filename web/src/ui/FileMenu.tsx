import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Download } from 'lucide-react';
import { ICON_BUTTON } from './buttons.ts';

interface Props {
  /** Each file in words, and what hands it over; asked for when somebody opens the menu. */
  readonly files: () => readonly (readonly [string, () => void])[];
}

/** What is on the page as a file, in the form that somebody chooses. */
export function FileMenu({ files }: Props) {
  return (
    <Menu>
      <MenuButton className={ICON_BUTTON} title="Save as a file" aria-label="Save as a file">
        <Download size={20} aria-hidden />
      </MenuButton>
      <MenuItems anchor="bottom end" className="z-10 rounded-cut border border-line bg-panel">
        <Files files={files} />
      </MenuItems>
    </Menu>
  );
}

function Files({ files }: Props) {
  return files().map(([words, save]) => (
    <MenuItem key={words}>
      <button type="button" className="block w-full px-4 py-2.5 text-left data-focus:bg-steel" onClick={save}>
        {words}
      </button>
    </MenuItem>
  ));
}
