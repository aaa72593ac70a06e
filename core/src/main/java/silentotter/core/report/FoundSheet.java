package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.examination.Examination;
import silentotter.core.found.CylinderFound;
import silentotter.core.found.EngineFound;
import silentotter.core.found.Found;
import silentotter.core.found.ValveFound;
import silentotter.core.job.JobRecord;
import silentotter.core.outcome.Review;
import silentotter.core.report.Leaflet.Part;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;
import silentotter.core.wording.Wording;

/** What an engine showed when it was opened, beside what had been said of it. */
public final class FoundSheet {
    private final Found found;
    private final Wording wording;

    private FoundSheet(Found found, Wording wording) {
        this.found = found;
        this.wording = wording;
    }

    /** @param review empty where no prediction was kept */
    public static Leaflet write(JobRecord record, Optional<Review> review, Letterhead letterhead, Wording wording) {
        Found found = record.last(Examination.class, Examination.EMPTY).found();
        return new FoundSheet(found, wording).leaflet(record, review, letterhead);
    }

    private Leaflet leaflet(JobRecord record, Optional<Review> review, Letterhead letterhead) {
        String opened = Stream.of(Found.Opened.values())
                .filter(o -> found.opened().getOrDefault(o, false))
                .map(Labelled::words)
                .collect(Collectors.joining(", "));
        List<List<String>> cylinders = new ArrayList<>();
        record.engine()
                .arrangement()
                .cylinders()
                .forEach(c -> cylinders.add(List.of(
                        "Cylinder " + record.engine().label(c),
                        Optional.ofNullable(found.cylinders().get(c.value()))
                                .map(this::cylinder)
                                .filter(t -> !t.isEmpty())
                                .orElse("not looked at"))));
        return new Leaflet(
                Headings.of(record, letterhead, "what was found", wording),
                "What was found" + (opened.isEmpty() ? "" : ": " + opened),
                review.map(r -> List.of(r.inWords())).orElse(List.of()),
                Stream.of(
                                Part.table(
                                        "Cylinder by cylinder",
                                        "what is not named was not looked at",
                                        false,
                                        cylinders),
                                Part.table("The engine", "", false, engine()),
                                Part.lines("What was done", work(letterhead)),
                                said(review),
                                Part.lines(
                                        "What this sheet does not say",
                                        List.of("What was not looked at is not called good.")))
                        .filter(p -> !p.isEmpty())
                        .toList());
    }

    private static Part said(Optional<Review> review) {
        return Part.table(
                "What had been said before it was opened",
                "kept as it was then",
                false,
                review.map(r -> r.suspects().stream()
                                .map(j -> List.of(
                                        j.suspect().text(),
                                        Say.chance(j.suspect().probability()),
                                        j.truth().words() + (j.because().isEmpty() ? "" : ": " + j.because())))
                                .toList())
                        .orElse(List.of()));
    }

    private String cylinder(CylinderFound c) {
        List<String> all = new ArrayList<>();
        say(all, "crown", c.crown());
        say(all, "bore", c.bore());
        size(all, "worn", c.wearMm(), found.limits().wearMm());
        size(all, "taper", c.taperMm(), found.limits().taperMm());
        size(all, "out of round", c.ovalityMm(), found.limits().ovalityMm());
        say(all, "skirt", c.skirt());
        say(all, "rings", c.rings());
        if (!c.gapsMm().isEmpty()) {
            all.add("end gaps " + c.gapsMm().stream().map(FoundSheet::mm).collect(Collectors.joining(", ")));
        }
        say(all, "lands", c.lands());
        say(all, "oil ring", c.oilRing());
        say(all, "drains", c.drains());
        c.intake().ifPresent(v -> valve(all, "intake valve", v));
        c.exhaust().ifPresent(v -> valve(all, "exhaust valve", v));
        say(all, "gasket", c.gasket());
        c.repair().forEach((fault, said) -> all.add("mended for " + fault.words() + ": " + said.words()));
        return String.join("; ", all);
    }

    private static void valve(List<String> to, String name, ValveFound v) {
        List<String> all = new ArrayList<>();
        say(all, "fluid", v.fluidTest());
        say(all, "face", v.face());
        say(all, "guide", v.guide());
        say(all, "stem seal", v.stemSeal());
        say(all, "lift", v.lift());
        if (!all.isEmpty()) {
            to.add(name + " (" + String.join(", ", all) + ")");
        }
    }

    private List<List<String>> engine() {
        EngineFound e = found.engine();
        List<String> all = new ArrayList<>();
        say(all, "head under pressure", e.head());
        size(all, "deck off flat", e.deckMm(), found.limits().flatnessMm());
        size(all, "head off flat", e.headMm(), found.limits().flatnessMm());
        size(all, "crank run-out", e.runOutMm(), found.limits().runOutMm());
        say(all, "oil pump", e.oilPump());
        say(all, "bearings", e.bearings());
        say(all, "crankcase ventilation", e.ventilation());
        say(all, "seals of the charger", e.turbo());
        say(all, "outside", e.outside());
        say(all, "riser", e.riser());
        say(all, "cam timing", e.timing());
        say(all, "crankcase seals", e.crankSeals());
        say(all, "casting", e.casting());
        e.repair().forEach((fault, said) -> all.add("mended for " + fault.words() + ": " + said.words()));
        e.odd().ifPresent(o -> all.add("loose or wrong: " + o));
        return all.isEmpty() ? List.of() : List.of(List.of("Seen", String.join("; ", all)));
    }

    private List<String> work(Letterhead letterhead) {
        List<String> lines = new ArrayList<>();
        String done = found.work().inWords();
        if (!done.isEmpty()) {
            lines.add(Say.sentence(done) + ".");
        }
        String money = Headings.text(letterhead.money());
        found.work()
                .cost()
                .ifPresent(c -> lines.add("It came to " + Say.number(c) + (money.isEmpty() ? "" : " " + money)
                        + found.work()
                                .hours()
                                .map(h -> ", with " + Say.number(h) + " hours of work")
                                .orElse("") + "."));
        found.work().note().ifPresent(lines::add);
        return lines;
    }

    private static void say(List<String> to, String name, Optional<? extends Labelled> seen) {
        seen.ifPresent(s -> to.add(name + " " + s.words()));
    }

    private static void size(List<String> to, String name, Optional<Double> millimetres, Optional<Double> limit) {
        millimetres.ifPresent(v -> to.add(name + " " + mm(v)
                + limit.map(l -> v > l ? ", beyond its limit of " + mm(l) : ", within " + mm(l))
                        .orElse("")));
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2f mm", value);
    }
}
