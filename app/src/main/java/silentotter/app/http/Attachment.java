package silentotter.app.http;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** What is saved as a file and not shown. */
public final class Attachment {
    private Attachment() {}

    /** @param name of the file */
    public static <T> ResponseEntity<T> of(String name, MediaType type, T body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(type)
                .body(body);
    }
}
