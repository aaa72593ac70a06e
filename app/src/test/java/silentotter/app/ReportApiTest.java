package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The report as a PDF and as the same page for a browser. */
class ReportApiTest {
    private static final double POINTS_PER_MM = 72 / 25.4;

    /** One dot, lossy. */
    private static final byte[] WEBP =
            Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");

    private static Server server;

    @BeforeAll
    static void start() throws IOException {
        server = Server.start(true);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static byte[] pdf(long job, String query) {
        try {
            HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(server.uri("/api/jobs/" + job + "/report.pdf" + query))
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray());
            assertThat(answer.statusCode()).as("job %d", job).isEqualTo(200);
            return answer.body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    private static long job(int cylinders, String layout, String jobFields) {
        String order =
                IntStream.rangeClosed(1, cylinders).mapToObj(Integer::toString).collect(Collectors.joining(","));
        String half = IntStream.rangeClosed(1, cylinders / 2)
                .mapToObj(i -> "" + (2 * i - 1))
                .collect(Collectors.joining(","));
        String other = IntStream.rangeClosed(1, cylinders / 2)
                .mapToObj(i -> "" + 2 * i)
                .collect(Collectors.joining(","));
        String banks = layout.equals("INLINE")
                ? "{\"side\":\"ONLY\",\"cylinders\":[" + order + "]}"
                : "{\"side\":\"LEFT\",\"cylinders\":[" + half + "]},{\"side\":\"RIGHT\",\"cylinders\":[" + other + "]}";
        JsonNode sheet = json(server.post("/api/jobs", """
                {"engine":{"name":"Gannet %d","layout":"%s","banks":[%s]},"job":{"date":"2026-11-20"%s}}""".formatted(cylinders, layout, banks, jobFields)));
        long id = sheet.at("/job/id").asLong();
        long pass = sheet.at("/passes/0/id").asLong();
        for (int c = 1; c <= cylinders; c++) {
            server.read(id, pass, c, c == 1 ? 1001 : 1200 + c);
        }
        return id;
    }

    @Test
    void everyDemoJobIsAPageForItsOwnerAndOneThatSaysHow() throws IOException {
        for (JsonNode line : json(server.get("/api/jobs")).at("/jobs")) {
            if (line.at("/engineName").asString().startsWith("Gannet")) {
                continue;
            }
            try (PDDocument pdf = Loader.loadPDF(pdf(line.at("/id").asLong(), ""))) {
                String name = line.at("/engineName").asString();
                assertThat(pdf.getNumberOfPages()).as(name).isEqualTo(2);
                String text = text(pdf);
                assertThat(text)
                        .as(name)
                        .contains("Marrow Sound Yard", "WHAT TO DO", "technician, date", "How it was measured");
                assertThat(text).as(name).contains("1 of 2", "2 of 2", "revision", "not a certificate", "Attached: ");
                assertThat(text).as(name).doesNotContain("{", "null", "#");
            }
        }
    }

    @Test
    void figuresAreThoseOfTheSheetInTheUnitsAskedFor() throws IOException {
        try (PDDocument metric = Loader.loadPDF(pdf(1, ""));
                PDDocument imperial = Loader.loadPDF(pdf(1, "?units=psi,F,US%20qt,mi,in"))) {
            assertThat(text(metric))
                    .contains("Cylinder 3 leaks past its piston rings.", "1310", "913", "kPa", "for Sound Water Taxis")
                    .contains("more than 99 of a hundred");
            assertThat(text(imperial)).contains("190", "132", "psi").doesNotContain("kPa");
        }
    }

    @ParameterizedTest
    @CsvSource({"A4, 210, 297", "LETTER, 215.9, 279.4"})
    void bothPapersHoldIt(String paper, double width, double height) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(pdf(1, "?paper=" + paper))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            for (PDPage page : pdf.getPages()) {
                assertThat((double) page.getMediaBox().getWidth()).isCloseTo(width * POINTS_PER_MM, within(1.0));
                assertThat((double) page.getMediaBox().getHeight()).isCloseTo(height * POINTS_PER_MM, within(1.0));
            }
        }
    }

