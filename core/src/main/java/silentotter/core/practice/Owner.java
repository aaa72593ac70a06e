package silentotter.core.practice;

import java.util.List;
import java.util.Map;
import java.util.Random;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;

/** What an owner says when he brings an engine: what he noticed, in his own words, and nothing of what it means. */
final class Owner {
    private static final Map<ComplaintKind, List<String>> WORDS = Map.of(
            ComplaintKind.OIL_USE,
                    List.of("I pour in oil every week.", "It drinks oil, and I do not see where it goes."),
            ComplaintKind.SMOKE, List.of("It smokes, and the harbour master has noticed.", "There is smoke behind me."),
            ComplaintKind.LOW_POWER, List.of("It does not pull as it did.", "Against the tide it hardly makes way."),
            ComplaintKind.HARD_START, List.of("In the morning it turns and turns.", "It starts badly, cold above all."),
            ComplaintKind.COOLANT_LOSS,
                    List.of("It loses coolant, and the bilge is dry.", "I fill up coolant and find no leak."));
    private static final List<String> NONE =
            List.of("Nothing wrong that I know of. Tell me what I have.", "Look at it before the season, please.");

    private Owner() {}

    static String tells(Intake intake, Random random) {
        return WORDS.entrySet().stream()
                .filter(e -> intake.complains(e.getKey()))
                .map(e -> e.getValue().get(random.nextInt(e.getValue().size())))
                .findFirst()
                .orElseGet(() -> NONE.get(random.nextInt(NONE.size())));
    }
}
