package silentotter.app.oil;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** What falls due as iCalendar (RFC 5545): a day each, so that it stands at the head of that day. */
final class DueCalendar {
    private DueCalendar() {}

    /** @param says in the words and units of whoever asked; lines without a day are left out */
    static String of(List<DueLine> due, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Silent Otter//due//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        due.stream().filter(d -> d.date().isPresent()).forEach(d -> calendar.add(event(d, now)));
        return calendar.toString();
    }

    private static VEvent event(DueLine d, Instant now) {
        VEvent event = new VEvent(
                LocalDate.parse(d.date().orElseThrow()),
                d.engineName() + ": " + d.kind().words());
        event.add(new Uid(d.name() + "@silent-otter"));
        event.replace(new DtStamp(now));
        event.add(new Description(d.says()));
        event.add(ImmutableTransp.TRANSPARENT);
        return event;
    }
}
