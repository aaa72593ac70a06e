import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { graphOf, meter, play } from './leakSound';

const sound = (over: Partial<Schemas['LeakSound']> = {}): Schemas['LeakSound'] => ({
  place: 'EXHAUST',
  decibels: 12,
  lowHz: 180,
  highHz: 900,
  bubblesPerSecond: 0,
  heard: 'CLEAR',
  heardWords: 'clear',
  placeWords: 'exhaust',
  words: 'a breath through a pipe, clear',
  ...over,
});

/** Remembers what is built and how it is joined; nothing sounds. */
function fakeContext() {
  const joined: string[] = [];
  const made: { kind: string; values: Record<string, { value: number }>; stopped?: boolean }[] = [];
  const node = (kind: string, values: Record<string, { value: number }> = {}) => {
    const self = {
      kind,
      values,
      stopped: false,
      connect: (to: { kind?: string }) => {
        joined.push(`${kind}>${to.kind ?? 'param'}`);
        return to;
      },
      start: () => undefined,
      stop: () => {
        self.stopped = true;
      },
      ...values,
    };
    made.push(self);
    return self;
  };
  const context = {
    sampleRate: 8000,
    destination: { kind: 'destination' },
    createBuffer: (_: number, length: number) => ({ getChannelData: () => new Float32Array(length) }),
    createBufferSource: () => node('source'),
    createGain: () => node('gain', { gain: { value: 1 } }),
    createBiquadFilter: () => node('filter', { frequency: { value: 0 } }),
    createOscillator: () => node('oscillator', { frequency: { value: 0 } }),
  };
  return { context: context as unknown as AudioContext, joined, made };
}

describe('how a leak sounds', () => {
  it('is louder by what its decibels say', () => {
    const quiet = graphOf(sound({ decibels: 4, heard: 'FAINT' }));
    const loud = graphOf(sound({ decibels: 24, heard: 'LOUD' }));
    expect(loud.gain / quiet.gain).toBeCloseTo(10, 6);
    expect(graphOf(sound({ decibels: 30 })).gain).toBeCloseTo(0.8, 6);
    expect(meter(sound({ decibels: 15 }))).toBeCloseTo(0.5, 6);
  });

  it('is silent where nobody hears anything', () => {
    expect(graphOf(sound({ decibels: -8, heard: 'NOTHING' })).gain).toBe(0);
    expect(meter(sound({ decibels: -8, heard: 'NOTHING' }))).toBe(0);
  });

  it('is noise between the two frequencies of its way, over the noise of the yard, and ends', () => {
    const { context, joined, made } = fakeContext();
    const stop = play(context, graphOf(sound()));
    expect(joined).toEqual([
      'source>filter',
      'filter>gain',
      'gain>destination',
      'source>filter',
      'filter>filter',
      'filter>gain',
      'gain>destination',
    ]);
    const hertz = made.filter((n) => n.kind === 'filter').map((n) => n.values.frequency!.value);
    expect(hertz).toEqual([400, 180, 900]);
    stop();
    expect(made.filter((n) => n.kind === 'source').every((n) => n.stopped)).toBe(true);
  });

  it('rises and falls where it bubbles', () => {
    const { context, made, joined } = fakeContext();
    play(context, graphOf(sound({ place: 'COOLANT', bubblesPerSecond: 6 })));
    expect(made.find((n) => n.kind === 'oscillator')!.values.frequency!.value).toBe(6);
    expect(joined).toContain('gain>param');
  });
});
