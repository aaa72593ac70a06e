package silentotter.app.report;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.logging.Level;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDEmbeddedFilesNameTreeNode;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;
import silentotter.core.input.InvalidInput;

/** Makes a PDF of a page description, with the fonts of this application in it and a file attached; and takes that out. */
final class ReportPdf {
    private record Face(String family, String file, int weight) {}

    /** The last one only stands in where the others lack a letter: Greek and Cyrillic names. */
    private static final List<Face> FACES = List.of(
            new Face("Barlow Semi Condensed", "BarlowSemiCondensed-Regular", 400),
            new Face("Barlow Semi Condensed", "BarlowSemiCondensed-SemiBold", 600),
            new Face("B612", "B612-Regular", 400),
            new Face("B612", "B612-Bold", 700),
            new Face("Noto Sans", "NotoSans-Regular", 400));

    private static final String ENDING = ".case.json";

    static {
        // It tells of every font that it loads.
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.WARNING));
    }

    private ReportPdf() {}

    /** @param xhtml with its pictures in it: nothing is fetched */
    static byte[] of(String xhtml, String name, byte[] attached) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        // Tagged for a screen reader; and only the fonts below are ever used.
        builder.usePdfUaAccessibility(true);
        FACES.forEach(f -> builder.useFont(
                () -> ReportPdf.class.getResourceAsStream("/report/fonts/" + f.file() + ".ttf"),
                f.family(),
                f.weight(),
                FontStyle.NORMAL,
                true));
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.withHtmlContent(xhtml, null);
        builder.withProducer("Silent Otter");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer();
                PDDocument document = renderer.createPDFKeepOpen()) {
            attach(document, name, attached);
            document.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void attach(PDDocument document, String name, byte[] content) throws IOException {
        PDEmbeddedFile file = new PDEmbeddedFile(document, new ByteArrayInputStream(content), COSName.FLATE_DECODE);
        file.setSubtype("application/json");
        file.setSize(content.length);
        PDComplexFileSpecification said = new PDComplexFileSpecification();
        said.setFile(name);
        said.setFileUnicode(name);
        said.setFileDescription("The case file: every reading of this engine, to be loaded again");
        said.setEmbeddedFile(file);
        said.setEmbeddedFileUnicode(file);
        PDEmbeddedFilesNameTreeNode tree = new PDEmbeddedFilesNameTreeNode();
        tree.setNames(Map.of(name, said));
        PDDocumentNameDictionary names = new PDDocumentNameDictionary(document.getDocumentCatalog());
        names.setEmbeddedFiles(tree);
        document.getDocumentCatalog().setNames(names);
    }

    /**
     * The case file that a report carries.
     *
     * @throws InvalidInput when it is no PDF, or carries none
     */
    static byte[] attached(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Optional<PDEmbeddedFilesNameTreeNode> tree = Optional.ofNullable(
                            document.getDocumentCatalog().getNames())
                    .map(PDDocumentNameDictionary::getEmbeddedFiles);
            Map<String, PDComplexFileSpecification> names =
                    tree.isPresent() ? tree.get().getNames() : Map.of();
            for (PDComplexFileSpecification file :
                    Optional.ofNullable(names).orElse(Map.of()).values()) {
                if (file.getFile().endsWith(ENDING) && file.getEmbeddedFile() != null) {
                    return file.getEmbeddedFile().toByteArray();
                }
            }
        } catch (IOException e) {
            throw InvalidInput.at("file", "is no PDF that can be read", "a report of this application, or a case file");
        }
        throw InvalidInput.at("file", "carries no case file", "a report of this application, or a case file");
    }
}
