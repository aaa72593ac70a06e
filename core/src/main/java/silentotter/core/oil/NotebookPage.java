package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A pasted page of a notebook, line by line: what each was taken for, and what only its writer knows. Nothing is guessed in
 * silence: what could be read in two ways is taken in the likelier one and asked back.
 *
 * @param dateOrder which of two numbers of a date is the day, as it was taken on this page
 */
public record NotebookPage(List<PageLine> lines, DateOrder dateOrder, boolean dateOrderAsked) {
    private static final int MOST_LINES = 500;
    private static final int LONGEST_LINE = 300;

    /** Which of two numbers comes first. */
    public enum DateOrder {
        DAY_FIRST,
        MONTH_FIRST
    }

    /**
     * One line.
     *
     * @param text as it was pasted
     * @param taken what it was taken for, in words; empty for a line that is none
     * @param asks what only the writer knows; the line is taken as it says there unless it is changed
     * @param entries the lines of the log that it makes: none, one, or a dip and what was poured after it
     */
    public record PageLine(int number, String text, String taken, List<String> asks, List<OilEntryDocument> entries) {
        PageLine worded(UnaryOperator<String> fill) {
            return new PageLine(
                    number, text, fill.apply(taken), asks.stream().map(fill).toList(), entries);
        }
    }

    /** The same with its sentences filled; what was pasted stays as it is. */
    public NotebookPage worded(UnaryOperator<String> fill) {
        return new NotebookPage(lines.stream().map(l -> l.worded(fill)).toList(), dateOrder, dateOrderAsked);
    }

    /**
     * @param order as somebody answered; empty to find it out
     * @param today no line is of a later day, so that a day without its year finds it
     */
    public static NotebookPage read(String text, Optional<DateOrder> order, LocalDate today) {
        List<String> lines = Arrays.stream(text.split("\\R"))
                .limit(MOST_LINES)
                .map(l -> l.strip())
                .map(l -> l.length() > LONGEST_LINE ? l.substring(0, LONGEST_LINE) : l)
                .toList();
        List<String> plain = TableOfLines.spoken(lines);
        PageDates dates = PageDates.of(plain, order, today);
        List<PageLine> result = new ArrayList<>();
        Optional<Meter> meter = usualMeter(plain);
        boolean sideAsked = false;
        for (int i = 0; i < plain.size(); i++) {
            LineReader line = new LineReader(plain.get(i), dates.at(i), dates.without(i), meter, sideAsked);
            PageLine read = line.read(i + 1, lines.get(i));
            sideAsked |= line.askedWhichSide();
            if (!lines.get(i).isEmpty()) {
                result.add(read);
            }
        }
        return new NotebookPage(result, dates.order(), dates.asked());
    }

    /** What a bare number on this page is of: the meter that its other lines name. */
    private static Optional<Meter> usualMeter(List<String> lines) {
        String all = String.join("\n", lines).toLowerCase(Locale.ROOT);
        long hours = LineReader.HOURS.matcher(all).results().count();
        long distance = LineReader.DISTANCE.matcher(all).results().count();
        return hours + distance == 0 ? Optional.empty() : Optional.of(hours >= distance ? Meter.HOURS : Meter.DISTANCE);
    }
}
