import { describe, expect, it } from 'vitest';
import { classesByDay, type ClassSummary } from './index.ts';

const on = (title: string, date: string, doorsOpen: string, more: Partial<ClassSummary> = {}) => ({
  title,
  summary: { date, doorsOpen, timeZone: 'UTC', tableTime: '12:00', people: 8, breads: ['Soft rounds'], ...more },
});
const list = [
  on('Evening', '2027-03-06', '18:00', { kitchen: 'Cellar kitchen' }),
  on('Morning', '2027-03-06', '09:00', { breads: ['Coil rounds', 'Ovals'] }),
  on('Spring', '2027-04-01', '10:00'),
  on('Winter', '2027-01-10', '10:00'),
  on('Autumn', '2026-10-10', '10:00'),
  { title: 'Spoilt', summary: null },
];
const titles = (days: readonly { readonly classes: readonly { readonly title: string }[] }[]) =>
  days.map((d) => d.classes.map((c) => c.title));

describe('the list of classes', () => {
  it('has those to come from the next on, those that are over from the last back, two of one day together', () => {
    const { coming, past, unreadable } = classesByDay(list, '2027-03-06', '');
    expect(titles(coming)).toEqual([['Morning', 'Evening'], ['Spring']]);
    expect(titles(past)).toEqual([['Winter'], ['Autumn']]);
    expect(unreadable.map((c) => c.title)).toEqual(['Spoilt']);
  });
  it('is found by name, bread and kitchen, and what cannot be read is never hidden', () => {
    const found = (wish: string) => {
      const { coming, past, unreadable } = classesByDay(list, '2027-03-06', wish);
      expect(unreadable).toHaveLength(1);
      return [...titles(coming), ...titles(past)].flat();
    };
    expect(found('winter')).toEqual(['Winter']);
    expect(found('ovals coil')).toEqual(['Morning']);
    expect(found('cellar')).toEqual(['Evening']);
    expect(found('nothing like it')).toEqual([]);
  });
});
