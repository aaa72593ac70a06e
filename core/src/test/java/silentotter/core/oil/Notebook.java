package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.engine.OilData;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/** An engine that runs and a hand that writes down, honestly unless told otherwise. */
final class Notebook {
    static final double SPAN_MM = 20;
    static final double SPAN_L = 1.5;

    private final Random random;
    private final double litresPerHour;
    /** What all pours share: one jug, good to two per cent. */
    private final double jug;

    private final List<OilEntryDocument> lines = new ArrayList<>();
    private LocalDate day = LocalDate.of(2026, 1, 5);
    private double hours;
    /** Litres from the full mark. */
    private double level;

    Notebook(Random random, double litresPerHour, double hours) {
        this.random = random;
        this.litresPerHour = litresPerHour;
        this.jug = 1 + 0.02 * random.nextGaussian();
        this.hours = hours;
    }

    /** As many dips as asked for, topped up when it gets low. */
    static Notebook honest(Random random, double litresPerHour, int dips) {
        Notebook book = new Notebook(random, litresPerHour, 4000);
        for (int i = 0; i < dips; i++) {
            // One dip in six is hurried or on a slope, and says so.
            int how = random.nextInt(12);
            book.dip(0, how == 0 ? 1.0 : null, how == 1 ? Ground.SLOPING : null);
            if (book.level < -0.7 * SPAN_L) {
                book.topUp(0.5 + 0.25 * random.nextInt(3), Certainty.MEASURED);
            }
            book.run(12 + random.nextDouble() * 30);
        }
        return book;
    }

    Notebook run(double h) {
        hours += h;
        level -= litresPerHour * h;
        day = day.plusDays(1 + Math.round(h / 6));
        return this;
    }

    Notebook dip() {
        return dip(0, null, null);
    }

    Notebook dip(double offMm, Double waited, Ground ground) {
        double sigma = waited != null && waited < 5 || ground == Ground.SLOPING ? 2.5 : 1;
        double mm = level / SPAN_L * SPAN_MM + random.nextGaussian() * sigma + offMm;
        return writeDip(Math.round(mm * 2) / 2.0, waited, ground);
    }

    Notebook writeDip(double mm, Double waited, Ground ground) {
        lines.add(line(OilEntryKind.DIP, mm, null, null, waited, ground));
        return this;
    }

    Notebook topUp(double litres, Certainty certainty) {
        pour(litres, certainty);
        return writeTopUp(litres, certainty);
    }

    Notebook pour(double litres, Certainty certainty) {
        double sigma = certainty == Certainty.REMEMBERED ? 0.3 : certainty == Certainty.ABOUT ? 0.1 : 0.03;
        level += litres * jug * (1 + sigma * random.nextGaussian());
        return this;
    }

    Notebook writeTopUp(double litres, Certainty certainty) {
        lines.add(line(OilEntryKind.TOP_UP, null, litres, certainty, null, null));
        return this;
    }

    Notebook gain(double litres) {
        level += litres;
        return this;
    }

    Notebook fill(double litres) {
        lines.add(line(OilEntryKind.FILL, null, litres, null, null, null));
        return this;
    }

    Notebook drain(double litres) {
        lines.add(line(OilEntryKind.DRAIN, null, litres, null, null, null));
        return this;
    }

    double hours() {
        return hours;
    }

    double levelMm() {
        return level / SPAN_L * SPAN_MM;
    }

    Notebook setHours(double h) {
        hours = h;
        return this;
    }

    private OilEntryDocument line(
            OilEntryKind kind, Double mm, Double litres, Certainty certainty, Double waited, Ground ground) {
        return new OilEntryDocument(
                kind,
                day.toString(),
                null,
                Math.round(hours * 10) / 10.0,
                mm,
                null,
                null,
                litres,
                null,
                null,
                waited,
                ground,
                null,
                certainty,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    List<OilEntryDocument> lines() {
        return lines;
    }

    static List<OilEntry> entries(List<OilEntryDocument> lines) {
        List<OilEntry> all = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            all.add(OilEntryReader.read(i, lines.get(i), null, new Problems(), "")
                    .orElseThrow());
        }
        return all;
    }

    static Engine engine(Double spanMm, Double spanLitres) {
        Engine bare = Bench.inline(4).engine();
        return new Engine(
                bare.name(),
                bare.arrangement(),
                bare.labels(),
                bare.firingOrder(),
                bare.rotation(),
                bare.traits(),
                bare.size(),
                bare.limits(),
                new OilData(
                        Optional.of(Volume.ofLitres(6)),
                        Optional.empty(),
                        Optional.ofNullable(spanMm).map(Length::ofMm),
                        Optional.ofNullable(spanLitres).map(Volume::ofLitres),
                        Optional.empty()));
    }

    static OilAnalysis read(List<OilEntryDocument> lines) {
        return read(engine(SPAN_MM, SPAN_L), lines);
    }

    static OilAnalysis read(Engine engine, List<OilEntryDocument> lines) {
        return OilAnalyst.analyse(engine, entries(lines), List.of(), List.of(), OilSchool.LITRES_0_6);
    }

    OilAnalysis read() {
        return read(lines);
    }
}
