/**
 * What can be wrong with something that came in, as data: a code, the path of the key, and the figures.
 * Begin with `catalogue.ts`, which lists every code with its words; `docs/faults.md` is written from it.
 * Every part of the core answers with these; server, web and command line put them into words with `faultLine`.
 */
export { FAULTS, fault, faultLine, faultWords } from './catalogue.ts';
export { REMEDIES } from './remedies.ts';
export type { Fault, FaultCode, FaultParams } from './catalogue.ts';
export { failure, success } from './result.ts';
export type { Result } from './result.ts';
export { assert, given } from './assert.ts';
export { faultsOfZodError } from './from-zod.ts';
