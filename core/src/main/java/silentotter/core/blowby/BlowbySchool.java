package silentotter.core.blowby;

import silentotter.core.wording.Labelled;

/**
 * The schools of "how much may it blow by". They do not measure the same: a maker's limit belongs to the maker's orifice, a
 * house ceiling to an orifice that suits the engine, a share of the air to rated load. Trade practice.
 */
public enum BlowbySchool implements Labelled {
    MAKER,
    HOUSE_CEILING,
    AIR_SHARE
}
