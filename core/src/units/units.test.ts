import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import {
  celsiusOfFahrenheit,
  celsiusText,
  pctText,
  roundedTo,
  wholeMinutes,
  clockText,
  cmOfInches,
  dayText,
  durationText,
  elapsedSec,
  fahrenheitOfCelsius,
  fahrenheitOfDifference,
  gramsText,
  inchesOfCm,
  localDateTime,
  ML_PER_US,
  mlOf,
  moneyText,
  ouncesOfGrams,
  roundGrams,
  roundHalfUp,
  secondsOfMinutes,
  secondsOfWindow,
  timeOfDay,
  vulgarFraction,
} from './index.ts';

describe('rounding', () => {
  it('rounds halves up, below zero too', () => {
    expect([2.5, 2.49, -2.5, -2.51, -0.2].map(roundHalfUp)).toEqual([3, 2, -2, -3, 0]);
  });
  it('sees an exact half behind a binary error: 1.1 × 45 s', () => {
    expect(roundHalfUp(49.49999999999999 + 1e-14)).toBe(50);
    expect(secondsOfMinutes(0.825 * 1.1)).toBe(54); // 54.45
  });
  it('weighs to 1 g from 25 g, 0.1 g from 2.5 g, 0.01 g below', () => {
    expect([242.44, 24.96, 2.46, 0.724].map(roundGrams)).toEqual([242, 25, 2.46, 0.72]);
    expect([1253, 242.4, 8.44, 0.3].map(gramsText)).toEqual(['1.255 kg', '242 g', '8.4 g', '0.30 g']);
  });
  it('moves no weight from 0.25 g on by more than 2 %', () => {
    for (let g = 0.25; g < 2000; g *= 1.0037) expect(Math.abs(roundGrams(g) - g) / g).toBeLessThanOrEqual(0.02 + 1e-12);
  });
});

describe('units against js-quantities, a reference library', () => {
  it('agrees on degrees', () => {
    for (const c of [-40, 4, 21.5, 96, 180]) {
      expect(fahrenheitOfCelsius(c)).toBeCloseTo(Qty(c, 'tempC').to('tempF').scalar, 6);
      expect(celsiusOfFahrenheit(fahrenheitOfCelsius(c))).toBeCloseTo(c, 9);
      expect(fahrenheitOfDifference(c)).toBeCloseTo(Qty(c, 'degC').to('degF').scalar, 6);
    }
  });
  it('agrees on lengths and weights', () => {
    expect(cmOfInches(7.5)).toBeCloseTo(Qty('7.5 in').to('cm').scalar, 9);
    expect(inchesOfCm(19)).toBeCloseTo(Qty('19 cm').to('in').scalar, 9);
    expect(ouncesOfGrams(500)).toBeCloseTo(Qty('500 g').to('oz').scalar, 6);
  });
  it('agrees on US volumes to the precision of that library', () => {
    expect(ML_PER_US.cup).toBeCloseTo(Qty('1 cu').to('ml').scalar, 3);
    expect(ML_PER_US.tablespoon).toBeCloseTo(Qty('1 tbs').to('ml').scalar, 3);
    expect(ML_PER_US.teaspoon).toBeCloseTo(Qty('1 tsp').to('ml').scalar, 3);
  });
  it('gives the figures of NIST Handbook 44, appendix C (from memory)', () => {
    expect(ML_PER_US.cup).toBeCloseTo(236.588, 3);
    expect(ML_PER_US.tablespoon).toBeCloseTo(14.787, 3);
    expect(ML_PER_US.teaspoon).toBeCloseTo(4.929, 3);
    expect(1 / ouncesOfGrams(1)).toBeCloseTo(28.3495, 4);
  });
});

