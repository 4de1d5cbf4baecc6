import type { PlainJob } from '../planner/network/index.ts';

/** A job-shop instance of the literature with its published optimal makespan. */
export interface JobShop {
  readonly name: string;
  readonly optimumSec: number;
  readonly machines: number;
  readonly jobs: readonly PlainJob[];
}

/** Jobs by line: machine and time in turn, machines counted from 0. */
function shop(name: string, optimumSec: number, text: string): JobShop {
  const jobs = text
    .trim()
    .split('\n')
    .map((line) => {
      const figures = line.trim().split(/\s+/).map(Number);
      return Array.from({ length: figures.length / 2 }, (_, i) => ({
        machine: figures[2 * i] ?? 0,
        sec: figures[2 * i + 1] ?? 0,
      }));
    });
  return { name, optimumSec, machines: Math.max(...jobs.flat().map((o) => o.machine)) + 1, jobs };
}

/**
 * Fisher and Thompson 1963 (ft06, ft10) and Lawrence 1984 (la01 to la05), with the optima that the literature reports. Written down
 * from memory; a wrong figure would show as a schedule shorter than the optimum.
 */
export const JOB_SHOPS: readonly JobShop[] = [
  shop(
    'ft06',
    55,
    `2 1 0 3 1 6 3 7 5 3 4 6
     1 8 2 5 4 10 5 10 0 10 3 4
     2 5 3 4 5 8 0 9 1 1 4 7
     1 5 0 5 2 5 3 3 4 8 5 9
     2 9 1 3 4 5 5 4 0 3 3 1
     1 3 3 3 5 9 0 10 4 4 2 1`,
  ),
  shop(
    'ft10',
    930,
    `0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
     0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
     1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
     1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
     2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
     2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
     1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
     2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
     0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
     1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45`,
  ),
  shop(
    'la01',
    666,
    `1 21 0 53 4 95 3 55 2 34
     0 21 3 52 4 16 2 26 1 71
     3 39 4 98 1 42 2 31 0 12
     1 77 0 55 4 79 2 66 3 77
     0 83 3 34 2 64 1 19 4 37
     1 54 2 43 4 79 0 92 3 62
     3 69 4 77 1 87 2 87 0 93
     2 38 0 60 1 41 3 24 4 83
     3 17 1 49 4 25 0 44 2 98
     4 77 3 79 2 43 1 75 0 96`,
  ),
  shop(
    'la02',
    655,
    `0 20 3 87 1 31 4 76 2 17
     4 25 2 32 0 24 1 18 3 81
     1 72 2 23 4 28 0 58 3 99
     2 86 1 76 4 97 0 45 3 90
     4 27 0 42 3 48 2 17 1 46
     1 67 0 98 4 48 3 27 2 62
     4 28 1 12 3 19 0 80 2 50
     1 63 0 94 2 98 3 50 4 80
     4 14 0 75 2 50 1 41 3 55
     4 72 2 18 1 37 3 79 0 61`,
  ),
  shop(
    'la03',
    597,
    `1 23 2 45 0 82 4 84 3 38
     2 21 1 29 0 18 4 41 3 50
     2 38 3 54 4 16 0 52 1 52
     4 37 0 54 2 74 1 62 3 57
     4 57 0 81 1 61 3 68 2 30
     4 81 0 79 1 89 2 89 3 11
     3 33 2 20 0 91 4 20 1 66
     4 24 1 84 0 32 2 55 3 8
     4 56 0 7 3 54 2 64 1 39
     4 40 1 83 0 19 2 8 3 7`,
  ),
  shop(
    'la04',
    590,
    `0 12 2 94 3 92 4 91 1 7
     1 19 3 11 4 66 2 21 0 87
     1 14 0 75 3 13 4 16 2 20
     2 95 4 66 0 7 3 7 1 77
     1 45 3 6 4 89 0 15 2 34
     3 77 2 20 0 76 4 88 1 53
     2 74 1 88 0 52 3 27 4 9
     1 88 3 69 0 62 4 98 2 52
     2 61 4 9 0 62 1 52 3 90
     2 54 4 5 3 59 1 15 0 88`,
  ),
  shop(
    'la05',
    593,
    `1 72 0 87 4 95 2 66 3 60
     4 5 3 35 0 48 2 39 1 54
     1 46 3 20 2 21 0 97 4 55
     0 59 3 19 4 46 1 34 2 37
     4 23 2 73 3 25 1 24 0 28
     3 28 0 45 4 5 1 78 2 83
     0 53 3 71 1 37 4 29 2 12
     4 12 2 87 3 33 1 55 0 38
     2 49 3 83 1 40 0 48 4 7
     2 65 3 17 0 90 4 27 1 23`,
  ),
];
