import { isCountedOnly, type ClassRecord } from '../workshop/index.ts';
import { SHEET_KINDS, type SheetKind } from './sheet.ts';

/**
 * The sheets that a class needs before anybody chooses: badges once people have names, labels and dough where bread is taken home; cards
 * without words are asked for.
 */
export function wantedSheets({ workshop }: ClassRecord): readonly SheetKind[] {
  const isNamed = workshop.roster.some((p) => !isCountedOnly(p));
  const isTaken = workshop.menu.some((m) => (m.service ?? workshop.service) === 'take-home');
  return SHEET_KINDS.filter((k) =>
    k === 'badges' ? isNamed : k === 'bread-labels' || k === 'dough-cards' ? isTaken : k !== 'wordless-cards',
  );
}
