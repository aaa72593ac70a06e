package silentotter.core.oil;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import silentotter.core.oil.NotebookPage.DateOrder;

/** The dates of a page: in which order their numbers stand is decided over the whole page, and so is a missing year. */
final class PageDates {
    /** A number that is the meter reading behind a date is no year. */
    private static final String YEAR = "((?:19|20)\\d{2})\\b(?!\\s*(?:h|k|mi)|[.,]\\d)";

    private static final Pattern ISO = Pattern.compile("\\b(\\d{4})-(\\d{1,2})-(\\d{1,2})\\b");
    private static final Pattern NUMBERS =
            Pattern.compile("(?<![\\d.,/])(\\d{1,2})([./-])(\\d{1,2})(?:\\2(\\d{4}|\\d{2})|\\.)?(?![\\d/])");
    private static final String MONTH = "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?";
    private static final Pattern DAY_MONTH =
            Pattern.compile("\\b(\\d{1,2})(?:st|nd|rd|th|\\.)?[ -]?" + MONTH + "(?:[ ,-]+" + YEAR + ")?");
    private static final Pattern MONTH_DAY =
            Pattern.compile("\\b" + MONTH + "[ -]?(\\d{1,2})(?:st|nd|rd|th)?\\b(?:[ ,]+" + YEAR + ")?");
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private final DateOrder order;
    private final boolean asked;
    private final List<Optional<LocalDate>> dates;
    private final List<String> without;

    private PageDates(DateOrder order, boolean asked, List<Optional<LocalDate>> dates, List<String> without) {
        this.order = order;
        this.asked = asked;
        this.dates = dates;
        this.without = without;
    }

    /** A date as it stands on a line. @param year 0 where it is missing */
    private record Found(int first, int second, int year, boolean certain, int from, int to) {
        Optional<LocalDate> in(int otherwise, DateOrder order) {
            boolean dayFirst = certain || order == DateOrder.DAY_FIRST;
            try {
                return Optional.of(LocalDate.of(
                        year == 0 ? otherwise : year, dayFirst ? second : first, dayFirst ? first : second));
            } catch (DateTimeException e) {
                return Optional.empty();
            }
        }
    }

    static PageDates of(List<String> lines, Optional<DateOrder> told, LocalDate today) {
        List<Optional<Found>> found = lines.stream().map(PageDates::find).toList();
        List<Found> open = found.stream()
                .flatMap(Optional::stream)
                .filter(f -> !f.certain())
                .toList();
        boolean dayFirst = possible(found, DateOrder.DAY_FIRST, today);
        boolean monthFirst = possible(found, DateOrder.MONTH_FIRST, today);
        DateOrder order = told.orElse(!dayFirst && monthFirst ? DateOrder.MONTH_FIRST : DateOrder.DAY_FIRST);
        boolean asked = told.isEmpty() && dayFirst && monthFirst && !open.isEmpty();
        List<String> without = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            without.add(found.get(i)
                    .map(f -> line.substring(0, f.from()) + " ; " + line.substring(f.to()))
                    .orElse(line));
        }
        return new PageDates(order, asked, dated(found, order, today), without);
    }

    /** Whether all dates exist in this order and run forwards, as a notebook does. */
    private static boolean possible(List<Optional<Found>> found, DateOrder order, LocalDate today) {
        LocalDate before = LocalDate.MIN;
        List<Optional<LocalDate>> dates = dated(found, order, today);
        for (int i = 0; i < found.size(); i++) {
            if (found.get(i).isPresent()) {
                if (dates.get(i).isEmpty() || dates.get(i).get().isBefore(before)) {
                    return false;
                }
                before = dates.get(i).get();
            }
        }
        return true;
    }

    /** A missing year is the latest that puts no line after the next one, and none after today. */
    private static List<Optional<LocalDate>> dated(List<Optional<Found>> found, DateOrder order, LocalDate today) {
        List<Optional<LocalDate>> dates = new ArrayList<>(
                found.stream().map(f -> Optional.<LocalDate>empty()).toList());
        LocalDate next = today;
        for (int i = found.size() - 1; i >= 0; i--) {
            if (found.get(i).isEmpty()) {
                continue;
            }
            Found f = found.get(i).get();
            Optional<LocalDate> date = f.in(next.getYear(), order);
            if (f.year() == 0 && date.filter(next::isBefore).isPresent()) {
                date = f.in(next.getYear() - 1, order);
            }
            dates.set(i, date);
            next = date.filter(next::isAfter).orElse(next);
        }
        return dates;
    }

    private static Optional<Found> find(String line) {
        String text = line.toLowerCase(Locale.ROOT);
        Matcher iso = ISO.matcher(text);
        if (iso.find()) {
            return Optional.of(new Found(number(iso, 3), number(iso, 2), number(iso, 1), true, iso.start(), iso.end()));
        }
        Matcher dayMonth = DAY_MONTH.matcher(text);
        if (dayMonth.find()) {
            int month = MONTHS.indexOf(dayMonth.group(2)) + 1;
            return Optional.of(
                    new Found(number(dayMonth, 1), month, number(dayMonth, 3), true, dayMonth.start(), dayMonth.end()));
        }
        Matcher monthDay = MONTH_DAY.matcher(text);
        if (monthDay.find()) {
            int month = MONTHS.indexOf(monthDay.group(1)) + 1;
            return Optional.of(
                    new Found(number(monthDay, 2), month, number(monthDay, 3), true, monthDay.start(), monthDay.end()));
        }
        Matcher numbers = NUMBERS.matcher(text);
        while (numbers.find()) {
            int a = number(numbers, 1);
            int b = number(numbers, 3);
            int year = number(numbers, 4);
            // "1.5 l" and "3/4" are no dates: a point or stroke alone needs a year, or to stand first on its line.
            boolean alone = numbers.group(4) == null && !numbers.group().endsWith(".");
            boolean looks = a >= 1 && b >= 1 && a <= 31 && b <= 31 && (a <= 12 || b <= 12);
            if (looks
                    && (!alone
                            || numbers.start() == 0
                                    && !text.substring(numbers.end()).matches("^\\s*(l|mm|in|qt|span).*"))) {
                return Optional.of(new Found(
                        a, b, year > 0 && year < 100 ? 2000 + year : year, false, numbers.start(), numbers.end()));
            }
        }
        return Optional.empty();
    }

    private static int number(Matcher m, int group) {
        return m.group(group) == null ? 0 : Integer.parseInt(m.group(group));
    }

    DateOrder order() {
        return order;
    }

    /** Whether both orders are possible on this page. */
    boolean asked() {
        return asked;
    }

    Optional<LocalDate> at(int line) {
        return dates.get(line);
    }

    /** The line with its date taken off. */
    String without(int line) {
        return without.get(line);
    }
}
