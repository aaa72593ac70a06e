package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.Problems;
import silentotter.core.oil.NotebookPage.PageLine;
import silentotter.core.wording.Say;

/** Reads one line of a notebook, as people write them: amounts, meters, dips and what is said about them. */
final class LineReader {
    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";
    static final Pattern HOURS = Pattern.compile(NUMBER + "\\s*(?:h|hr|hrs|hours?)\\b");
    static final Pattern DISTANCE = Pattern.compile(NUMBER + "\\s*(km|kilomet(?:er|re)s?|mi|miles?)\\b");
    private static final Pattern GRADE = Pattern.compile("\\b(\\d{1,2})w[- /]?(\\d{2})\\b|\\bsae\\s?(\\d{2})\\b");
    private static final Pattern FUEL =
            Pattern.compile("\\b(?:fuel|diesel|petrol)\\s*" + NUMBER + "\\s*(l|lit(?:er|re)s?)?\\b|" + NUMBER
                    + "\\s*(?:l|lit(?:er|re)s?)\\s*(?:of\\s*)?(?:fuel|diesel|petrol)\\b");
    private static final String UNIT = "(ml|cl|dl|l|lt|ltr|lit(?:er|re)s?|qts?|quarts?|pints?|pts?|gal|gallons?|kg)";
    private static final Pattern AMOUNT =
            Pattern.compile("(?:" + NUMBER + "|\\b(half)(?: an?)?|\\b(an?))\\s*" + UNIT + "\\b");
    private static final Pattern WAIT = Pattern.compile(NUMBER + "\\s*min(?:utes?)?\\b");
    private static final Pattern MILLIMETRES =
            Pattern.compile("([-+−–]?)\\s?" + NUMBER + "\\s*(mm|cm|in|inch(?:es)?|\")(?![a-z])");
    private static final Pattern SPANS = Pattern.compile(
            "([-+−–]?)\\s?(\\d+(?:[.,]\\d+)?)\\s*spans?\\b|(\\d)\\s*/\\s*(\\d)(?!\\d)|(\\d)\\s*tenths?");
    private static final Pattern BARE = Pattern.compile("(?<![\\d.,/])" + NUMBER + "(?![\\d.,/]*\\d)");
    private static final Pattern FULL = Pattern.compile("\\b(?:at |on )?(?:the )?(?:full|max)(?: mark)?\\b");
    private static final Pattern LOW = Pattern.compile("\\b(?:at |on )?(?:the )?(?:low|min)(?: mark)?\\b");
    private static final Pattern HALF = Pattern.compile("\\b(?:half ?way|half)\\b");
    private static final Pattern TWO_WAYS = Pattern.compile("[1-9]\\d{0,2},\\d{3}");

    private static final double MILE = 1.609344;
    /** A bare number from here on is a meter reading; below it is a dip. */
    private static final double LEAST_METER = 100;

    private final Optional<LocalDate> date;
    private final Optional<Meter> usual;
    private final boolean sideAskedBefore;
    private final List<String> asks = new ArrayList<>();
    private String text;
    private boolean whichSide;
    private @Nullable Double km;
    private @Nullable Double hours;
    private @Nullable Double fuel;
    private @Nullable Double wait;
    private @Nullable String grade;

    LineReader(
            String line, Optional<LocalDate> date, String withoutDate, Optional<Meter> usual, boolean sideAskedBefore) {
        this.date = date;
        this.usual = usual;
        this.sideAskedBefore = sideAskedBefore;
        this.text = line.isEmpty() ? "" : withoutDate.toLowerCase(Locale.ROOT);
    }

    /** Whether it was asked on which side of the full mark a dip lies; once on a page is enough. */
    boolean askedWhichSide() {
        return whichSide;
    }

