import { afterEach, describe, expect, it } from 'vitest';
import type { Break, Warning } from '../plan/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { METRIC, US_CUSTOMARY, writeIn } from '../units/index.ts';
import { breakWords, brokenWords, warningWords } from './index.ts';

const workshop = buildWorkshop({ people: 4 });
const fire: Break = {
  rule: 'R6',
  code: 'not-at-the-fire',
  tasks: [],
  params: { site: 'flame', fromSec: 0, toSec: 5400 },
} as unknown as Break;
const idle: Warning = { code: 'idle', person: 'p1', fromSec: 0, toSec: 5400, sideJob: null };

describe('sentences that go into a plan file', () => {
  afterEach(() => writeIn(METRIC));

  it('are the same on every device, and read there in its own measures', () => {
    const metric = [breakWords(workshop, fire), warningWords(workshop, idle)];
    for (const words of metric) expect(words).toMatch(/10:00/);
    writeIn(US_CUSTOMARY);
    expect([breakWords(workshop, fire), warningWords(workshop, idle)]).toEqual(metric);
    const broken = [{ rule: 'R6' as const, code: 'not-at-the-fire', tasks: [], message: metric[0] ?? '' }];
    expect(brokenWords({ broken })[0]?.words).toMatch(/from 10:00 am to 11:30 am/);
  });
});