describe('the clock', () => {
  const clock = { date: '2027-03-28', doorsOpen: '00:30', timeZone: 'Europe/Dublin' };
  it('counts a change of the clocks: they go forward at 01:00 on 28 March 2027', () => {
    expect(elapsedSec(clock, '02:30')).toBe(3600);
    expect(timeOfDay(clock, 3600)).toEqual({ hour: 2, minute: 30, second: 0, dayOffset: 0 });
  });
  it('goes back to the day before', () => {
    expect(elapsedSec(clock, '2027-03-27T23:30')).toBe(-3600);
    expect(timeOfDay(clock, -3600).dayOffset).toBe(-1);
  });
  it('says times and lengths as people do', () => {
    expect(clockText({ ...clock, doorsOpen: '10:00' }, 6120)).toBe('11:42');
    expect([40, 80, 1500, 5400, 6300].map(durationText)).toEqual(['40 s', '1 min 20 s', '25 min', '1 h 30', '1 h 45']);
  });
});

describe('figures that people read', () => {
  it('see an exact half behind the binary error of a product', () => {
    // 1.1 × 45 s is 49.5 s, and 49.499… as the machine has it
    expect(roundHalfUp(1.1 * 45)).toBe(50);
    expect(roundHalfUp(0.285 * 100)).toBe(29);
    expect(secondsOfWindow({ min: 10, ideal: 20, max: 60 }, 0.5)).toEqual({ minSec: 300, idealSec: 600, maxSec: 1800 });
  });
  it('are money to the cent, half up', () => {
    expect([moneyText(1.005, 'EUR'), moneyText(0.999, 'EUR'), moneyText(2, 'GBP')]).toEqual([
      '1.01 EUR',
      '1.00 EUR',
      '2.00 GBP',
    ]);
  });
  it('are cups and spoons of each country (national standards; imperial gallon 4.54609 l)', () => {
    expect([mlOf('tablespoon', 'australian'), mlOf('tablespoon', 'metric')]).toEqual([20, 15]);
    expect(mlOf('fluidOunce', 'british')).toBeCloseTo(28.413, 3);
    expect(mlOf('pint', 'british')).toBeCloseTo(568.261, 3);
  });
  it('are thirds as cooks write them', () => {
    expect(vulgarFraction(1.34)).toEqual({ value: 1 + 1 / 3, text: '1⅓' });
    expect(vulgarFraction(0.38).text).toBe('⅓');
    expect(vulgarFraction(0.44).text).toBe('½');
  });
  it('are times to the nearest minute, and the day that is meant', () => {
    const clock = { date: '2027-03-06', doorsOpen: '10:00', timeZone: 'Europe/Dublin' };
    expect([clockText(clock, 89), clockText(clock, 90)]).toEqual(['10:01', '10:02']);
    expect(dayText(clock, -86_400)).toBe('Friday 5 March');
    expect(dayText(clock, 60)).toBe('Saturday 6 March, the day of the class');
    expect(dayText(clock, 60, 'plain')).toBe('Saturday 6 March');
  });
});

describe('one moment', () => {
  it('has one time, wherever it is shown', () => {
    const clock = { date: '2027-03-06', doorsOpen: '10:00', timeZone: 'Europe/Dublin' };
    for (const sec of [0, 29, 30, 59, 1109, 1110, 3599, -31, -30, 50_399])
      expect(localDateTime(clock, sec).slice(11)).toBe(clockText(clock, sec));
  });
});

describe('figures as they are shown', () => {
  it('have as many decimals as are asked for, and no tail of binary digits', () => {
    expect([roundedTo(0.1 + 0.2, 2), roundedTo(12.5, 2), roundedTo(-0.004, 2)]).toEqual([0.3, 12.5, -0]);
    expect([pctText(62.4), pctText(0.348, 2)]).toEqual(['62 %', '0.35 %']);
    // 25 °C is 77 °F, by definition of the scale
    expect([celsiusText(24.6), celsiusText(24.6, 1)]).toEqual(['25 °C', '24.6 °C']);
    expect([wholeMinutes(89), wholeMinutes(90), wholeMinutes(-90)]).toEqual([1, 2, -1]);
  });
});