    PageLine read(int number, String shown) {
        readAround();
        List<OilEntryDocument> entries = new ArrayList<>();
        Optional<Poured> poured = amount();
        dip().ifPresent(entries::add);
        poured.map(this::pouredLine).ifPresent(entries::add);
        if (entries.isEmpty() && has("\\b(?:topped|top.?up|added)\\b")) {
            asks.add("How much was poured in? Taken as not known: the line is broken there.");
            entries.add(pouredLine(new Poured(null, null, false)));
        }
        entries.removeIf(e -> refused(e, number));
        boolean placed = date.isPresent() || km != null || hours != null;
        if (!placed && !entries.isEmpty()) {
            asks.add("When, or at what distance or hours? This line is left out until it says so.");
            entries.clear();
        }
        return new PageLine(number, shown, taken(entries), List.copyOf(asks), List.copyOf(entries));
    }

    /** What the rules of the log refuse is asked back here, with their words. */
    private boolean refused(OilEntryDocument entry, int number) {
        Problems problems = new Problems();
        OilEntryReader.read(number, entry, null, problems, "oilLog.");
        problems.all().stream()
                .filter(p -> !p.field().equals("oilLog.date"))
                .map(p ->
                        p.message() + p.allowed().map(a -> ", allowed is " + a).orElse("") + ".")
                .forEach(asks::add);
        return problems.all().stream().anyMatch(p -> !p.field().equals("oilLog.date"));
    }

    private void readAround() {
        take(GRADE).ifPresent(m -> grade = m.group(3) != null ? "SAE " + m.group(3) : m.group(1) + "W-" + m.group(2));
        take(FUEL).ifPresent(m -> fuel = number(m.group(1) == null ? m.group(3) : m.group(1)));
        take(HOURS).ifPresent(m -> hours = meter(m.group(1)));
        take(DISTANCE).ifPresent(m -> km = meter(m.group(1)) * (m.group(2).startsWith("mi") ? MILE : 1));
        take(WAIT).ifPresent(m -> wait = number(m.group(1)));
    }

    private Optional<Matcher> take(Pattern pattern) {
        Matcher m = pattern.matcher(text);
        if (!m.find()) {
            return Optional.empty();
        }
        text = text.substring(0, m.start()) + " ; " + text.substring(m.end());
        return Optional.of(m);
    }

    private boolean has(String words) {
        return Pattern.compile(words).matcher(text).find();
    }

    private static double number(String written) {
        return Double.parseDouble(written.replace(',', '.'));
    }

    private double meter(String written) {
        if (TWO_WAYS.matcher(written).matches()) {
            double whole = number(written.replace(",", ""));
            asks.add(written + " can be read in two ways; taken as " + Say.number(whole) + ".");
            return whole;
        }
        return number(written);
    }

    // What was poured.

    private record Poured(@Nullable Double litres, @Nullable Double kg, boolean about) {}

    private Optional<Poured> amount() {
        return take(AMOUNT).map(m -> {
            double n = m.group(1) != null ? number(m.group(1)) : m.group(2) != null ? 0.5 : 1;
            String unit = m.group(4);
            boolean words = m.group(1) == null;
            if (unit.equals("kg")) {
                return new Poured(null, n, words);
            }
            if (unit.startsWith("p")) {
                asks.add("Which pint? Taken as about " + Say.litres(n * 0.52)
                        + ", between the US and the imperial one.");
                return new Poured(n * 0.52, null, true);
            }
            if (unit.startsWith("gal")) {
                asks.add("Which gallon? Taken as about " + Say.litres(n * 4.165)
                        + ", between the US and the imperial one.");
                return new Poured(n * 4.165, null, true);
            }
            double litres = switch (unit) {
                case "ml" -> n / 1000;
                case "cl" -> n / 100;
                case "dl" -> n / 10;
                default -> unit.startsWith("q") ? n * 0.946352946 : n;
            };
            return new Poured(litres, null, words);
        });
    }

