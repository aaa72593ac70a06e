package silentotter.app.examination;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/** What kind of picture some bytes are, from how such files begin; what a sender says of them does not count. */
final class PictureType {
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};

    private PictureType() {}

    /** The media type; empty when it is none of the pictures kept here. */
    static Optional<String> of(byte[] content) {
        if (beginsWith(content, 0, JPEG)) {
            return Optional.of("image/jpeg");
        }
        if (beginsWith(content, 0, PNG)) {
            return Optional.of("image/png");
        }
        boolean webp = beginsWith(content, 0, "RIFF".getBytes(StandardCharsets.US_ASCII))
                && beginsWith(content, 8, "WEBP".getBytes(StandardCharsets.US_ASCII));
        return webp ? Optional.of("image/webp") : Optional.empty();
    }

    private static boolean beginsWith(byte[] content, int from, byte[] sign) {
        return content.length >= from + sign.length
                && Arrays.equals(content, from, from + sign.length, sign, 0, sign.length);
    }
}
