package silentotter.core.compression;

/** Something that is not known and what that costs the result. */
public record Lack(String what, String cost) {}
