import { describe, expect, it } from 'vitest';
import { capital, label, labels } from './labels';

const SOURCES = import.meta.glob(['../**/*.ts', '../**/*.tsx', '!../**/*.test.*'], {
  query: '?raw',
  import: 'default',
  eager: true,
}) as Record<string, string>;

describe('labels', () => {
  it('come in the order of the table, each with its words', () => {
    expect(labels('Heard').map(([choice]) => choice)).toEqual([
      'CANNOT_BE_REACHED',
      'NOTHING',
      'FAINT',
      'CLEAR',
      'LOUD',
    ]);
    expect(label('Exhaust', 'WET')).toBe('wet (water injected)');
    expect(capital(label('Place', 'CRANKCASE'))).toBe('Crankcase');
    expect(() => labels('Nonsense')).toThrow('Nonsense');
  });

  it('are there for every type that a screen names', () => {
    const named = Object.values(SOURCES).flatMap((source) => [
      ...[...source.matchAll(/\blabels?(?:<[^(]*>)?\('(\w+)'/g)].map((m) => m[1]!),
      ...[...source.matchAll(/\.choice\(\s*'\w+',\s*(?:'[^']*'|"[^"]*"),\s*'(\w+)'/g)].map((m) => m[1]!),
    ]);
    expect(named.length).toBeGreaterThan(40);
    named.forEach((type) => expect(labels(type).length, type).toBeGreaterThan(1));
  });

  it('stand nowhere else: no screen has words of its own for a choice', () => {
    const own = Object.entries(SOURCES).filter(([, source]) => /\['[A-Z][A-Z_0-9]+', '[a-z]/.test(source));
    expect(own.map(([file]) => file)).toEqual([]);
  });
});
