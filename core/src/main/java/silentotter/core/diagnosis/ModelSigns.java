package silentotter.core.diagnosis;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.inference.SealCase;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.CoolantSigns;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.CoolantSigns.GasTest;
import silentotter.core.signs.OilSigns;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.Signs;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;

/** The signs that the model computes with, each yes, no, or not looked at. What was spoiled is left to its rule. */
final class ModelSigns {
    private static final int DRY_ENOUGH = 2;

    private ModelSigns() {}

    static SealCase.Signs of(Signs s, Intake intake) {
        OilSigns oil = s.oil();
        CoolantSigns coolant = s.coolant();
        boolean cleanOil = oil.contaminatedBy().isEmpty();
        boolean cleanCoolant = coolant.contaminatedBy().isEmpty();
        return new SealCase.Signs(
                blue(s, SmokeMoment.START_AFTER_STANDING),
                blue(s, SmokeMoment.LOAD),
                blue(s, SmokeMoment.OVERRUN),
                warmWhite(s),
                cleanCoolant ? either(coolant.bubbles(), coolant.pressureCold()) : null,
                cleanCoolant ? coolant.gasTest().map(t -> t == GasTest.POSITIVE).orElse(null) : null,
                coolantLoss(coolant, cleanCoolant, intake),
                cleanOil
                        ? oil.milky()
                                .filter(m -> m == Milky.CAP_ONLY || m == Milky.NONE)
                                .map(m -> m == Milky.CAP_ONLY)
                                .orElse(null)
                        : null,
                breather(s, intake),
                cleanOil ? metal(oil) : null,
                outside(s),
                intake.complaints().get(ComplaintKind.SAGS));
    }

    private static @Nullable Boolean blue(Signs s, SmokeMoment moment) {
        Smoke smoke = s.smoke().get(moment);
        return smoke == null
                ? null
                : smoke.colour().map(c -> c == SmokeColour.BLUE).orElse(null);
    }

    private static @Nullable Boolean warmWhite(Signs s) {
        if (s.smoke().isEmpty()) {
            return null;
        }
        return s.smoke().values().stream()
                .anyMatch(k -> k.colour().filter(c -> c == SmokeColour.WHITE).isPresent()
                        && k.lasting().filter(l -> l == SmokeLasting.STAYS).isPresent());
    }

    private static @Nullable Boolean either(Optional<Boolean> one, Optional<Boolean> other) {
        if (one.isEmpty() && other.isEmpty()) {
            return null;
        }
        return one.orElse(false) || other.orElse(false);
    }

    private static @Nullable Boolean coolantLoss(CoolantSigns coolant, boolean clean, Intake intake) {
        if (clean && coolant.level().isPresent()) {
            return coolant.level().get() == CoolantLevel.FALLING_NO_DRIP;
        }
        return null;
    }

    private static @Nullable Boolean breather(Signs s, Intake intake) {
        Optional<BreatherOil> seen = s.breather().breatherOil();
        if (seen.isPresent()) {
            return seen.get() == BreatherOil.WET;
        }
        return intake.complains(ComplaintKind.OIL_FROM_BREATHER) ? Boolean.TRUE : null;
    }

    private static @Nullable Boolean metal(OilSigns oil) {
        if (oil.glitter().isEmpty() && oil.magnet().isEmpty() && oil.pleats().isEmpty()) {
            return null;
        }
        return java.util.stream.Stream.of(oil.glitter(), oil.magnet(), oil.pleats())
                .flatMap(Optional::stream)
                .anyMatch(m -> m == Metal.FLAKES);
    }

    /** Drips are wet; dry needs more than one place looked at; damp says nothing. */
    private static @Nullable Boolean outside(Signs s) {
        Map<LeakPlace, LeakAmount> leaks = s.leaks();
        if (s.leaksContaminatedBy().isPresent() || leaks.isEmpty()) {
            return null;
        }
        boolean oil = leaks.entrySet().stream().anyMatch(e -> e.getValue() == LeakAmount.DRIPS && isOil(e.getKey()));
        if (oil) {
            return true;
        }
        long dry = leaks.entrySet().stream()
                .filter(e -> e.getValue() == LeakAmount.DRY && isOil(e.getKey()))
                .count();
        return dry >= DRY_ENOUGH ? Boolean.FALSE : null;
    }

    private static boolean isOil(LeakPlace place) {
        return place != LeakPlace.HOSES && place != LeakPlace.COOLANT_PUMP && place != LeakPlace.EXHAUST_ELBOW;
    }
}
