import type { Plug } from '../api/client';

/** What a first look sets; the details below can change each of it. */
export interface FirstLook {
  key: string;
  words: string;
  plug: Plug;
}

/** Looks that cover most plugs with one tap, in the order of their keys. */
export const firstLooks: FirstLook[] = [
  { key: '1', words: 'tan, dry', plug: { shade: 'TAN', wetness: 'DRY', deposit: 'NONE' } },
  { key: '2', words: 'pale', plug: { shade: 'WHITE', wetness: 'DRY', deposit: 'NONE' } },
  { key: '3', words: 'black soot', plug: { shade: 'BLACK', wetness: 'DRY', deposit: 'SOFT_SOOT' } },
  { key: '4', words: 'fuel wet', plug: { wetness: 'WET_EVAPORATES', deposit: 'NONE' } },
  { key: '5', words: 'oil wet', plug: { shade: 'BLACK', wetness: 'WET_STAYS_OILY', deposit: 'OILY_CARBON' } },
  { key: '6', words: 'ash crust', plug: { shade: 'GREY', wetness: 'DRY', deposit: 'ASH' } },
  { key: '7', words: 'steam-cleaned', plug: { wetness: 'DRY', deposit: 'NONE', surface: 'STEAM_CLEANED' } },
  { key: '8', words: 'metal specks', plug: { shade: 'GREY', wetness: 'DRY', deposit: 'METAL_SPECKS' } },
];

/** A first look as a change: it also takes back what another look had set. */
export function asChange(look: FirstLook): Plug {
  return { shade: undefined, wetness: undefined, deposit: undefined, surface: undefined, ...look.plug };
}

/** Everything that one plug is copied with when the next one is the same; gap and damage are its own. */
export function sameAs(plug: Plug): Plug {
  return {
    ...asChange({ key: '', words: '', plug: {} }),
    ...plug,
    gapMm: undefined,
    damage: undefined,
    contaminatedBy: undefined,
  };
}
