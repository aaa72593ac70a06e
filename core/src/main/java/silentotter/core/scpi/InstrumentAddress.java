package silentotter.core.scpi;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where an instrument stands: in the network of the shop, or on a serial line of this machine. */
public sealed interface InstrumentAddress {
    int USUAL_PORT = 5025;
    int USUAL_BAUD = 9600;

    /**
     * @param host a name or number of a machine
     * @param port 1 to 65535
     */
    record Network(String host, int port) implements InstrumentAddress {
        @Override
        public String written() {
            return host + ":" + port;
        }
    }

    /**
     * Eight bits, no parity, one stop bit.
     *
     * @param device its name on this machine
     * @param baud bits a second
     */
    record Serial(String device, int baud) implements InstrumentAddress {
        @Override
        public String written() {
            return device + "@" + baud;
        }
    }

    /** As it is typed, complete. */
    String written();

    /**
     * @param typed {@code 192.168.1.40}, {@code gauge.shop:5026}, {@code [fe80::1]:5025}, {@code /dev/ttyUSB0} or
     *     {@code COM3@115200}; port 5025 and 9600 baud where nothing is said
     * @return empty when it is none
     */
    static Optional<InstrumentAddress> of(String typed) {
        String text = typed.strip();
        Matcher serial = Patterns.SERIAL.matcher(text);
        if (serial.matches()) {
            return number(serial.group(2), USUAL_BAUD, 300, 4_000_000).map(baud -> new Serial(serial.group(1), baud));
        }
        Matcher network = Patterns.NETWORK.matcher(text);
        if (text.length() <= Patterns.LONGEST && network.matches()) {
            return number(network.group(2), USUAL_PORT, 1, 65_535).map(port -> new Network(network.group(1), port));
        }
        return Optional.empty();
    }

    private static Optional<Integer> number(String text, int usual, int least, int most) {
        int value = text == null ? usual : text.length() > 7 ? -1 : Integer.parseInt(text);
        return value < least || value > most ? Optional.empty() : Optional.of(value);
    }

    /** How addresses are written. */
    final class Patterns {
        private static final int LONGEST = 260;
        private static final Pattern SERIAL =
                Pattern.compile("(/dev/[A-Za-z0-9_./-]*[A-Za-z0-9]|COM[0-9]{1,3})(?:@([0-9]+))?");
        /** Letters, digits, dots and dashes, or a number of the newer kind in brackets. */
        private static final Pattern NETWORK =
                Pattern.compile("([A-Za-z0-9](?:[A-Za-z0-9.-]*[A-Za-z0-9])?|\\[[0-9A-Fa-f:.]+])(?::([0-9]+))?");

        private Patterns() {}
    }
}
