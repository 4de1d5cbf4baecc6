import { memo } from 'react';
import { useStore } from 'react-redux';
import { breadTables, recipeOfBread } from '@hodsman/core';
import { tableFiles } from '../../documents/table-files.ts';
import type { RootState } from '../../store/store.ts';
import { download, fileName } from '../../ui/download.ts';
import { FileMenu } from '../../ui/FileMenu.tsx';

const json = (name: string, type: string, of: unknown): void => download(name, type, JSON.stringify(of, null, 2));

/** The bread as a file: the project's own JSON, a schema.org Recipe, its tables. It does not follow what is typed. */
export const ExportButtons = memo(function ExportButtons() {
  const store = useStore<RootState>();
  return (
    <FileMenu
      files={() => {
        const bread = store.getState().bread?.body;
        if (!bread) return [];
        return [
          ['Bread with everything (JSON)', () => json(fileName(bread.name, '.json'), 'application/json', bread)],
          [
            'Recipe for others (schema.org JSON-LD)',
            () => json(fileName(bread.name, '.jsonld'), 'application/ld+json', recipeOfBread(bread)),
          ],
          ...tableFiles(bread.name, breadTables(bread)),
        ];
      }}
    />
  );
});
