package silentotter.core.inference;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.EngineKind;
import silentotter.core.inference.SealCase.Blowby;
import silentotter.core.inference.SealCase.Body;
import silentotter.core.inference.SealCase.Compression;
import silentotter.core.inference.SealCase.Leakdown;
import silentotter.core.inference.SealCase.Look;
import silentotter.core.inference.SealCase.OilUse;
import silentotter.core.inference.SealCase.Plugs;
import silentotter.core.inference.SealCase.Tapped;
import silentotter.core.inference.SealCase.Wet;

/** The first neighbours of the reference engines as engines of their own, with their share of
 * blow-by and oil: small enough for a sum over everything. */
final class SmallEngines {
    private SmallEngines() {}

    /** Every reference four-stroke that has so many cylinders, cut down to them. */
    static List<SealCase> of(int cylinders) {
        return ReferenceCases.all().stream()
                .map(ReferenceCases.Reference::seal)
                .filter(c -> c.body().cylinders() >= cylinders && c.body().kind() != EngineKind.TWO_STROKE)
                .map(c -> cut(c, cylinders))
                .toList();
    }

    private static SealCase cut(SealCase c, int n) {
        int[] kept = Arrays.copyOf(c.body().order(), n);
        Body body = c.body();
        double share = 1.0 * n / body.cylinders();
        return new SealCase(
                new Body(
                        body.kind(),
                        IntStream.range(0, n).toArray(),
                        Arrays.copyOf(body.joined(), n - 1),
                        body.scale(),
                        body.displacementL() * share),
                c.priors(),
                compression(c.compression(), kept),
                leakdown(c.leakdown(), kept),
                c.plugs() == null ? null : new Plugs(pick(kept, i -> c.plugs().looks()[i], Look[]::new)),
                blowby(c.blowby(), share),
                c.oilUse() == null
                        ? null
                        : new OilUse(c.oilUse().rate() * share, c.oilUse().standardError() * share),
                c.signs(),
                List.of());
    }

    private static @Nullable Compression compression(@Nullable Compression c, int[] kept) {
        if (c == null) {
            return null;
        }
        boolean[] floor = new boolean[kept.length];
        for (int i = 0; i < kept.length; i++) {
            floor[i] = c.floor()[kept[i]];
        }
        return new Compression(
                numbers(c.lnKPa(), kept),
                numbers(c.sigma(), kept),
                IntStream.of(kept).map(i -> c.attempts()[i]).toArray(),
                floor,
                c.hot(),
                c.lnLevelSigma(),
                c.lnStaticSigma(),
                c.throttleShut(),
                c.curve(),
                c.wet() == null ? null : pick(kept, i -> c.wet()[i], Wet[]::new));
    }

    private static @Nullable Blowby blowby(@Nullable Blowby b, double share) {
        return b == null
                ? null
                : new Blowby(
                        b.litresPerMinute() * share,
                        b.smallestLitres(),
                        b.litresPerArea(),
                        b.pressurePa(),
                        b.asFoundPa());
    }

    private static @Nullable Leakdown leakdown(@Nullable Leakdown l, int[] kept) {
        return l == null
                ? null
                : new Leakdown(
                        numbers(l.percent(), kept),
                        numbers(l.sigma(), kept),
                        l.sigmaShare(),
                        l.lnBiasSigma(),
                        pick(kept, i -> l.curves()[i], PercentCurve[]::new),
                        pick(kept, i -> l.heard()[i], int[][]::new),
                        Arrays.stream(kept).map(i -> -1).toArray(),
                        pick(kept, i -> l.tapped()[i], Tapped[]::new));
    }

    private static double[] numbers(double[] all, int[] kept) {
        return Arrays.stream(kept).mapToDouble(i -> all[i]).toArray();
    }

    private static <T> T[] pick(int[] kept, IntFunction<@Nullable T> of, IntFunction<T[]> array) {
        return Arrays.stream(kept).mapToObj(of).toArray(array);
    }
}
