import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readAvoided } from './avoided-words.ts';
import { readRoster } from './read-roster.ts';

const names = (text: string): readonly string[] => readRoster(text).rows.map((r) => r.guest.name);
const words = (text: string): readonly string[] => readAvoided(text).avoid.map((a) => `${a.what} ${a.level}`);

describe('a roster as text', () => {
  it('is read in any order of columns, quoted, with commas, semicolons or tabs, with and without a byte order mark', () => {
    const comma = 'Allergies,E-mail,Name\n"milk, sesame",a@b.example,"Berg, Sanna"\n,c@d.example,Teo\n';
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
          { what: 'sesame', level: 'strict' },
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
        guest: { name: 'Sanna', avoid: [] },
        words: ['moonlight'],
        why: 'it is not clear what "moonlight" means for what Sanna avoids',
      },
      {
        row: 3,
        text: ', milk, 1',
        guest: { name: '', avoid: [{ what: 'milk', level: 'strict' }] },
        words: [', milk, 1'],
        why: 'there is no name',
      },
      {
        row: 4,
        text: 'Teo, , none',
        guest: { name: 'Teo', avoid: [] },
        words: ['Teo, , none'],
        why: '"none" is no number of places from 1 to 20',
      },
      {
        row: 5,
        text: 'Idris, , 1, extra',
        guest: { name: 'Idris', avoid: [] },
        words: ['Idris, , 1, extra'],
        why: 'has 4 cells, the header 3',
      },
    ]);
    expect(read.rows.map((r) => [r.guest.name, r.group])).toEqual([
      ['Maren', 'Maren'],
      ['Maren, guest 1', 'Maren'],
    ]);
    const open = readRoster('name,avoids\nSanna,"no end\nTeo,\n');
    expect(open.rows.length + open.bad.length).toBeGreaterThan(0);
    expect(open.bad[0]?.why).toBe('a quotation mark is opened and never closed');
  });
  it.each([
    ['Sanna allergic to sesame', 'Sanna', 'sesame'],
    ['Teo is allergic to peanuts and eggs', 'Teo', 'egg peanut'],
    ['Maren gluten free', 'Maren', 'gluten wheat'],
    ["Ada can't have eggs", 'Ada', 'egg'],
    ['Anna van der Berg vegan', 'Anna van der Berg', 'animal crustaceans egg fish meat milk molluscs pork'],
    ['SANNA BERG MILK ALLERGY', 'SANNA BERG', 'milk'],
    ['sanna berg milk allergy', 'sanna berg', 'milk'],
    ['Ulf gluten-free', 'Ulf', 'gluten wheat'],
    ['Wen; no pork', 'Wen', 'pork'],
    ['Julia Child', 'Julia Child', ''],
    ['Anna and Will May', 'Anna and Will May', ''],
    ['José Ángel de la Cruz', 'José Ángel de la Cruz', ''],
  ])('reads "%s" as %s, who avoids "%s"', (line, name, avoided) => {
    const read = readRoster(line);
    expect(read.bad).toEqual([]);
    expect(read.rows.map((r) => [r.guest.name, r.guest.avoid.map((a) => a.what).join(' '), r.words])).toEqual([
      [name, avoided, []],
    ]);
  });
  it.each([
    ['Finn severe strawberry allergy', 'Finn', '', 'severe strawberry allergy'],
    ['sanna strawberry allergy', 'sanna', '', 'strawberry allergy'],
    ["Gus doesn't like coriander", 'Gus', '', "doesn't like coriander"],
    ['Ottilie - severe strawberry allergy, milk', 'Ottilie', 'milk', 'severe strawberry allergy'],
    ['vegetarian', '', 'crustaceans fish meat molluscs pork', 'vegetarian'],
  ])('keeps "%s" aside with what was understood and what was not', (line, name, avoided, words) => {
    const [bad] = readRoster(line).bad;
    expect([bad?.guest.name, bad?.guest.avoid.map((a) => a.what).join(' '), bad?.words]).toEqual([
      name,
      avoided,
      [words],
    ]);
  });
  it.each([
    ['Hal arrives late', 'Hal', 'arrives late'],
    ['Ida left-handed', 'Ida', 'left-handed'],
    ['Kim 087 123 4567', 'Kim', '087 123 4567'],
    ['Noor (coeliac), arrives late', 'Noor', 'arrives late'],
    ['Jos Butter', 'Jos', '“Jos Butter”: is “Butter” a name or something that is avoided?'],
    ['Dee halal', 'Dee', 'halal: pork and alcohol are compared; how meat was slaughtered is not'],
  ])('seats "%s" with a note in words', (line, name, words) => {
    expect(readRoster(line).rows.map((r) => [r.guest.name, r.words])).toEqual([[name, [words]]]);
  });
  it('never takes a word of an allergy into a name, in whatever letters and order', () => {
    const name = fc.constantFrom('Sanna', 'Teo Berg', 'maren', 'ÓLÖF');
    const food = fc.constantFrom('milk', 'Sesame', 'PEANUTS', 'egg', 'gluten', 'vegan', 'nut', 'Fish', 'halal', 'soya');
    const behind = fc.constantFrom('', ' allergy', ' Allergy', ' free', ' please');
    const before = fc.constantFrom(' ', ' no ', ' severe ', ' is allergic to ', ' - ', ', ', ' (');
    fc.assert(
      fc.property(name, before, food, behind, (n, b, f, a) => {
        const read = readRoster(`${n}${b}${f}${a}`);
        expect([...read.rows, ...read.bad].map((r) => r.guest.name)).toEqual([n]);
        expect([...read.rows, ...read.bad].flatMap((r) => r.guest.avoid).length).toBeGreaterThan(0);
      }),
      { seed: 12, numRuns: 400 },
    );
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
    expect(words('Coeliac, hazelnut allergy')).toEqual(['gluten strict', 'nuts strict', 'wheat strict']);
    expect(words('vegan')).toEqual(
      ['animal', 'crustaceans', 'egg', 'fish', 'meat', 'milk', 'molluscs', 'pork'].map((w) => `${w} diet`),
    );
    expect(words('vegetarian')).toContain('pork diet');
    expect(words('vegan; milk allergy')).toContain('milk strict');
    expect(words('peanuts')).toEqual(['peanut strict']);
    expect(words('shellfish')).toEqual(['crustaceans strict', 'molluscs strict']);
    expect(words('prefers no dairy')).toEqual(['milk diet']);
    expect(words('butter')).toEqual(['milk strict']);
    for (const none of ['', 'none', 'N/A', '-', 'No allergies'])
      expect(readAvoided(none)).toEqual({ avoid: [], unknown: [], remarks: [] });
  });
  it('keeps both kinds of nuts away until somebody has asked which', () => {
    expect(readAvoided('nut allergy')).toEqual({
      avoid: [
        { what: 'nuts', level: 'strict' },
        { what: 'peanut', level: 'strict' },
      ],
      unknown: [],
      remarks: ['“nut allergy”: tree nuts, peanuts or both? Both are kept away until somebody has asked'],
    });
    expect(readAvoided('tree nuts').remarks).toEqual([]);
  });
  it('that is understood in part comes back in its own words besides', () => {
    expect(readAvoided('egg kiwi')).toMatchObject({ avoid: [{ what: 'egg' }], unknown: [], remarks: ['egg kiwi'] });
    expect(readAvoided('arrives late')).toEqual({ avoid: [], unknown: [], remarks: ['arrives late'] });
  });
  it('is not read but kept where nobody writes so much, and takes no time', () => {
    const long = 'very '.repeat(100_000);
    expect(readAvoided(long).unknown).toEqual([long]);
    const read = readRoster(`Sanna ${'no '.repeat(200_000)}`);
    expect(read.bad[0]?.why).toBe('it is longer than 1000 letters');
    expect(read.bad[0]?.words[0]?.length).toBe(4000);
  });
  it('is handed back where it is not understood', () => {
    expect(readAvoided('milk, the colour blue')).toMatchObject({ unknown: ['the colour blue'] });
  });
});
