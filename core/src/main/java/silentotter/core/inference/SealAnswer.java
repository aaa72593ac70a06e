package silentotter.core.inference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import silentotter.core.inference.SealCase.Look;

/** What the model says of one case: probabilities, readings in doubt, and what each finding is worth. */
public final class SealAnswer {
    /** From this probability on, an exchange of two readings is mixed into the answer. */
    private static final double MIXED_IN = .01;
    /** Points below this share of everything are left out where findings are looked at one by one. */
    private static final double NOTHING = 1e-6;
    /** From this probability on, what a cylinder's findings say is taken apart. */
    private static final double SUSPECTED = .05;

    private final SealCase of;
    private final SealModel model;
    private final List<ReadingDoubt> doubts;
    private final Probabilities probabilities;

    private SealAnswer(SealCase of) {
        this.of = of;
        SealModel all = SealModel.of(of);
        model = all.carrying(NOTHING);
        doubts = ReadingDoubts.of(model);
        Probabilities mixed = all.probabilities();
        for (ReadingDoubt d : doubts) {
            if (d.kind() == ReadingDoubt.Kind.SWAPPED && d.probability() > MIXED_IN) {
                mixed = mixed.mixedWith(SealModel.of(exchanged(of, d)).probabilities(), d.probability());
            }
        }
        probabilities = mixed;
    }

    public static SealAnswer of(SealCase of) {
        return new SealAnswer(of);
    }

    /** The answer before anything was told or tested. */
    public static Probabilities prior(SealCase of) {
        return SealModel.of(new SealCase(
                        of.body(), of.priors(), null, null, null, null, null, SealCase.Signs.NONE, List.of()))
                .probabilities();
    }

    /** The answer, exchanged readings mixed in. */
    public Probabilities probabilities() {
        return probabilities;
    }

    public List<ReadingDoubt> doubts() {
        return doubts;
    }

    /** Shared ring area of sound cylinders, mm² at 90 mm: probability of each value of {@link Shared#W}. */
    public double[] ringArea() {
        return model.ringArea();
    }

    /**
     * Area of the leak behind a member where it is one: low, best and high, mm² at this engine's bore; nineteen times in
     * twenty within.
     */
    public Optional<double[]> area(Member member) {
        return Areas.of(model, member);
    }

    /**
     * The answer with every finding, and without each: from the two the weight of the finding for anything can be read.
     *
     * @param with the answer as far as it can be compared; not quite {@link #probabilities}, which mixes exchanges in
     */
    public record Without(String finding, Probabilities with, Probabilities without) {}

    /** Every finding of the whole engine, and every judged one. */
    public List<Without> findings() {
        Probabilities with = model.probabilities();
        List<String> ids = new ArrayList<>(model.engine.findings());
        if (of.signs().metal() != null) {
            ids.add("metal");
        }
        of.judged().stream().map(SealCase.Judged::id).distinct().forEach(ids::add);
        return ids.parallelStream()
                .map(id -> new Without(id, with, model.without(Set.of(id)).probabilities()))
                .toList();
    }

    /**
     * Engines as this one may be, drawn from the answer, and what every test would show on each.
     */
    public record Rehearsed(Probabilities probabilities, List<Draw> draws, List<Played> played) {}

    /** @param seed the same seed draws the same */
    public static Rehearsed rehearse(SealCase of, AtHand atHand, int count, long seed) {
        SealModel model = SealModel.of(of).carrying(NOTHING);
        List<Draw> draws = Draws.of(model, atHand, count, seed);
        return new Rehearsed(model.probabilities(), draws, Rehearsal.play(of, atHand, draws, seed + 1));
    }

    /**
     * What one cylinder's own findings are worth in every combination that can be: what was heard needs the reading it was
     * heard at. One by one they hide behind each other where each alone would do.
     *
     * @param findings the bits of a combination, in the order of the round
     * @param answers by combination
     */
    public record Own(int cylinder, List<String> findings, Map<Integer, Probabilities> answers) {}

    /** The findings of each cylinder that was read. */
    public List<Own> cylinders() {
        return IntStream.range(0, model.n)
                .parallel()
                .mapToObj(this::own)
                .filter(own -> !own.findings().isEmpty())
                .toList();
    }

    /** Findings that only stand on another one. */
    private static final Map<String, String> STANDS_ON =
            Map.of("wet", "compression", "heard", "leakdown", "tapped", "leakdown");

