package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What every demo job says, as a table of findings rather than of prose: wording may change, what is found may not unless
 * somebody means it. {@code -Dotter.writeFindings=true} writes the table anew; its difference is then to be read.
 */
class DemoFindingsTest {
    private static final Path TABLE = Path.of("src/test/resources/findings/demo.txt");

    /** Other tests load copies behind them. */
    private static final int DEMO_JOBS = 11;

    @Test
    void theDemoJobsFindWhatTheyFound() throws IOException {
        Server server = Server.sharedDemo();
        List<String> lines = new ArrayList<>();
        List<JsonNode> jobs = new ArrayList<>();
        json(server.get("/api/jobs")).at("/jobs").forEach(jobs::add);
        jobs.sort((a, b) -> Long.compare(a.at("/id").asLong(), b.at("/id").asLong()));
        for (JsonNode job : jobs.subList(0, DEMO_JOBS)) {
            lines.add("== " + job.at("/engineName").asString());
            lines.addAll(findings(server.sheet(job.at("/id").asLong())));
        }
        String table = String.join("\n", lines) + "\n";
        if (Boolean.getBoolean("otter.writeFindings")) {
            Files.writeString(TABLE, table);
        }
        assertThat(table).isEqualTo(Files.readString(TABLE));
    }

    private static List<String> findings(JsonNode sheet) {
        List<String> lines = new ArrayList<>();
        JsonNode diagnosis = sheet.at("/diagnosis");
        lines.add("tone     " + diagnosis.at("/tone").asString());
        diagnosis
                .at("/suspects")
                .forEach(x -> lines.add("suspect  " + x.at("/family").asString() + " "
                        + x.at("/fault").asString("-") + " " + joined(x.at("/cylinders")) + " "
                        + (x.at("/testedFor").asBoolean() ? x.at("/odds").asString() : "NOT_TESTED_FOR")));
        diagnosis
                .at("/measuring")
                .forEach(m -> lines.add("doubt    " + m.at("/test").asString() + " " + joined(m.at("/cylinders")) + " "
                        + m.at("/kind").asString("-") + (m.at("/named").asBoolean() ? " named" : "")));
        diagnosis
                .at("/contradictions")
                .forEach(c -> lines.add("unfit    " + c.at("/findings").size()));
        lines.add("next     " + diagnosis.at("/next/0/tests/0/test").asString() + " "
                + joined(diagnosis.at("/next/0/tests/0/cylinders")));
        diagnosis
                .at("/cylinders")
                .properties()
                .forEach(c -> lines.add("cylinder " + c.getKey() + " "
                        + c.getValue().at("/tone").asString()));
        sheet.at("/diagnosis/paths")
                .forEach(p -> lines.add("path     " + p.at("/cylinder").asInt() + " "
                        + p.at("/kind").asString() + " " + p.at("/sureness").asString() + area(p)));
        sheet.at("/compression/schools")
                .forEach(s -> lines.add("school   " + s.at("/school").asString() + " "
                        + s.at("/ruling").asString() + " " + joined(s.at("/cylinders"))));
        sheet.at("/compression/faults")
                .forEach(f -> lines.add("fault    " + f.at("/kind").asString() + " " + joined(f.at("/cylinders"))));
        sheet.at("/compression/wet")
                .forEach(w -> lines.add("wet      " + w.at("/cylinder").asInt() + " "
                        + w.at("/outcome").asString()));
        sheet.at("/leakdown/faults")
                .forEach(f -> lines.add("fault    " + f.at("/kind").asString() + " " + joined(f.at("/cylinders"))));
        sheet.at("/leakdown/crossChecks")
                .forEach(c -> lines.add("check    " + c.at("/cylinder").asInt() + " "
                        + c.at("/outcome").asString()));
        sheet.at("/blowby/analysis/points")
                .forEach(p -> lines.add("blow-by  " + p.at("/point").asString()
                        + String.format(" %.0f Pa", p.at("/pressurePa/best").asDouble())
                        + (p.has("flowLPerMin")
                                ? String.format(
                                        " %.0f L/min", p.at("/flowLPerMin/best").asDouble())
                                : "")));
        sheet.at("/oil/analysis/axes")
                .forEach(a -> lines.add("oil      " + a.at("/meter").asString()
                        + (a.has("mlPerHour")
                                ? String.format(
                                        " %.1f mL/h", a.at("/mlPerHour/best").asDouble())
                                : "")));
        sheet.at("/oil/analysis/faults")
                .forEach(f -> lines.add("fault    " + f.at("/kind").asString() + " " + joined(f.at("/entries"))));
        sheet.at("/seen/findings")
                .forEach(s -> lines.add("finding  " + s.at("/rule").asString() + " " + joined(s.at("/cylinders"))
                        + String.format(" %.1f", s.at("/weight/likelihoodRatio").asDouble())));
        return lines.stream().map(String::stripTrailing).toList();
    }

    private static String area(JsonNode path) {
        JsonNode best = path.at("/areaMm2/best");
        return best.isMissingNode() ? "" : String.format(" %.2f mm²", best.asDouble());
    }

    private static String joined(JsonNode cylinders) {
        return StreamSupport.stream(cylinders.spliterator(), false)
                .map(JsonNode::asString)
                .collect(Collectors.joining(","));
    }
}
