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
  'not-json': 'The request is not JSON',
  'too-large': 'The request is too large',
  'bad-request': 'The request makes no sense',
  refused: 'The document was refused',
  newer: 'A newer version was saved meanwhile',
  'database-down': 'The database does not answer',
  'feed-down': 'The booking feed does not answer',
  'disk-full': 'The disk is full',
  forbidden: 'This is not allowed',
  internal: 'Something went wrong on the server',
} as const;
export type ProblemType = keyof typeof PROBLEM_TITLES;

/** A document that the core refused, with every fault by path. */
export function refusal(faults: readonly Fault[]): Problem {
  const list = faults.map((f) => ({ code: f.code, path: f.path, message: faultWords(f) }));
  return new Problem(422, 'refused', `${list.length} fault${list.length === 1 ? '' : 's'}; nothing was changed`, {
    faults: list,
  });
}

/** Sends a problem as `application/problem+json`. */
export function sendProblem(res: Response, problem: Problem): void {
  res
    .status(problem.status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `/problems/${problem.type}`,
        title: PROBLEM_TITLES[problem.type],
        status: problem.status,
        detail: problem.detail,
        ...problem.extra,
      }),
    );
}
