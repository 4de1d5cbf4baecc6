import type { z } from 'zod';
import { fault, type Fault } from './catalogue.ts';

type Issue = z.core.$ZodIssue;

/** `['breads', 0, 'steps']` as `breads[0].steps`. */
function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : `${text}${text === '' ? '' : '.'}${String(key)}`),
    '',
  );
}

/** A value as it should be read in a message: short, with its type plain to see. */
function shown(value: unknown): string {
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  switch (typeof value) {
    case 'string':
      return `"${value.length > 60 ? `${value.slice(0, 60)}…` : value}"`;
    case 'object':
      return 'an object';
    case 'number':
    case 'boolean':
      return String(value);
    default:
      return typeof value;
  }
}

const TYPE_WORDS: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
};

/** "12 entries", "130 characters" or the number itself. */
function sizeWords(origin: string, size: number | bigint): string {
  const unit = origin === 'array' ? ' entries' : origin === 'string' ? ' characters' : '';
  return `${size}${unit}`;
}

function sizeOf(value: unknown): number {
  if (typeof value === 'number') return value;
  if (typeof value === 'string' || Array.isArray(value)) return value.length;
  return 0;
}

function faultsOfIssue(issue: Issue): readonly Fault[] {
  const path = pathText(issue.path);
  switch (issue.code) {
    case 'invalid_type': {
      const expected = TYPE_WORDS[issue.expected] ?? issue.expected;
      return issue.input === undefined
        ? [fault('missing', path, { expected })]
        : [fault('wrong-type', path, { expected, received: shown(issue.input) })];
    }
    case 'unrecognized_keys':
      return issue.keys.map((key) => fault('unknown-key', pathText([...issue.path, key])));
    case 'invalid_value': {
      const options = issue.values.map((v) => String(v)).join(', ');
      return issue.input === undefined
        ? [fault('missing', path, { expected: `one of ${options}` })]
        : [fault('not-one-of', path, { received: shown(issue.input), options })];
    }
    case 'too_small': {
      const limit = `${sizeWords(issue.origin, issue.minimum)}${issue.inclusive === false ? ' and a little' : ''}`;
      return [fault('too-small', path, { received: sizeWords(issue.origin, sizeOf(issue.input)), limit })];
    }
    case 'too_big':
      return [
        fault('too-big', path, {
          received: sizeWords(issue.origin, sizeOf(issue.input)),
          limit: sizeWords(issue.origin, issue.maximum),
        }),
      ];
    case 'invalid_union': {
      const options = 'options' in issue && Array.isArray(issue.options) ? issue.options.map(String).join(', ') : '';
      const key = typeof issue.discriminator === 'string' ? issue.discriminator : '';
      const held: unknown =
        typeof issue.input === 'object' && issue.input !== null ? Reflect.get(issue.input, key) : issue.input;
      const wanted = options === '' ? issue.message : options;
      return held === undefined
        ? [fault('missing', path, { expected: `one of ${wanted}` })]
        : [fault('not-one-of', path, { received: shown(held), options: wanted })];
    }
    case 'invalid_format':
    case 'custom':
    case 'not_multiple_of':
    case 'invalid_key':
    case 'invalid_element':
      return [
        fault('bad-form', path, {
          received: typeof issue.input === 'string' ? issue.input : shown(issue.input),
          expected: issue.message,
        }),
      ];
  }
}

/** All faults that Zod found, in the order of the file. Assumes the parse ran with `reportInput`, so that values can be shown. */
export function faultsOfZodError(error: z.ZodError): readonly Fault[] {
  return error.issues.flatMap((issue) => faultsOfIssue(issue));
}
