package silentotter.app.examination;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import silentotter.app.http.NotFound;

/** The parts of an examination; each is changed by itself. */
enum ExaminationPart {
    INTAKE("intake"),
    SIGNS("signs"),
    PLUGS("plugs"),
    INSIDE("look inside"),
    CRANKCASE("crankcase hold"),
    VALVES("valve clearance"),
    STEPS("step taken"),
    ROUND("plan of the round"),
    FOUND("what was found"),
    CLOSING("closing of the job");

    private final String words;

    ExaminationPart(String words) {
        this.words = words;
    }

    /** Where in the part what is keyed by cylinder stands, as a JSON pointer; empty where nothing is. */
    Optional<String> byCylinder() {
        return switch (this) {
            case PLUGS -> Optional.of("/plugs");
            case INSIDE -> Optional.of("");
            case VALVES -> Optional.of("/cylinders");
            case CRANKCASE -> Optional.of("/chambers");
            case FOUND -> Optional.of("/cylinders");
            default -> Optional.empty();
        };
    }

    /** The name in the document and in addresses: {@code plugs}. */
    String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    String words() {
        return words;
    }

    /** @throws NotFound when there is no such part */
    static ExaminationPart ofKey(String key) {
        return Arrays.stream(values())
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no part '" + key + "' of an examination."));
    }
}
