package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The diagnosis of a case file for programs: the same answer as on the sheet, and nothing stored. */
class InterpretationApiTest {
    private final Server server = Server.sharedDemo();

    @Test
    void aCaseFileIsAnsweredAsItsSheetIsAndForgotten() {
        int before = json(server.get("/api/jobs")).at("/total").asInt();
        for (long job = 1; job <= 3; job++) {
            String file = server.get("/api/jobs/" + job + "/case-file").body();
            JsonNode answer = json(server.post("/api/interpretations?job=0", file));
            JsonNode diagnosis = server.sheet(job).at("/diagnosis");
            for (String name : diagnosis.propertyNames()) {
                if (!name.equals("next") && !name.equals("headline")) {
                    assertThat(answer.at("/" + name)).as(name).isEqualTo(diagnosis.at("/" + name));
                }
            }
            assertThat(answer.at("/headline/certain")).isEqualTo(diagnosis.at("/headline/certain"));
            JsonNode planned = json(server.get("/api/jobs/" + job + "/plan"));
            assertThat(answer.at("/plan")).isEqualTo(planned.at("/plan"));
            assertThat(answer.at("/headline/next")).isEqualTo(planned.at("/next"));
        }
        assertThat(json(server.get("/api/jobs")).at("/total").asInt()).isEqualTo(before);
    }

    @Test
    void theAnswerHoldsWhatItPromises() {
        String file = server.get("/api/jobs/1/case-file").body();
        JsonNode answer = json(server.post("/api/interpretations", file));
        assertThat(answer.at("/headline/certain/words").asString()).isNotEmpty();
        JsonNode first = answer.at("/suspects/0");
        assertThat(first.at("/family").asString()).isEqualTo("RINGS");
        assertThat(first.at("/fault").asString()).isEqualTo("RING_SEAL");
        assertThat(first.at("/cylinders/0").asInt()).isEqualTo(3);
        assertThat(first.at("/low").asDouble())
                .isLessThan(first.at("/probability").asDouble());
        assertThat(first.at("/areaMm2/best").asDouble()).isBetween(0.5, 10.0);
        for (String list :
                new String[] {"measuring", "contradictions", "open", "stops", "untested", "assumed", "next"}) {
            assertThat(answer.at("/" + list).isArray()).as(list).isTrue();
        }
        JsonNode evidence = answer.at("/findings/0/evidence/0");
        assertThat(evidence.at("/kind").asString()).isIn("JUDGED", "COMPUTED");
        assertThat(evidence.at("/decibans").isNumber()).isTrue();
    }

    @Test
    void aJobThatIsNotInTheFileAndAFileThatIsNoneAreRefusedAtTheirPlace() {
        String file = server.get("/api/jobs/1/case-file").body();
        HttpResponse<String> none = server.post("/api/interpretations?job=9", file);
        assertThat(none.statusCode()).isEqualTo(400);
        assertThat(json(none).at("/errors/0/field").asString()).isEqualTo("job");
        assertThat(server.post("/api/interpretations", "{\"format\": \"other\"}")
                        .statusCode())
                .isEqualTo(400);
    }
}
