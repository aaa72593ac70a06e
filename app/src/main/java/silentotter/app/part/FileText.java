package silentotter.app.part;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import silentotter.core.input.InvalidInput;

/** The text of a file that was sent in; one in another encoding is refused and not guessed at. */
public final class FileText {
    private FileText() {}

    /** @throws InvalidInput when it is neither UTF-8 nor UTF-16 with its mark */
    public static String of(byte[] content) {
        boolean wide = content.length >= 2
                && (content[0] == (byte) 0xFF && content[1] == (byte) 0xFE
                        || content[0] == (byte) 0xFE && content[1] == (byte) 0xFF);
        Charset charset = wide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(content))
                    .toString()
                    .replaceFirst("^\uFEFF", "");
        } catch (CharacterCodingException e) {
            throw InvalidInput.at("the file", "is not in UTF-8; save it as UTF-8");
        }
    }

    /** A name for a file about an engine: plain letters, figures and hyphens. */
    public static String name(String engine) {
        String plain =
                engine.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "engine" : plain;
    }
}
