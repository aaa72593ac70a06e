import table from '../../../core/src/main/resources/silentotter/core/wording/labels.properties?raw';

const types = new Map<string, Map<string, string>>();
for (const line of table.split('\n')) {
  const [, type, constant, words] = /^(\w+)\.(\w+) = (.*)$/.exec(line) ?? [];
  if (type) {
    types.set(type, (types.get(type) ?? new Map<string, string>()).set(constant!, words!));
  }
}

function wordsOf(type: string): Map<string, string> {
  const words = types.get(type);
  if (!words) {
    throw new Error(`The table of labels has no ${type}`);
  }
  return words;
}

/** The choices of a type with their words, from the one table that the core, paper and the API use as well. */
export function labels<T extends string>(type: string): readonly (readonly [T, string])[] {
  return [...wordsOf(type)] as [T, string][];
}

/** The words of one choice. */
export function label(type: string, choice: string): string {
  return wordsOf(type).get(choice) ?? '';
}

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