    private Own own(int c) {
        List<String> findings = new ArrayList<>();
        boolean cranked = model.points.hasCompression(c);
        boolean aired = model.points.hasLeakdown(c);
        if (cranked) {
            findings.add("compression" + c);
            if (of.compression().wet() != null && of.compression().wet()[c] != null) {
                findings.add("wet" + c);
            }
        }
        if (aired) {
            findings.add("leakdown" + c);
            if (Arrays.stream(of.leakdown().heard()[c]).anyMatch(h -> h >= 0)) {
                findings.add("heard" + c);
            }
            if (of.leakdown().tapped()[c] != SealCase.Tapped.NOT_DONE) {
                findings.add("tapped" + c);
            }
        }
        if (model.look(c) != null) {
            findings.add("plug" + c);
        }
        Map<Integer, Probabilities> answers = new LinkedHashMap<>();
        int full = (1 << findings.size()) - 1;
        Otherwise.Seen usual = Otherwise.View.usual(model, c).of(model, c);
        for (int mask = 0; mask <= full; mask++) {
            // Where nothing is suspected only what leaves one out is asked.
            boolean asked = mask == full || Integer.bitCount(mask) == findings.size() - 1 || isSuspected(c);
            if (asked && stands(findings, mask, c)) {
                answers.put(mask, with(c, findings, mask, usual));
            }
        }
        return new Own(c, findings, answers);
    }

    /** Whether anything of a cylinder is likely enough to be explained. */
    private boolean isSuspected(int c) {
        return model.members().stream()
                .filter(m -> m.cylinder() == c || m.other() == c)
                .anyMatch(m -> model.probability(m) >= SUSPECTED);
    }

    private static boolean stands(List<String> findings, int mask, int c) {
        for (int i = 0; i < findings.size(); i++) {
            String under =
                    STANDS_ON.get(findings.get(i).substring(0, findings.get(i).length() - ("" + c).length()));
            if ((mask >> i & 1) == 1 && under != null && !has(findings, mask, under + c)) {
                return false;
            }
        }
        return true;
    }

    private static boolean has(List<String> findings, int mask, String finding) {
        int at = findings.indexOf(finding);
        return at >= 0 && (mask >> at & 1) == 1;
    }

    private Probabilities with(int c, List<String> findings, int mask, Otherwise.Seen usual) {
        CompressionTables.View cranking = has(findings, mask, "compression" + c)
                ? new CompressionTables.View(c, c, CompressionTables.View.ALL, has(findings, mask, "wet" + c))
                : null;
        if (cranking != null && !findings.contains("wet" + c)) {
            cranking = CompressionTables.View.usual(c);
        }
        LeakdownTables.View air = has(findings, mask, "leakdown" + c)
                ? new LeakdownTables.View(
                        c,
                        c,
                        LeakdownTables.View.ALL,
                        !findings.contains("heard" + c) || has(findings, mask, "heard" + c),
                        !findings.contains("tapped" + c) || has(findings, mask, "tapped" + c))
                : null;
        Look look = has(findings, mask, "plug" + c) ? model.look(c) : null;
        return new Otherwise(model, c, usual, new Otherwise.View(cranking, air, look).of(model, c)).probabilities();
    }

    private static SealCase exchanged(SealCase of, ReadingDoubt d) {
        if (d.test() == ReadingDoubt.Test.COMPRESSION) {
            SealCase.Compression c = of.compression();
            return of.with(new SealCase.Compression(
                    swapped(c.lnKPa(), d),
                    swapped(c.sigma(), d),
                    c.attempts(),
                    c.floor(),
                    c.hot(),
                    c.lnLevelSigma(),
                    c.lnStaticSigma(),
                    c.throttleShut(),
                    c.curve(),
                    c.wet()));
        }
        SealCase.Leakdown l = of.leakdown();
        return of.with(new SealCase.Leakdown(
                swapped(l.percent(), d),
                l.sigma(),
                l.sigmaShare(),
                l.lnBiasSigma(),
                l.curves(),
                swapped(l.heard(), d),
                l.towards(),
                l.tapped()));
    }

    private static double[] swapped(double[] values, ReadingDoubt d) {
        double[] other = values.clone();
        other[d.cylinder()] = values[d.other()];
        other[d.other()] = values[d.cylinder()];
        return other;
    }

    private static int[][] swapped(int[][] values, ReadingDoubt d) {
        int[][] other = values.clone();
        other[d.cylinder()] = values[d.other()];
        other[d.other()] = values[d.cylinder()];
        return other;
    }
}
