package silentotter.app.practice;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import org.springframework.stereotype.Component;
import silentotter.core.wording.Wording;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes what was seen as an examination takes it, so that it can be written down as it stands: that knows no more than its
 * components, and nothing that is worked out of them.
 */
@Component
class AsSeen {
    private final JsonMapper json;

    AsSeen(JsonMapper json) {
        this.json = json.rebuild()
                .changeDefaultVisibility(v -> v.withIsGetterVisibility(Visibility.NONE))
                .build();
    }

    String written(Object view, Wording wording) {
        return json.writer().withAttribute(Wording.class, wording).writeValueAsString(view);
    }
}
