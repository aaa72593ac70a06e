package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ThreadLocalRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Thousands of made-up requests over every address of the API: none is answered with an inner failure or in the words of
 * a library, and whatever was accepted opens, can be taken away and loaded again.
 */
class GeneratedRequestsTest {
    private static final int REQUESTS = Integer.getInteger("otter.requests", 300);

    static List<Long> seeds() {
        // A fixed one, and one that nobody has seen: its number stands in the name of the test that fails.
        return List.of(20261125L, ThreadLocalRandom.current().nextLong(1_000_000));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noRequestBreaksTheShop(long seed) throws IOException {
        try (Server server = Server.start(false)) {
            new Run(server, new Random(seed)).go();
        }
    }

    private static final class Run {
        private record Address(String method, String path, String schema) {}

        private final Server server;
        private final Random random;
        private final AnyRequest any;
        private final List<Address> addresses = new ArrayList<>();
        private final Set<Long> changed = new LinkedHashSet<>();
        private final List<Long> jobs = new ArrayList<>();
        private int accepted;

        Run(Server server, Random random) {
            this.server = server;
            this.random = random;
            JsonNode description = Server.json(server.get("/api/description"));
            this.any = new AnyRequest(description, random);
            description
                    .at("/paths")
                    .properties()
                    .forEach(path -> path.getValue().properties().forEach(method -> {
                        JsonNode body = method.getValue().at("/requestBody/content");
                        String reference = body.isObject() && !body.isEmpty()
                                ? body.iterator().next().at("/schema/$ref").asString("")
                                : "";
                        addresses.add(new Address(
                                method.getKey().toUpperCase(), path.getKey(), reference.replaceFirst(".*/", "")));
                    }));
            for (int i = 0; i < 3; i++) {
                jobs.add(server.newJob());
            }
        }

        void go() {
            for (int i = 0; i < REQUESTS; i++) {
                Address address = addresses.get(random.nextInt(addresses.size()));
                // Looking changes nothing, so it is asked for less often.
                send(address.method().equals("GET") ? addresses.get(random.nextInt(addresses.size())) : address);
                if (i % 40 == 39) {
                    whatWasAcceptedOpensAndComesBack();
                }
            }
            whatWasAcceptedOpensAndComesBack();
            assertThat(server.get("/api/jobs").statusCode()).isEqualTo(200);
            assertThat(accepted).as("requests that were accepted").isGreaterThan(REQUESTS / 10);
        }

        private void send(Address address) {
            long job = jobs.get(random.nextInt(jobs.size()));
            JsonNode sheet = server.sheet(job);
            Map<String, JsonNode> known = known(sheet);
            List<String> parts = address.path().endsWith(".csv")
                    ? List.of("compression", "leakdown", "examination", "blowby", "oil", "horoscope")
                    : List.of("intake", "signs", "plugs", "inside", "crankcase", "valves", "steps");
            String part = parts.get(random.nextInt(parts.size()));
            String path = address.path()
                    .replace(
                            "{id}",
                            oddly(
                                    address.path().startsWith("/api/jobs")
                                            ? job
                                            : sheet.at("/engine/id").asLong()))
                    .replace("{passId}", oddly(one(sheet.at("/passes"), "id")))
                    .replace(
                            "{readingId}",
                            oddly(one(
                                    address.path().contains("leakdown")
                                            ? sheet.at("/leakdown/readings")
                                            : address.path().contains("blowby")
                                                    ? sheet.at("/blowby/readings")
                                                    : readings(sheet),
                                    "id")))
                    .replace("{toolId}", oddly(one(sheet.at("/blowby/tools"), "id")))
                    .replace("{entryId}", oddly(one(sheet.at("/oil/entries"), "id")))
                    .replace("{trialId}", oddly(one(sheet.at("/oil/trials"), "id")))
                    .replace("{name}", "1-low-mark-0")
                    .replace("{testerId}", oddly(one(sheet.at("/leakdown/testers"), "id")))
                    .replace("{part}", part)
                    .replace("{cylinder}", oddly(1 + random.nextInt(4)))
                    .replace("{key}", "k1")
                    .replace("{instrument}", oddly(1))
                    .replace("{waveform}", oddly(one(sheet.at("/waveforms/kept"), "id")));
            if (path.endsWith("/waveform-files") && random.nextBoolean()) {
                path += "?name=cable.csv";
            }
            if (address.method().equals("GET") && random.nextBoolean()) {
                path += List.of(
                                "?search=%ff",
                                "?limit=x", "?offset=-5&limit=0", "?cylinders=40", "?search=%25%27", "?a[]=1")
                        .get(random.nextInt(6));
            }
            String body = address.method().equals("PATCH") && path.contains("/examination/")
                    ? any.patch(part)
                    : address.schema().isEmpty() ? text(address.path(), job) : any.body(address.schema(), known);
            String type = switch (random.nextInt(40)) {
                case 0 -> "*/*";
                case 1 -> "application/*";
                case 2 -> "text/plain;charset=nonsense";
                case 3 -> ";;";
                default -> typeOf(address.path());
            };
            boolean none = address.method().equals("GET") || address.method().equals("DELETE");
            HttpResponse<String> answer = server.send(address.method(), path, none ? null : type, none ? null : body);
            String asked = address.method() + " " + path + " " + (body.length() > 600 ? body.substring(0, 600) : body);
            assertThat(answer.statusCode()).as(asked + "\n" + answer.body()).isLessThan(500);
            if (answer.statusCode() >= 400) {
                assertThat(answer.body())
                        .as(asked)
                        .doesNotContainPattern("Exception|java\\.|jackson|springframework|silentotter\\.");
                if (!answer.body().isEmpty()) {
                    assertThat(answer.headers().firstValue("content-type").orElse(""))
                            .as(asked)
                            .startsWith("application/problem+json");
                }
            } else if (!none) {
                accepted++;
                if (address.path().startsWith("/api/jobs/{id}")) {
                    changed.add(job);
                }
                if (address.path().equals("/api/jobs") && jobs.size() < 8) {
                    jobs.add(Server.json(answer).at("/job/id").asLong());
                    changed.add(jobs.get(jobs.size() - 1));
                }
            }
        }

        private String text(String path, long job) {
            if (path.equals("/api/case-files")) {
                String file = server.get("/api/jobs/" + job + "/case-file").body();
                int at = random.nextInt(file.length());
                return random.nextBoolean() ? file : file.substring(0, at) + "0" + file.substring(at + 1);
            }
            return List.of(
                            "kind,cylinder,pressure\nDRY,1,1200\n",
                            "kind,cylinder,pressure\nDRY,1.9,1200\n",
                            "kind;cylinder;pressure\nDRY;2;1180,5\n",
                            "kind,,pressure\nDRY,1,1200\n",
                            "part,field,value\nplugs,plugs.1.shade,TAN\n",
                            "part,field,value\nplugs,plugs..shade,TAN\n\"",
                            "cylinder,tester,percent\n1,Two,12\n",
                            "")
                    .get(random.nextInt(8));
        }

        private static String typeOf(String path) {
            if (path.endsWith("/waveform-files")) {
                return "application/octet-stream";
            }
            return path.endsWith(".csv") ? "text/csv" : path.contains("/photos/") ? "image/png" : "application/json";
        }

        private String oddly(long number) {
            return switch (random.nextInt(30)) {
                case 0 -> "999999";
                case 1 -> "x";
                case 2 -> "1e308";
                case 3 -> "-1";
                default -> Long.toString(number);
            };
        }

        private static JsonNode readings(JsonNode sheet) {
            return sheet.at("/passes/0/readings");
        }

        private long one(JsonNode list, String field) {
            return list.isEmpty()
                    ? 1
                    : list.get(random.nextInt(list.size())).get(field).asLong();
        }

        /** What a window would know: numbers of revisions, changes and rows. */
        private Map<String, JsonNode> known(JsonNode sheet) {
            Map<String, JsonNode> known = new HashMap<>();
            List<String> revisions = List.of("/job/documentRevision", "/engine/revision", "/passes/0/revision");
            known.put("revision", sheet.at(revisions.get(random.nextInt(revisions.size()))));
            known.put("engineId", sheet.at("/engine/id"));
            known.put("banks", AnyRequest.tree("[{\"side\":\"ONLY\",\"cylinders\":[1,2,3,4]}]"));
            known.put("layout", AnyRequest.tree("\"INLINE\""));
            known.put("testerId", AnyRequest.number(one(sheet.at("/leakdown/testers"), "id")));
            known.put("to", AnyRequest.number(one(sheet.at("/leakdown/readings"), "id")));
            known.put("changeId", sheet.at(random.nextBoolean() ? "/undo/id" : "/redo/id"));
            known.values().removeIf(JsonNode::isMissingNode);
            if (random.nextBoolean()) {
                known.put("orificeMm", AnyRequest.tree("8"));
                known.put("mmFromFull", AnyRequest.tree("-" + random.nextInt(30)));
                known.put("hours", AnyRequest.number(4000 + random.nextInt(500)));
                known.put("firingOrder", AnyRequest.tree("[1,3,4,2]"));
                known.put("intervalsDeg", AnyRequest.tree("[180,180,180,180]"));
                known.put("labels", AnyRequest.tree("{\"1\":\"P1\"}"));
            }
            return known;
        }

        private void whatWasAcceptedOpensAndComesBack() {
            for (long job : changed) {
                HttpResponse<String> sheet = server.get("/api/jobs/" + job + "/sheet");
                assertThat(sheet.statusCode()).as(sheet.body()).isEqualTo(200);
                assertThat(Server.json(sheet).at("/notComputed").toString())
                        .as("of " + Server.json(sheet).at("/engine/engine"))
                        .isEqualTo("[]");
                itsEngineHasALife(Server.json(sheet).at("/engine/id").asLong());
                String file = server.get("/api/jobs/" + job + "/case-file").body();
                HttpResponse<String> loaded = server.post("/api/case-files", file);
                assertThat(loaded.statusCode()).as(loaded.body() + "\n" + file).isEqualTo(201);
                long again = Server.json(loaded).at("/jobIds/0").asLong();
                assertThat(Server.json(server.get("/api/jobs/" + again + "/case-file")))
                        .isEqualTo(AnyRequest.tree(file));
                for (String csv : List.of(
                        "compression/readings.csv",
                        "leakdown/readings.csv",
                        "examination.csv",
                        "blowby.csv",
                        "oil.csv")) {
                    assertThat(server.get("/api/jobs/" + job + "/" + csv).statusCode())
                            .isEqualTo(200);
                }
            }
            changed.clear();
            for (String shop : List.of("/api/shop/record", "/api/shop/learning", "/api/jobs?search=a&open=true")) {
                HttpResponse<String> answer = server.get(shop);
                assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            }
        }

        /** Whatever was written down: it is drawn over time, and its first visit is held against its last. */
        private void itsEngineHasALife(long engine) {
            HttpResponse<String> life = server.get("/api/engines/" + engine + "/life");
            assertThat(life.statusCode()).as(life.body()).isEqualTo(200);
            JsonNode visits = Server.json(life).at("/visits");
            assertThat(life.body()).doesNotContain("NaN", "Infinity", "{kPa:", "{Lp1000km:");
            if (visits.size() > 1) {
                String asked =
                        "?before=" + visits.at("/0/job") + "&after=" + visits.at("/" + (visits.size() - 1) + "/job");
                HttpResponse<String> compared = server.get("/api/engines/" + engine + "/comparison" + asked);
                assertThat(compared.statusCode()).as(compared.body()).isEqualTo(200);
                assertThat(compared.body()).doesNotContain("NaN", "Infinity", "{kPa:");
            }
        }
    }
}
