package silentotter.core.compression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.hipparchus.stat.correlation.KendallsCorrelation;
import silentotter.core.compression.Conditions.PlugsOut;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** Catches what is wrong with the measuring before anything is said of the engine. Trade practice, see each text. */
final class ReadingFaults {
    /** Readings in the order taken must fall at least this consistently to blame the battery. */
    private static final double FALLING_TAU = -0.8;

    private static final int FALLING_LEAST = 4;
    /** More strokes than this apart, and stroke-by-stroke readings are not comparable while still climbing. */
    private static final int SETTLED_STROKES = 6;

    private ReadingFaults() {}

    static List<ReadingFault> in(CompressionPass pass, Engine engine) {
        List<ReadingFault> found = new ArrayList<>();
        nearFullScale(pass).ifPresent(found::add);
        needleDropping(pass).ifPresent(found::add);
        repeatsDiffer(pass).ifPresent(found::add);
        fallingInOrder(pass).ifPresent(found::add);
        unequalStrokes(pass).ifPresent(found::add);
        fewStrokes(pass, engine).ifPresent(found::add);
        conditions(pass, engine, found);
        return found;
    }

    /** A question that nobody has answered yet makes the verdict wait. */
    static ReadingFault doubted(PassDoubt doubt, CompressionPass pass) {
        ReadingFaultKind kind = switch (doubt.kind()) {
            case UNIT -> ReadingFaultKind.UNIT_DOUBTED;
            case DECIMAL -> ReadingFaultKind.DECIMAL_DOUBTED;
            case STROKES -> ReadingFaultKind.STROKES_DOUBTED;
            case DOSE -> ReadingFaultKind.DOSE_DOUBTED;
        };
        return new ReadingFault(kind, test(pass), doubt.cylinders(), doubt.text(), "Answer the question at the pass.");
    }

    /** Whether the needle fell between strokes by more than it repeats: the check valve leaks. */
    static boolean needleDrops(CompressionReading reading, CompressionPass pass) {
        List<Pressure> strokes = reading.strokes();
        for (int i = 1; i < strokes.size(); i++) {
            Pressure before = strokes.get(i - 1);
            double repeat = pass.conditions()
                    .gauge()
                    .repeatability(before, pass.conditions().cold())
                    .kPa();
            if (before.kPa() - strokes.get(i).kPa() > repeat) {
                return true;
            }
        }
        return false;
    }

    private static Optional<ReadingFault> nearFullScale(CompressionPass pass) {
        List<CylinderNumber> cylinders =
                cylinders(pass, r -> pass.conditions().gauge().isNearFullScale(r.value()));
        return ifAny(
                ReadingFaultKind.NEAR_FULL_SCALE,
                pass,
                cylinders,
                "The needle stood at the end of the scale on " + Say.cylinders(cylinders)
                        + ": the value only says \"at least\".",
                "Use a gauge with a higher range.");
    }

    private static Optional<ReadingFault> needleDropping(CompressionPass pass) {
        List<CylinderNumber> cylinders = cylinders(pass, r -> needleDrops(r, pass));
        return ifAny(
                ReadingFaultKind.NEEDLE_DROPS,
                pass,
                cylinders,
                "The needle dropped between strokes on " + Say.cylinders(cylinders)
                        + ": the gauge's check valve leaks and the value is a floor.",
                "Clean or change the check valve, then repeat.");
    }

    private static Optional<ReadingFault> repeatsDiffer(CompressionPass pass) {
        List<CylinderNumber> cylinders = pass.counting()
                .map(CompressionReading::cylinder)
                .distinct()
                .sorted()
                .filter(c -> differ(pass, pass.of(c)))
                .toList();
        return ifAny(
                ReadingFaultKind.REPEATS_DIFFER,
                pass,
                cylinders,
                "Repeats on " + Say.cylinders(cylinders) + " differ by more than the gauge repeats to.",
                "Tighten the adapter, crank the same number of strokes, read again; set the wrong one aside.");
    }

    /** Attempts after fresh oil are meant to differ; only equal doses are repeats. */
    private static boolean differ(CompressionPass pass, List<CompressionReading> attempts) {
        boolean repeats = attempts.stream()
                .skip(1)
                .allMatch(r -> r.oil().filter(o -> o.millilitres() > 0).isEmpty());
        if (attempts.size() < 2 || !repeats) {
            return false;
        }
        Pressure low = attempts.stream()
                .map(CompressionReading::value)
                .min(Pressure::compareTo)
                .orElseThrow();
        Pressure high = attempts.stream()
                .map(CompressionReading::value)
                .max(Pressure::compareTo)
                .orElseThrow();
        Pressure repeat =
                pass.conditions().gauge().repeatability(high, pass.conditions().cold());
        return high.minus(low).kPa() > CylinderValue.NINETY_FIVE * Math.sqrt(2) * repeat.kPa();
    }

