import fc from 'fast-check';
import Qty from 'js-quantities';
import { afterEach, describe, expect, it } from 'vitest';
import {
  briefClockText,
  celsiusText,
  clockText,
  cmText,
  figureOf,
  gramsOnScale,
  gramsText,
  inOwnMeasures,
  litresText,
  measuresOfCountry,
  METRIC,
  ownMeasures,
  quantityText,
  readOwnMeasures,
  scaleOf,
  sidesText,
  timeOfText,
  timeText,
  unitOf,
  US_CUSTOMARY,
  writeIn,
  writtenIn,
  type Quantity,
} from './index.ts';

const clock = { date: '2027-03-06', doorsOpen: '10:00', timeZone: 'Europe/Dublin' };
const QUANTITIES: readonly Quantity[] = ['temperature', 'difference', 'length', 'thickness', 'weight', 'volume'];
afterEach(() => writeIn(METRIC));

describe('figures in US customary measures', () => {
  it('says what a general library of units says', () => {
    writeIn(US_CUSTOMARY);
    expect(celsiusText(26.4)).toBe(`${Math.round(Qty(26.4, 'tempC').to('tempF').scalar)} °F`);
    expect(cmText(24)).toBe(`${Qty('24 cm').to('in').scalar.toFixed(1)} in`);
    expect(sidesText(60, 40)).toBe('23.6 × 15.7 in');
    expect(quantityText('difference', 10)).toBe('18 °F');
    expect(quantityText('thickness', 3, 1)).toBe(`${Qty('3 mm').to('in').scalar.toFixed(3)} in`);
    expect(gramsText(242)).toBe(`${Qty('242 g').to('oz').scalar.toFixed(1)} oz`);
    expect(gramsText(Qty('2.25 lb').to('g').scalar)).toBe('2 lb 4 oz');
    expect(gramsText(Qty('1 lb').to('g').scalar - 0.1)).toBe('1 lb');
    expect(litresText(Qty('10 floz').to('cm^3').scalar)).toBe('10 fl oz');
  });

  it('keeps small weights to two per cent, as grams are kept', () => {
    writeIn(US_CUSTOMARY);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20_000, noNaN: true }), (g) => {
        const [, lb = '0', oz = '0'] = /^(?:(\d+) lb ?)?(?:([\d.]+) oz)?$/.exec(gramsText(g)) ?? [];
        const shown = Qty(Number(lb) * 16 + Number(oz), 'oz').to('g').scalar;
        expect(Math.abs(shown - g) / g).toBeLessThan(0.021);
      }),
    );
  });

  it('weighs on a scale of ounces in its own steps', () => {
    writeIn(US_CUSTOMARY);
    expect(gramsOnScale(242, 1).text).toBe('8.55 oz');
    expect(gramsOnScale(242, 1).g).toBeCloseTo(Qty('8.55 oz').to('g').scalar, 6);
    expect(gramsOnScale(242, 5).text).toBe('8.6 oz');
  });

  it('tells the time by twelve hours', () => {
    writeIn(US_CUSTOMARY);
    expect([clockText(clock, 0), clockText(clock, 7200), clockText(clock, 9000)]).toEqual([
      '10:00 am',
      '12:00 pm',
      '12:30 pm',
    ]);
    expect([timeText('00:05'), timeText('13:45'), briefClockText(clock, 9000)]).toEqual([
      '12:05 am',
      '1:45 pm',
      '12:30',
    ]);
  });
});

