import { afterEach, describe, expect, it, vi } from 'vitest';
import { readingKeys } from './readingKeys';

const cell = { press: vi.fn(), clear: vi.fn() };
const body = {};
const input = { focus: vi.fn() };

/** A page that has one reading cell, with the keys going to what is active. */
function page(active: unknown) {
  vi.stubGlobal('document', { activeElement: active, body, querySelector: () => input });
}

const pressed = (key: string) => ({ key, ctrlKey: false, metaKey: false }) as KeyboardEvent;

afterEach(() => {
  vi.unstubAllGlobals();
  vi.clearAllMocks();
});

describe('the keys of a reading cell', () => {
  it('bring the first digit into the cell from wherever one was', () => {
    page(body);
    expect(readingKeys(cell).digits.run(pressed('7'))).not.toBe(false);
    expect(input.focus).toHaveBeenCalledOnce();
    expect(cell.press).toHaveBeenCalledExactlyOnceWith('7');
  });

  it('leave a digit to the cell itself, so that it is not typed twice', () => {
    page(input);
    expect(readingKeys(cell).digits.run(pressed('7'))).toBe(false);
    expect(cell.press).not.toHaveBeenCalled();
  });

  it.each([
    ['the cell', input, true],
    ['nothing', body, true],
    ['a button', {}, false],
  ])('save with Enter when %s has the keys: %s', (_, active, saves) => {
    page(active);
    expect(
      readingKeys(cell)
        .enter('save', () => undefined)
        .on(pressed('Enter')),
    ).toBe(saves);
  });

  it('leave Space to the text and clear it with Escape', () => {
    page(input);
    const keys = readingKeys(cell);
    expect(keys.space('between values').on(pressed(' '))).toBe(false);
    expect(keys.clear.on(pressed('Escape'))).toBe(true);
    keys.clear.run();
    expect(cell.clear).toHaveBeenCalledOnce();
  });
});
