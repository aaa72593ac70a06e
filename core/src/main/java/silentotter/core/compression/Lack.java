package silentotter.core.compression;

import silentotter.core.wording.Worded;

/** Something that is not known and what that costs the result. */
public record Lack(String what, String cost) implements Worded {}