    private OilEntryDocument pouredLine(Poured p) {
        boolean drained = has("\\b(?:drain(?:ed)?|let out|took out|out)\\b");
        boolean filled =
                has("\\b(?:fill(?:ed)?|oil change|changed? (?:the )?oil|new oil|refill(?:ed)?)\\b") && !has("\\btop");
        OilEntryKind kind = drained ? OilEntryKind.DRAIN : filled ? OilEntryKind.FILL : OilEntryKind.TOP_UP;
        Boolean filter = kind != OilEntryKind.FILL
                ? null
                : has("\\b(?:no|without) (?:the )?filter") ? Boolean.FALSE : has("\\bfilter") ? Boolean.TRUE : null;
        return entry(kind, null, null, p.litres(), p.kg(), certainty(p.about()), filter);
    }

    private Certainty certainty(boolean about) {
        if (has("\\b(?:remember|i think|maybe|probably|must have)\\b") || text.contains("?")) {
            return Certainty.REMEMBERED;
        }
        return about || has("\\b(?:about|approx|roughly|some|ca|nearly|almost)\\b|~")
                ? Certainty.ABOUT
                : Certainty.MEASURED;
    }

    // The dip.

    private Optional<OilEntryDocument> dip() {
        boolean below = has("\\b(?:below|under|down|short)\\b");
        boolean above = has("\\b(?:above|over)\\b");
        Optional<Matcher> mm = take(MILLIMETRES);
        if (mm.isPresent()) {
            String unit = mm.get().group(3);
            double size = number(mm.get().group(2)) * (unit.equals("mm") ? 1 : unit.equals("cm") ? 10 : 25.4);
            return Optional.of(dipLine(side(mm.get().group(1), size, below, above), null));
        }
        Optional<Matcher> spans = take(SPANS);
        if (spans.isPresent()) {
            return Optional.of(spans(spans.get(), below, above));
        }
        if (has("\\b(?:dip|dipped|stick|level|oil)\\b") || !has("\\b(?:top|added|fill|drain|change)")) {
            if (has("\\bhalf(?: ?way)?\\b")) {
                take(HALF);
                return Optional.of(dipLine(null, -0.5));
            }
            if (take(FULL).isPresent()) {
                return Optional.of(dipLine(0.0, null));
            }
            if (take(LOW).isPresent()) {
                return Optional.of(dipLine(null, -1.0));
            }
        }
        return bare(below, above);
    }

    private OilEntryDocument spans(Matcher m, boolean below, boolean above) {
        if (m.group(2) != null) {
            return dipLine(null, side(m.group(1), number(m.group(2)), below, above));
        }
        // "3/4" and "7 tenths" are how full it is.
        double full =
                m.group(5) != null ? number(m.group(5)) / 10 : number(m.group(3)) / Math.max(1, number(m.group(4)));
        asks.add("Taken as " + Math.round(100 * full) + " % between the low and the full mark.");
        return dipLine(null, full - 1);
    }

    /** Numbers without a unit: a large one is the meter of this page, a small one a dip in millimetres. */
    private Optional<OilEntryDocument> bare(boolean below, boolean above) {
        Optional<OilEntryDocument> dip = Optional.empty();
        String before = text;
        Matcher m = BARE.matcher(before);
        Double level = null;
        String sign = "";
        while (m.find()) {
            double n = number(m.group(1));
            if (n >= LEAST_METER && km == null && hours == null) {
                double read = meter(m.group(1));
                if (usual.isEmpty()) {
                    asks.add(m.group(1) + ": hours or distance? Taken as hours.");
                }
                if (usual.orElse(Meter.HOURS) == Meter.HOURS) {
                    hours = read;
                } else {
                    km = read;
                }
            } else if (level == null && n < LEAST_METER) {
                level = n;
                sign = m.start() > 0 ? before.substring(m.start() - 1, m.start()) : "";
            }
        }
        if (level != null && has("\\b(?:dip|dipped|stick|level|below|above|under)\\b|[-−–]\\d")) {
            asks.add(Say.number(level) + " without a unit: taken as millimetres.");
            dip = Optional.of(dipLine(side(sign, level, below, above), null));
        }
        return dip;
    }

