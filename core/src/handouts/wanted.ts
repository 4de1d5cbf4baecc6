import { isCountedOnly, type ClassRecord } from '../workshop/index.ts';
import { SHEET_KINDS, type SheetKind } from './sheet.ts';

/** The sheets that a class needs before anybody chooses: badges once people have names, labels where bread is taken home. */
export function wantedSheets({ workshop }: ClassRecord): readonly SheetKind[] {
  const isNamed = workshop.roster.some((p) => !isCountedOnly(p));
  const isTaken = workshop.menu.some((m) => (m.service ?? workshop.service) === 'take-home');
  return SHEET_KINDS.filter((k) => (k === 'badges' ? isNamed : k === 'bread-labels' ? isTaken : true));
}