describe('what is typed', () => {
  it('is stored once and shown again as it was typed, in every quantity and in both measures', () => {
    for (const measures of [METRIC, US_CUSTOMARY]) {
      writeIn(measures);
      for (const quantity of QUANTITIES)
        for (const digits of [0, 1])
          fc.assert(
            fc.property(fc.integer({ min: 1, max: 20_000 }), (n) => {
              const scale = scaleOf(quantity);
              const typed = (n / 10 ** scale.digits(digits)).toFixed(scale.digits(digits));
              const stored = figureOf(typed, digits, quantity);
              expect(scale.shown(stored).toFixed(scale.digits(digits)), `${quantity} ${typed}`).toBe(typed);
            }),
          );
    }
  });

  it('105 °F is stored as 40.6 °C and reads 105 °F', () => {
    writeIn(US_CUSTOMARY);
    expect(figureOf('105', 1, 'temperature')).toBe(40.6);
    expect(celsiusText(40.6)).toBe('105 °F');
  });

  it('may carry another unit', () => {
    expect(figureOf('105 F', 1, 'temperature')).toBe(40.56);
    expect(figureOf('12"', 1, 'length')).toBe(30.48);
    expect(figureOf('1,5 kg', 0, 'weight')).toBe(1500);
    expect(figureOf('2 lb 3 oz', 0, 'weight')).toBeCloseTo(Qty('35 oz').to('g').scalar, 1);
    writeIn(US_CUSTOMARY);
    expect(figureOf('500 g', 0, 'weight')).toBe(500);
    expect(figureOf('40 °C', 0, 'temperature')).toBe(40);
    for (const text of ['', 'warm', '3 cups', '2 lb of it']) expect(figureOf(text, 0, 'weight')).toBeNaN();
    expect(figureOf('12', 0)).toBe(12);
  });

  it.each([
    ['9:30', '09:30'],
    ['0930', '09:30'],
    ['9.30', '09:30'],
    ['9:30 pm', '21:30'],
    ['12:15 AM', '00:15'],
    ['12 p.m.', '12:00'],
    ['2p', '14:00'],
    ['9', '9'],
    ['13:00 pm', '13:00 pm'],
    ['soon', 'soon'],
  ])('the time %s is %s', (typed, time) => {
    expect(timeOfText(typed)).toBe(time);
  });
});

describe('texts of people and of files', () => {
  it('read in own measures, and stay as they are in metric ones', () => {
    const text = 'roll to 18–20 cm, 4 mm, in water of 70 °C, 500 g by 14:05; 62 % of it, 5 g/cm³ stays';
    expect(inOwnMeasures(text)).toBe(text);
    writeIn(US_CUSTOMARY);
    expect(inOwnMeasures(text)).toBe(
      'roll to 7.1 in–7.9 in, 0.16 in, in water of 158 °F, 1 lb 1.6 oz by 2:05 pm; 62 % of it, 5 g/cm³ stays',
    );
  });

  it('are written in the measures of files where they go into one', () => {
    writeIn(US_CUSTOMARY);
    expect(writtenIn(METRIC, () => [gramsText(250), clockText(clock, 9000)])).toEqual(['250 g', '12:30']);
    expect(() =>
      writtenIn(METRIC, () => {
        throw new Error('in the midst');
      }),
    ).toThrow('in the midst');
    expect(ownMeasures()).toBe(US_CUSTOMARY);
  });
});

describe('the measures of a device', () => {
  it('are read where they are whole', () => {
    expect(readOwnMeasures(JSON.parse(JSON.stringify(US_CUSTOMARY)))).toEqual(US_CUSTOMARY);
    for (const kept of [null, 'F', {}, { ...US_CUSTOMARY, clock: 12 * 3 }, { ...US_CUSTOMARY, weight: 'stone' }])
      expect(readOwnMeasures(kept)).toBeUndefined();
  });

  it('are proposed by country, each among those that can be chosen', () => {
    for (const country of ['US', 'GB', 'AU', 'NZ', 'CA', 'CH', 'DK', 'IN', 'NO', 'SE', 'ZA', 'FR', ''])
      expect(readOwnMeasures(measuresOfCountry(country)), country).toBeDefined();
    expect(measuresOfCountry('FR')).toBe(METRIC);
    writeIn(measuresOfCountry('US'));
    expect(QUANTITIES.map(unitOf)).toEqual(['°F', '°F', 'in', 'in', 'oz', 'pints']);
  });
});
