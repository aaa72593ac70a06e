import { describe, expect, it } from 'vitest';
import { digit, key, withControl } from './useKeys';

const pressed = (name: string, held: Partial<KeyboardEvent> = {}) =>
  ({ key: name, ctrlKey: false, metaKey: false, shiftKey: false, ...held }) as KeyboardEvent;

describe('a line of the key table', () => {
  it('is for its key, whatever its case, and leaves those of the browser alone', () => {
    expect(key('u')(pressed('u'))).toBe(true);
    expect(key('u')(pressed('U', { shiftKey: true }))).toBe(true);
    expect(key('r')(pressed('r', { ctrlKey: true }))).toBe(false);
    expect(key('r')(pressed('t'))).toBe(false);
  });

  it('tells undo from redo', () => {
    const undo = withControl('z', false);
    const redo = withControl('z', true);
    const z = pressed('z', { ctrlKey: true });
    const shifted = pressed('Z', { metaKey: true, shiftKey: true });
    expect([undo(z), redo(z)]).toEqual([true, false]);
    expect([undo(shifted), redo(shifted)]).toEqual([false, true]);
    expect(undo(pressed('z'))).toBe(false);
  });

  it.each([
    ['0', true],
    ['9', true],
    ['.', true],
    [',', true],
    ['a', false],
    ['Enter', false],
    ['F1', false],
  ])('%j belongs to a number: %j', (name, belongs) => expect(digit(pressed(name))).toBe(belongs));
});
