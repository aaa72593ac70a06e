import type { Schemas } from '../api/client';

type LeakSound = Schemas['LeakSound'];

/** As loud as it gets, of what the machine can play. */
const LOUDEST_GAIN = 0.8;
const LOUDEST_DB = 30;
/** A quiet yard, behind everything. */
const YARD_GAIN = 0.012;
const NOISE_SECONDS = 2;

/** What a leak at a place is played with. */
export interface SoundGraph {
  lowHz: number;
  highHz: number;
  gain: number;
  bubblesPerSecond: number;
}

/** How loud a sound is on the meter, 0 to 1; what nobody hears is nothing. */
export function meter(sound: LeakSound): number {
  return Math.max(0, Math.min(1, sound.decibels / LOUDEST_DB));
}

export function graphOf(sound: LeakSound): SoundGraph {
  const audible = sound.heard !== 'NOTHING' && sound.heard !== 'CANNOT_BE_REACHED';
  return {
    lowHz: sound.lowHz,
    highHz: sound.highHz,
    gain: audible ? LOUDEST_GAIN * 10 ** ((sound.decibels - LOUDEST_DB) / 20) : 0,
    bubblesPerSecond: sound.bubblesPerSecond,
  };
}

/** White noise, the same each time. */
function noise(context: BaseAudioContext): AudioBuffer {
  const buffer = context.createBuffer(1, context.sampleRate * NOISE_SECONDS, context.sampleRate);
  const samples = buffer.getChannelData(0);
  let seed = 1;
  for (let i = 0; i < samples.length; i++) {
    seed = (seed * 16807) % 2147483647;
    samples[i] = (seed / 1073741824 - 1) * 0.9;
  }
  return buffer;
}

function source(context: BaseAudioContext): AudioBufferSourceNode {
  const from = context.createBufferSource();
  from.buffer = noise(context);
  from.loop = true;
  return from;
}

function filter(context: BaseAudioContext, type: BiquadFilterType, hertz: number): BiquadFilterNode {
  const node = context.createBiquadFilter();
  node.type = type;
  node.frequency.value = hertz;
  return node;
}

/**
 * Noise, band-limited by the way that the air takes, as loud as its flow; bubbles rise and fall in it. The yard is always
 * there.
 *
 * @returns what ends it
 */
export function play(context: AudioContext, graph: SoundGraph): () => void {
  const yard = source(context);
  const quiet = context.createGain();
  quiet.gain.value = YARD_GAIN;
  yard
    .connect(filter(context, 'lowpass', 400))
    .connect(quiet)
    .connect(context.destination);
  const leak = source(context);
  const loud = context.createGain();
  loud.gain.value = graph.gain;
  leak
    .connect(filter(context, 'highpass', graph.lowHz))
    .connect(filter(context, 'lowpass', graph.highHz))
    .connect(loud)
    .connect(context.destination);
  const sounding: { stop: () => void }[] = [yard, leak];
  if (graph.bubblesPerSecond > 0) {
    const beat = context.createOscillator();
    const depth = context.createGain();
    beat.frequency.value = graph.bubblesPerSecond;
    depth.gain.value = graph.gain;
    beat.connect(depth).connect(loud.gain);
    beat.start();
    sounding.push(beat);
  }
  yard.start();
  leak.start();
  return () => sounding.forEach((s) => s.stop());
}