    @Test
    void everyFontIsInTheFile() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(pdf(3, ""))) {
            for (PDPage page : pdf.getPages()) {
                List<String> names = new ArrayList<>();
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded())
                            .as(page.getResources().getFont(name).getName())
                            .isTrue();
                    names.add(page.getResources().getFont(name).getName());
                }
                assertThat(names).anyMatch(n -> n.contains("Barlow"));
            }
        }
    }

    @Test
    void theCaseFileInItLoadsAgainAsWhatItWas() throws IOException {
        byte[] pdf = pdf(9, "");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Map<String, PDComplexFileSpecification> files =
                    document.getDocumentCatalog().getNames().getEmbeddedFiles().getNames();
            assertThat(files).hasSize(1);
            String attached = new String(
                    files.values().iterator().next().getEmbeddedFile().toByteArray(), StandardCharsets.UTF_8);
            assertThat(JsonMapper.shared().readTree(attached)).isEqualTo(json(server.get("/api/jobs/9/case-file")));
        }
        HttpResponse<String> loaded = server.sendBytes("/api/case-files", "application/pdf", pdf);
        assertThat(loaded.statusCode()).as(loaded.body()).isEqualTo(201);
        long again = json(loaded).at("/jobIds/0").asLong();
        assertThat(server.sheet(again).at("/diagnosis/headline"))
                .isEqualTo(server.sheet(9).at("/diagnosis/headline"));
        assertThat(json(server.sendBytes("/api/case-files", "application/pdf", new byte[] {1, 2, 3}))
                        .at("/errors/0/message")
                        .asString())
                .contains("no PDF");
    }

    @ParameterizedTest
    @CsvSource({
        "1, INLINE, 2",
        "2, FLAT, 2",
        "3, INLINE, 2",
        "4, INLINE, 2",
        "5, INLINE, 2",
        "6, V, 2",
        "8, V, 2",
        "12, V, 2",
        "10, INLINE, 2",
        "16, V, 3"
    })
    void everyEngineFitsWithAllItsCylinders(int cylinders, String layout, int pages) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(pdf(job(cylinders, layout, ""), ""))) {
            String text = text(pdf);
            for (int c = 2; c <= cylinders; c++) {
                assertThat(text).contains("" + (1200 + c));
            }
            assertThat(text).contains("1001");
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(pages);
        }
    }

    @Test
    void whatSomebodyTypedIsPrintedAndNeverRun() throws IOException {
        long id = job(4, "INLINE", """
                ,"complaint":"\\u0007<script>alert(1)</script> {kPa:3} \\"smokes\\" \\\\ %s","owner":"Αλκυόνη & Чайка","craft":"<b>Skiff</b>"\
                """.formatted("long ".repeat(500)));
        try (PDDocument pdf = Loader.loadPDF(pdf(id, ""))) {
            String text = text(pdf);
            assertThat(text)
                    .contains("<script>alert(1)</script> {kPa:3} \"smokes\" \\", "Αλκυόνη & Чайка", "<b>Skiff</b>");
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
        String pages =
                json(server.get("/api/jobs/" + id + "/report")).at("/pages").asString();
        assertThat(pages).doesNotContain("<script", "<b>Skiff").contains("&lt;script&gt;");
    }

    @Test
    void whatMustNotRunIsSaidBeforeEverythingElse() throws IOException {
        server.send(
                "PATCH",
                "/api/jobs/11/examination/signs",
                "application/json",
                "{\"oilPressure\": {\"hotKPa\": 20, \"hotRpm\": 2000}}");
        try (PDDocument pdf = Loader.loadPDF(pdf(11, ""))) {
            assertThat(text(pdf))
                    .contains("Do not run this engine. Oil pressure hot is below")
                    .contains("WHAT TO DO Grade and dilution of the oil first", "It must not run as it is.");
        }
        server.undo(11);
    }

    @Test
    void photosFollowUprightAndSmall() throws IOException {
        long id = job(4, "INLINE", "");
        ByteArrayOutputStream large = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB), "png", large);
        server.sendBytes("/api/jobs/" + id + "/photos/plugs/3", "image/png", large.toByteArray());
        server.sendBytes("/api/jobs/" + id + "/photos/inside/2", "image/webp", WEBP);
        byte[] pdf = pdf(id, "");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            assertThat(text(document)).contains("Photos", "Plugs, cylinder 3", "Look inside, cylinder 2", "3 of 3");
        }
        JsonNode page = json(server.get("/api/jobs/" + id + "/report"));
        assertThat(page.at("/pages").asString()).contains("src=\"/api/photos/");
    }

    @Test
    void photosThatAreTooLargeStayOutOfTheAttachedFileAndThePageSaysSo() throws IOException {
        long id = job(4, "INLINE", "");
        byte[] large = new byte[5_900_000];
        System.arraycopy(WEBP, 0, large, 0, WEBP.length);
        for (int c = 1; c <= 2; c++) {
            server.sendBytes("/api/jobs/" + id + "/photos/plugs/" + c, "image/webp", large);
        }
        try (PDDocument document = Loader.loadPDF(pdf(id, ""))) {
            assertThat(text(document)).contains("without its photos, which are too large");
            PDComplexFileSpecification file = document.getDocumentCatalog()
                    .getNames()
                    .getEmbeddedFiles()
                    .getNames()
                    .values()
                    .iterator()
                    .next();
            assertThat(file.getEmbeddedFile().getSize()).isLessThan(100_000);
        }
        assertThat(server.get("/api/jobs/" + id + "/case-file").body().length()).isGreaterThan(10_000_000);
    }

    @Test
    void theBrowserGetsTheSamePages() {
        JsonNode page = json(server.get("/api/jobs/1/report?paper=LETTER"));
        assertThat(page.at("/paper").asString()).contains("size: 215.9mm 279.4mm", "counter(page)");
        assertThat(page.at("/pages").asString())
                .contains("Cylinder 3 leaks past its piston rings.", "data-section", "technician, date")
                .doesNotContain("style=");
        assertThat(server.get("/api/jobs/1/report?paper=PAPYRUS").statusCode()).isEqualTo(400);
        assertThat(server.get("/api/jobs/999/report.pdf").statusCode()).isEqualTo(404);
    }

    @Test
    void theShopSignsEveryReportFromThenOn() throws IOException {
        String was = server.get("/api/shop/letterhead").body();
        json(server.put("/api/shop/letterhead", "{\"shop\":\" Otter Slip \",\"paper\":\"LETTER\"}"));
        try (PDDocument pdf = Loader.loadPDF(pdf(2, ""))) {
            assertThat(text(pdf)).contains("Otter Slip").doesNotContain("Marrow Sound Yard Engine");
            assertThat(pdf.getPage(0).getMediaBox().getHeight()).isLessThan(800);
        }
        JsonNode refused = json(server.put("/api/shop/letterhead", "{\"shop\":\"" + "x".repeat(81) + "\"}"));
        assertThat(refused.at("/errors/0/field").asString()).isEqualTo("shop");
        assertThat(json(server.get("/api/shop/letterhead")).at("/shop").asString())
                .isEqualTo("Otter Slip");
        server.put("/api/shop/letterhead", was);
    }

    @Test
    void anEngineStaysItsOwnersOnTheNextVisit() {
        JsonNode first = server.sheet(1);
        JsonNode next = json(
                server.post("/api/jobs", """
                {"engineId":%d,"job":{"date":"2026-12-01"}}""".formatted(first.at("/engine/id").asLong())));
        assertThat(next.at("/job/job/owner").asString()).isEqualTo("Sound Water Taxis");
        assertThat(next.at("/job/job/craft").asString()).isEqualTo("Water taxi No. 4");
    }
}
