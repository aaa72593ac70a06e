import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { stations as listed } from '../shell/stations';

const SRC = resolve(import.meta.dirname, '..');

function files(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? files(path) : /\.tsx?$/.test(name) ? [path] : [];
  });
}

/** The folder a file belongs to; those beside main.tsx are the whole. */
const folderOf = (file: string) => relative(SRC, file).split('/')[0]!;

function imports(): Map<string, Set<string>> {
  const all = new Map<string, Set<string>>();
  for (const file of files(SRC).filter((f) => !f.includes('.test.') && dirname(f) !== SRC)) {
    const from = folderOf(file);
    const to = all.get(from) ?? new Set<string>();
    for (const [, target] of readFileSync(file, 'utf8').matchAll(/from '(\.[^']+)'/g)) {
      to.add(folderOf(resolve(dirname(file), target!)));
    }
    to.delete(from);
    // The table of words is the core's.
    to.delete('..');
    all.set(from, to);
  }
  return all;
}

/** From the ground up; a folder may use what stands before it. A station's folder is none of these and uses no other. */
const LAYERS = [
  ['api', 'units', 'theme', 'keys', 'words'],
  ['ui'],
  ['engine', 'job', 'section'],
  ['instruments'],
  ['shop'],
  ['practice'],
  ['station', 'verdict'],
  ['examination', 'round'],
];
const ABOVE = ['shell', 'jobs', 'calculator', 'record', 'history', 'waveform'];

describe('the folders of the screens', () => {
  const graph = imports();
  const layerOf = (folder: string) => LAYERS.findIndex((l) => l.includes(folder));
  const stations = [...graph.keys()].filter((f) => layerOf(f) < 0 && !ABOVE.includes(f) && f !== 'structure');

  it('use no folder in a circle', () => {
    const circles: string[] = [];
    const walk = (folder: string, path: string[]) => {
      if (path.includes(folder)) {
        circles.push([...path.slice(path.indexOf(folder)), folder].join(' → '));
        return;
      }
      graph.get(folder)?.forEach((next) => walk(next, [...path, folder]));
    };
    stations.concat(ABOVE, LAYERS.flat()).forEach((f) => walk(f, []));
    expect(circles).toEqual([]);
  });

  it('stand in layers', () => {
    const upwards = [...graph].flatMap(([from, to]) =>
      [...to]
        .filter((t) => layerOf(from) >= 0 && (layerOf(t) < 0 || layerOf(t) > layerOf(from)))
        .map((t) => `${from} → ${t}`),
    );
    expect(upwards).toEqual([]);
  });

  it('keep each station to itself', () => {
    const sideways = stations.flatMap((from) =>
      [...graph.get(from)!]
        .filter((t) => stations.includes(t) || ABOVE.includes(t))
        .map((t) => `${from} → ${t}`),
    );
    expect(sideways).toEqual([]);
    expect(stations).toContain('compression');
  });
});

describe('the one list of stations', () => {
  it('has each station of the core once, at a path of its own', () => {
    const description = JSON.parse(readFileSync(resolve(SRC, '../public/openapi.json'), 'utf8')) as {
      components: { schemas: Record<string, { properties: Record<string, { items: { enum: string[] } }> }> };
    };
    const named = description.components.schemas.SheetHead!.properties.stations!.items.enum;
    expect(listed.map((s) => s.station)).toEqual(named);
    expect(new Set(listed.map((s) => s.path)).size).toBe(listed.length);
  });
});
