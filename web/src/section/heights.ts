/** Where the parts of a cylinder stand, from the top of the drawing down; all in units of the layout. */
export interface Heights {
  total: number;
  plug: number;
  head: number;
  face: number;
  gasket: number;
  bottom: number;
  /** Where call-outs begin, and how much room they have. */
  callout: number;
  room: number;
  /** How much smaller the drawing is than at its full height. */
  k: number;
}

/** The drawing at its full height, and the least at which it is still one. */
export const FULL = 288;
export const LEAST = 140;

const DRAWN = 202;

/** The drawing gives way before its words do. */
export function heights(total: number): Heights {
  const room = total >= 250 ? 84 : total >= 190 ? 62 : 50;
  return drawnIn(total - room, room);
}

/** Without call-outs under it, for a drawing that is turned. */
export function drawnIn(drawn: number, room = 0): Heights {
  const k = drawn / DRAWN;
  return {
    total: drawn + room,
    plug: 4 * k,
    head: 24 * k,
    face: 64 * k,
    gasket: 68 * k,
    bottom: 186 * k,
    callout: drawn,
    room,
    k,
  };
}

/** The crown of a piston, 0 at top and 1 at bottom. */
export function crownY(h: Heights, depth: number): number {
  return (90 + 50 * depth) * h.k;
}
