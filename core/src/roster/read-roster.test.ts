import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readAvoided } from './avoided-words.ts';
import { readRoster } from './read-roster.ts';

const names = (text: string): readonly string[] => readRoster(text).rows.map((r) => r.guest.name);
const words = (text: string): readonly string[] => readAvoided(text).avoid.map((a) => `${a.what} ${a.level}`);

describe('a roster as text', () => {
  it('is read in any order of columns, quoted, with commas, semicolons or tabs, with and without a byte order mark', () => {
    const comma = 'Allergies,E-mail,Name\n"milk, nuts",a@b.example,"Berg, Sanna"\n,c@d.example,Teo\n';
    const read = readRoster(`\ufeff${comma}`);
    expect(read.columns).toEqual([
      { header: 'Allergies', as: 'avoids' },
      { header: 'E-mail', as: 'ignored' },
      { header: 'Name', as: 'name' },
    ]);
    expect(read.rows.map((r) => r.guest)).toEqual([
      {
        name: 'Berg, Sanna',
        avoid: [
          { what: 'milk', level: 'strict' },
          { what: 'nuts', level: 'strict' },
        ],
      },
      { name: 'Teo', avoid: [] },
    ]);
    expect(names('First name;Surname;Dietary\nÓlöf;Ægisdóttir;vegan\n')).toEqual(['Ólöf Ægisdóttir']);
    expect(names('name\tavoids\nMaren\tnone\nIdris\tno egg\n')).toEqual(['Maren', 'Idris']);
    expect(names(comma)).toEqual(['Berg, Sanna', 'Teo']);
  });
  it('may be one person a line, with what they avoid behind the name', () => {
    const read = readRoster('Ottilie\n2. Bram - no dairy\n• Noor (coeliac)\nTeo, allergic to sesame and egg\n');
    expect(read.rows.map((r) => [r.guest.name, r.guest.avoid.map((a) => a.what).join(' ')])).toEqual([
      ['Ottilie', ''],
      ['Bram', 'milk'],
      ['Noor', 'gluten wheat'],
      ['Teo', 'egg sesame'],
    ]);
  });
  it('names bad rows and keeps them as they were written', () => {
    const read = readRoster('name,avoids,places\nSanna,moonlight,1\n,milk,1\nTeo,,none\nIdris,,1,extra\nMaren,,2\n');
    expect(read.bad).toEqual([
      {
        row: 2,
        text: 'Sanna, moonlight, 1',
        name: 'Sanna',
        why: 'it is not clear what "moonlight" means for what Sanna avoids',
      },
      { row: 3, text: ', milk, 1', name: '', why: 'there is no name' },
      { row: 4, text: 'Teo, , none', name: 'Teo', why: '"none" is no number of places from 1 to 20' },
      { row: 5, text: 'Idris, , 1, extra', name: 'Idris', why: 'has 4 cells, the header 3' },
    ]);
    expect(read.rows.map((r) => [r.guest.name, r.group])).toEqual([
      ['Maren', 'Maren'],
      ['Maren, guest 1', 'Maren'],
    ]);
    const open = readRoster('name,avoids\nSanna,"no end\nTeo,\n');
    expect(open.rows.length + open.bad.length).toBeGreaterThan(0);
    expect(open.bad[0]?.why).toBe('a quotation mark is opened and never closed');
  });
  it('takes a formula in a cell as the text that it is', () => {
    expect(names('name\n"=HYPERLINK(""http://x.example"",""me"")"\n')).toEqual(['=HYPERLINK("http://x.example","me")']);
  });
  it('reads 5,000 rows, and no row of any text is lost', () => {
    const many = ['name;avoids', ...Array.from({ length: 5000 }, (_, i) => `Guest ${i};${i % 7 ? '' : 'milk'}`)];
    expect(readRoster(many.join('\r\n')).rows).toHaveLength(5000);
    const line = fc.string({ minLength: 1, maxLength: 40 }).filter((s) => /[a-z]/i.test(s) && !/["\r\n]/.test(s));
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), (lines) => {
        const read = readRoster(['name,avoids,email', ...lines.map((l) => `${l.replace(/,/g, ' ')},,`)].join('\n'));
        expect(new Set([...read.rows, ...read.bad].map((r) => r.row)).size).toBe(lines.length);
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});

describe('what somebody avoids', () => {
  it('is found in their own words', () => {
    expect(words('Coeliac, nut allergy')).toEqual(['gluten strict', 'nuts strict', 'wheat strict']);
    expect(words('vegan')).toEqual(['animal diet', 'egg diet', 'meat diet', 'milk diet']);
    expect(words('vegan; milk allergy')).toContain('milk strict');
    expect(words('peanuts')).toEqual(['peanut strict']);
    expect(words('shellfish')).toEqual(['crustaceans strict', 'molluscs strict']);
    expect(words('prefers no dairy')).toEqual(['milk diet']);
    expect(words('butter')).toEqual(['milk strict']);
    for (const none of ['', 'none', 'N/A', '-', 'No allergies'])
      expect(readAvoided(none)).toEqual({ avoid: [], unknown: [] });
  });
  it('is handed back where it is not understood', () => {
    expect(readAvoided('milk, the colour blue')).toMatchObject({ unknown: ['the colour blue'] });
  });
});
