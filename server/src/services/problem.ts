import { faultWords, type Fault } from '@hodsman/core';
import type { Response } from 'express';

/** An error for the client, as RFC 9457 has it; `extra` are members of our own. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly type: ProblemType,
    readonly detail: string,
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail);
  }
}

/** The problem types, each with its title. They are relative references: this application has no address of its own. */
const PROBLEM_TITLES = {
  'not-found': 'There is no such thing here',
  gone: 'The document was removed',
  'not-json': 'The request is not JSON',
  'too-large': 'The request is too large',
  'too-deep': 'The request is nested too deep',
  'bad-request': 'The request makes no sense',
  refused: 'The document was refused',
  newer: 'A newer version was saved meanwhile',
  'database-down': 'The database does not answer',
  'shutting-down': 'The server is about to end',
  'not-printed': 'The sheets could not be printed',
  'feed-down': 'The booking feed does not answer',
  'disk-full': 'The disk is full',
  forbidden: 'This is not allowed',
  'wrong-name': 'This server has another name',
  internal: 'Something went wrong on the server',
} as const;
export type ProblemType = keyof typeof PROBLEM_TITLES;

/** Where trouble passes, the client hears when to try again. */
const RETRY_AFTER_SEC: Partial<Record<ProblemType, number>> = {
  'database-down': 2,
  'shutting-down': 2,
  'disk-full': 5,
};

const MOST_FAULTS = 50;
const MOST_LETTERS = 300;
const cut = (text: string): string => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text);

/** Faults as they are sent: the first of them, and how many there are; what they echo is cut. */
export function sentFaults(faults: readonly Fault[]) {
  const list = faults
    .slice(0, MOST_FAULTS)
    .map((f) => ({ code: f.code, path: cut(f.path), message: cut(faultWords(f)) }));
  return { count: faults.length, faults: list };
}

/** A document that the core refused, with its faults by path. */
export function refusal(faults: readonly Fault[]): Problem {
  const sent = sentFaults(faults);
  return new Problem(422, 'refused', `${sent.count} fault${sent.count === 1 ? '' : 's'}; nothing was changed`, sent);
}

/** Sends a problem as `application/problem+json`. */
export function sendProblem(res: Response, problem: Problem): void {
  const retrySec = RETRY_AFTER_SEC[problem.type];
  if (retrySec !== undefined) res.set('Retry-After', String(retrySec));
  res
    .status(problem.status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `/problems/${problem.type}`,
        title: PROBLEM_TITLES[problem.type],
        status: problem.status,
        detail: cut(problem.detail),
        ...problem.extra,
      }),
    );
}