    private static Optional<ReadingFault> fallingInOrder(CompressionPass pass) {
        List<CompressionReading> taken = pass.counting().toList();
        if (taken.size() < FALLING_LEAST || pass.kind() == PassKind.WET) {
            return Optional.empty();
        }
        double[] order = new double[taken.size()];
        double[] value = new double[taken.size()];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
            value[i] = taken.get(i).value().kPa();
        }
        double fall = value[0] - value[value.length - 1];
        double repeat = pass.conditions()
                .gauge()
                .repeatability(taken.get(0).value(), pass.conditions().cold())
                .kPa();
        boolean falling = new KendallsCorrelation().correlation(order, value) <= FALLING_TAU
                && fall > CylinderValue.NINETY_FIVE * Math.sqrt(2) * repeat;
        return falling
                ? Optional.of(new ReadingFault(
                        ReadingFaultKind.FALLING_IN_ORDER,
                        test(pass),
                        List.of(),
                        "Each reading is lower than the one taken before it, by " + Say.pressure(Pressure.ofKPa(fall))
                                + " in all: a battery running down does that.",
                        "Put the battery on charge and read the first cylinder again."))
                : Optional.empty();
    }

    private static Optional<ReadingFault> unequalStrokes(CompressionPass pass) {
        List<CompressionReading> counted =
                pass.counting().filter(r -> !r.finalOnly()).toList();
        int fewest = counted.stream().mapToInt(r -> r.strokes().size()).min().orElse(0);
        int most = counted.stream().mapToInt(r -> r.strokes().size()).max().orElse(0);
        if (fewest == most || fewest >= SETTLED_STROKES) {
            return Optional.empty();
        }
        List<CylinderNumber> cylinders = counted.stream()
                .filter(r -> r.strokes().size() < most && r.strokes().size() < SETTLED_STROKES)
                .map(CompressionReading::cylinder)
                .distinct()
                .sorted()
                .toList();
        return ifAny(
                ReadingFaultKind.UNEQUAL_STROKES,
                pass,
                cylinders,
                "Cylinder " + Say.cylinders(cylinders) + " was given " + fewest + " strokes where another had " + most
                        + ": the shorter one reads low for that alone.",
                "Give every cylinder the same number of compression strokes, " + SETTLED_STROKES + " or more.");
    }

    private static Optional<ReadingFault> fewStrokes(CompressionPass pass, Engine engine) {
        if (pass.conditions().length().isEmpty()) {
            return Optional.empty();
        }
        CrankingLength length = pass.conditions().length().get();
        Estimate<Double> strokes =
                length.strokes(engine.cycle(), pass.conditions().crankingSpeed());
        if (strokes.best() >= CrankingLength.ENOUGH_STROKES) {
            return Optional.empty();
        }
        return Optional.of(new ReadingFault(
                ReadingFaultKind.FEW_STROKES,
                test(pass),
                List.of(),
                Say.number(length.amount()) + " " + length.kind().words() + " make about " + Say.number(strokes.best())
                        + " compression strokes here: well short of the final value, and it flatters a bad cylinder.",
                "Crank at least six compression strokes on each cylinder."));
    }

    private static void conditions(CompressionPass pass, Engine engine, List<ReadingFault> found) {
        Conditions c = pass.conditions();
        if (pass.readings().isEmpty()) {
            return;
        }
        if (c.throttleShut()) {
            found.add(whole(
                    ReadingFaultKind.THROTTLE_SHUT,
                    pass,
                    "Throttle shut: every reading is low for that alone; compare cylinders, not levels.",
                    "Prop the throttle wide open and repeat."));
        }
        if (c.cold()) {
            found.add(whole(
                    ReadingFaultKind.COLD,
                    pass,
                    "Taken cold: readings scatter more and small leaks look larger than they are.",
                    "Repeat hot if the engine can be run."));
        }
        if (c.isReleased(engine)) {
            found.add(
                    whole(
                            ReadingFaultKind.COMPRESSION_RELEASE,
                            pass,
                            "This engine has a compression release: at cranking speed it may hold a valve open.",
                            "Put the release out of action and read again, and note it in the conditions. Otherwise compare only with the maker's figure."));
        }
        if (c.plugsOut().filter(p -> p == PlugsOut.ONE_AT_A_TIME).isPresent()) {
            found.add(whole(
                    ReadingFaultKind.PLUGS_IN,
                    pass,
                    "Plugs were taken out one at a time: the starter turns slowly and unevenly.",
                    "Take all plugs out and repeat."));
        }
        if (c.crankingSpeed().isEmpty()) {
            found.add(whole(
                    ReadingFaultKind.SPEED_UNKNOWN,
                    pass,
                    "Cranking speed not written down: leak areas and the expected range are given wider.",
                    "Note the speed from a tachometer or a phone's slow motion."));
        }
    }

    private static ReadingFault.Test test(CompressionPass pass) {
        return pass.kind() == PassKind.WET ? ReadingFault.Test.WET : ReadingFault.Test.COMPRESSION;
    }

    private static ReadingFault whole(ReadingFaultKind kind, CompressionPass pass, String text, String remedy) {
        return new ReadingFault(kind, test(pass), List.of(), text, remedy);
    }

    private static List<CylinderNumber> cylinders(CompressionPass pass, Predicate<CompressionReading> hit) {
        return pass.counting()
                .filter(hit)
                .map(CompressionReading::cylinder)
                .distinct()
                .sorted()
                .toList();
    }

    private static Optional<ReadingFault> ifAny(
            ReadingFaultKind kind, CompressionPass pass, List<CylinderNumber> cylinders, String text, String remedy) {
        return cylinders.isEmpty()
                ? Optional.empty()
                : Optional.of(new ReadingFault(kind, test(pass), cylinders, text, remedy));
    }
}
