package silentotter.core.scpi;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * One command or query of a line.
 *
 * @param header in capitals, without the colon before it and the mark behind it, such as {@code MEAS:PRES} or {@code *IDN}
 * @param query whether an answer is asked for
 * @param parameters as they were sent, without blanks around them
 */
public record ScpiCommand(String header, boolean query, List<String> parameters) {
    public ScpiCommand {
        parameters = List.copyOf(parameters);
    }

    /**
     * The commands of a line, in order. One that follows a semicolon continues in the same branch of the tree unless it
     * begins with a colon (IEEE 488.2, 7.6; SCPI-99, 6.2.4).
     *
     * @param line without its end; several commands stand between semicolons
     * @return empty for an empty line
     */
    public static List<ScpiCommand> of(String line) {
        List<ScpiCommand> all = new ArrayList<>();
        String branch = "";
        for (String each : line.split(";")) {
            String unit = each.strip();
            if (unit.isEmpty()) {
                continue;
            }
            int blank = unit.indexOf(' ');
            String head = blank < 0 ? unit : unit.substring(0, blank);
            String rest = blank < 0 ? "" : unit.substring(blank).strip();
            boolean query = head.endsWith("?");
            String name = (query ? head.substring(0, head.length() - 1) : head).toUpperCase(Locale.ROOT);
            boolean common = name.startsWith("*");
            String whole = name.startsWith(":") ? name.substring(1) : common ? name : branch + name;
            if (!common) {
                branch = whole.contains(":") ? whole.substring(0, whole.lastIndexOf(':') + 1) : "";
            }
            all.add(new ScpiCommand(whole, query, parameters(rest)));
        }
        return all;
    }

    private static List<String> parameters(String rest) {
        List<String> all = new ArrayList<>();
        for (String each : rest.isEmpty() ? new String[0] : rest.split(",", -1)) {
            all.add(each.strip());
        }
        return all;
    }

    /**
     * Whether this is what a header is written as in a manual.
     *
     * @param written such as {@code SYSTem:ERRor[:NEXT]}: capitals are the short form, what stands in brackets may be left out
     */
    public boolean is(String written) {
        return matches(nodes(written), 0, header.split(":"), 0);
    }

    private record Node(String written, boolean optional) {
        /** Short or long, and nothing between the two. */
        boolean accepts(String sent) {
            String brief = written.replaceAll("[a-z]", "");
            return sent.equals(brief) || sent.equals(written.toUpperCase(Locale.ROOT));
        }
    }

    private static List<Node> nodes(String written) {
        List<Node> nodes = new ArrayList<>();
        boolean optional = false;
        for (String each : written.replace("[:", ":[").split(":")) {
            optional = each.startsWith("[");
            nodes.add(new Node(each.replaceAll("[\\[\\]]", ""), optional));
        }
        return nodes;
    }

    private static boolean matches(List<Node> nodes, int node, String[] sent, int at) {
        if (node == nodes.size()) {
            return at == sent.length;
        }
        Node next = nodes.get(node);
        boolean taken = at < sent.length && next.accepts(sent[at]) && matches(nodes, node + 1, sent, at + 1);
        return taken || next.optional() && matches(nodes, node + 1, sent, at);
    }
}
