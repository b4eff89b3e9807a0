import { readdirSync, readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { parse } from 'yaml';

/** The shipped ladders against their schema, by a validator and a YAML reader other than the application's own. */
const schema: unknown = JSON.parse(readFileSync('library/ladder.schema.json', 'utf8'));
const validate = new Ajv2020({ allErrors: true, strict: true, allowUnionTypes: true }).compile(schema as object);
const files = readdirSync('library/ladders').filter((name) => name.endsWith('.yaml'));
const read = (name: string): Record<string, unknown> =>
  parse(readFileSync(`library/ladders/${name}`, 'utf8')) as Record<string, unknown>;

describe('the schema of ladder files', () => {
  it.each(files)('accepts %s', (name) => {
    validate(read(name));
    expect(validate.errors ?? []).toEqual([]);
  });

  it.each([
    ['a field nobody knows', { colour: 'red' }],
    ['a rung without a figure', { rungs: [{ slug: 'a', name: 'A rung' }] }],
    ['HTML', { name: '<b>Press-out</b>' }],
    ['a demand nobody has', { demand: 'anti-gravity' }],
    ['more rungs than a board can hold', { rungs: Array.from({ length: 61 }, () => ({ stands_on: 'a/b' })) }],
  ])('refuses %s', (_, change) => {
    expect(validate({ ...read(files[0]!), ...change })).toBe(false);
  });
});
