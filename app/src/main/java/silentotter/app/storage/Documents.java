package silentotter.app.storage;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes and reads the JSON documents kept in the database. */
@Component
public class Documents {
    private final JsonMapper json;

    Documents(JsonMapper json) {
        this.json = json;
    }

    public String write(Object document) {
        return json.writeValueAsString(document);
    }

    public <T> T read(String text, Class<T> type) {
        return json.readValue(text, type);
    }
}
