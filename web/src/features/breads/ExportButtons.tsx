import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Download } from 'lucide-react';
import { memo } from 'react';
import { useStore } from 'react-redux';
import { recipeOfBread, type Bread } from '@hodsman/core';
import type { RootState } from '../../store/store.ts';
import { ICON_BUTTON } from '../../ui/buttons.ts';
import { download } from '../../ui/download.ts';

const ITEM = 'block w-full px-4 py-2.5 text-left data-focus:bg-steel';

/** The bread as a file: the project's own JSON, or a schema.org Recipe. */
export const ExportButtons = memo(function ExportButtons() {
  const store = useStore<RootState>();
  const save = (name: (bread: Bread) => string, type: string, of: (bread: Bread) => unknown): void => {
    const bread = store.getState().bread?.body;
    if (bread) download(name(bread), type, JSON.stringify(of(bread), null, 2));
  };
  return (
    <Menu>
      <MenuButton className={ICON_BUTTON} title="Save as a file" aria-label="Save as a file">
        <Download size={20} aria-hidden />
      </MenuButton>
      <MenuItems anchor="bottom end" className="z-10 rounded-cut border border-line bg-panel">
        <MenuItem>
          <button
            type="button"
            className={ITEM}
            onClick={() =>
              save(
                (b) => `${b.id}.json`,
                'application/json',
                (b) => b,
              )
            }
          >
            Bread with everything (JSON)
          </button>
        </MenuItem>
        <MenuItem>
          <button
            type="button"
            className={ITEM}
            onClick={() =>
              save(
                (b) => `${b.id}.jsonld`,
                'application/ld+json',
                (b) => recipeOfBread(b),
              )
            }
          >
            Recipe for others (schema.org JSON-LD)
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
});