    /** Below the full mark unless it says otherwise; a bare number is asked about, once on a page. */
    private double side(String sign, double size, boolean below, boolean above) {
        boolean minus = sign.matches("[-−–]");
        if (size != 0 && !minus && !sign.equals("+") && !below && !above && !sideAskedBefore && !whichSide) {
            whichSide = true;
            asks.add("Below the full mark? So it is taken, here and further down.");
        }
        return (above || sign.equals("+")) && !minus ? size : size == 0 ? 0 : -size;
    }

    private OilEntryDocument dipLine(@Nullable Double mm, @Nullable Double spans) {
        return entry(OilEntryKind.DIP, mm, spans, null, null, null, null);
    }

    private OilEntryDocument entry(
            OilEntryKind kind,
            @Nullable Double mm,
            @Nullable Double spans,
            @Nullable Double litres,
            @Nullable Double kg,
            @Nullable Certainty certainty,
            @Nullable Boolean filter) {
        boolean isDip = kind == OilEntryKind.DIP;
        boolean sloping = has("\\b(?:slop(?:e|ing)|trim|list|tilt(?:ed)?|leaning|not level)\\b");
        return new OilEntryDocument(
                kind,
                date.map(LocalDate::toString).orElse(null),
                km,
                hours,
                mm,
                spans,
                null,
                litres,
                kg,
                null,
                isDip ? wait : null,
                isDip
                        ? (sloping ? Ground.SLOPING : has("\\blevel ground|\\blevel\\b(?! )") ? Ground.LEVEL : null)
                        : null,
                isDip ? (has("\\bhot\\b") ? OilHeat.HOT : has("\\bcold\\b") ? OilHeat.COLD : null) : null,
                isDip && certainty == null && has("\\b(?:about|roughly)\\b|~") ? Certainty.ABOUT : certainty,
                filter,
                null,
                isDip ? null : grade,
                isDip || fuel == null ? fuel : null,
                has("\\b(?:new|changed|other) meter\\b") ? Boolean.TRUE : null,
                null,
                null);
    }

    // In words.

    private static String taken(List<OilEntryDocument> entries) {
        List<String> words = new ArrayList<>();
        for (OilEntryDocument e : entries) {
            words.add(e.kind().words() + what(e));
        }
        return entries.isEmpty() ? "" : String.join(", then ", words) + place(entries.get(0));
    }

    private static String what(OilEntryDocument e) {
        if (e.mmFromFull() != null) {
            double mm = e.mmFromFull();
            return mm == 0
                    ? " at the full mark"
                    : " " + Say.number(Math.abs(mm)) + " mm " + (mm < 0 ? "below" : "above") + " full";
        }
        if (e.spansFromFull() != null) {
            return " " + Say.percent(1 + e.spansFromFull()) + " between the marks";
        }
        String certainty = e.certainty() == null || e.certainty() == Certainty.MEASURED
                ? ""
                : ", " + e.certainty().words();
        String amount = e.litres() != null
                ? " of " + Say.litres(e.litres())
                : e.kg() != null ? " of " + Say.number(e.kg()) + " kg" : " of an unknown amount";
        return amount + certainty + (e.grade() == null ? "" : ", " + e.grade());
    }

    private static String place(OilEntryDocument e) {
        List<String> parts = new ArrayList<>();
        if (e.date() != null) {
            parts.add(e.date());
        }
        if (e.hours() != null) {
            parts.add(Say.number(e.hours()) + " h");
        }
        if (e.distanceKm() != null) {
            parts.add(Say.kilometres(e.distanceKm()));
        }
        return parts.isEmpty() ? "" : "; " + String.join(", ", parts);
    }
}
