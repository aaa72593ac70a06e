package silentotter.core.report;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.found.TakenApart.cylinder;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import silentotter.core.closing.Closing;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Change.ChangeKind;
import silentotter.core.comparison.Comparison;
import silentotter.core.comparison.Visit;
import silentotter.core.compression.Bench;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.fault.Learnt;
import silentotter.core.found.CylinderFound.RingsFound;
import silentotter.core.found.Outcome;
import silentotter.core.found.TakenApart;
import silentotter.core.job.JobRecord;
import silentotter.core.outcome.Review;
import silentotter.core.outcome.Said;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

class LeafletTest {
    private static JobRecord compressed(double... kPa) {
        return Bench.inline(kPa.length).labelled(3, "C").dry(kPa).record();
    }

    private static Leaflet beforeAndAfter(JobRecord was, JobRecord is, String units, Change... changes) {
        Visit before = Visit.of(1, was, Learnt.NOTHING);
        Visit after = Visit.of(2, is, Learnt.NOTHING);
        return BeforeAndAfter.write(
                is,
                before,
                after,
                Comparison.of(before, after, List.of(changes)),
                Letterhead.NONE,
                new Wording(is.engine(), Units.of(units)));
    }

    private static String all(Leaflet leaflet) {
        return leaflet.title()
                + leaflet.lead()
                + leaflet.parts().stream()
                        .map(p -> p.title() + p.lines() + p.rows())
                        .collect(Collectors.joining());
    }

    @Test
    void aDifferenceIsSaidWithItsRangeAndNotCreditedToOneOfTwoChanges() {
        Leaflet leaflet = beforeAndAfter(
                compressed(1300, 1290, 900, 1295),
                compressed(1300, 1290, 1310, 1295),
                "",
                new Change(LocalDate.EPOCH, Optional.empty(), ChangeKind.REPAIR, "valves ground in"),
                new Change(LocalDate.EPOCH, Optional.empty(), ChangeKind.OIL_CHANGE, "other grade"));

        assertThat(leaflet.title()).startsWith("Compression of cylinder C, against its sisters, rose by");
        assertThat(leaflet.lead()).singleElement().asString().contains("cannot be put down to one of them");
        assertThat(all(leaflet))
                .contains("valves ground in", "no difference", "better")
                .doesNotContain("{");
    }

    @Test
    void whereNothingMovedBeyondTheGaugesThatIsAllItClaims() {
        Leaflet leaflet = beforeAndAfter(compressed(1300, 1290, 1280, 1295), compressed(1310, 1280, 1290, 1300), "psi");

        assertThat(leaflet.title()).isEqualTo("No difference beyond what the gauges and the conditions leave open.");
        assertThat(leaflet.lead()).isEmpty();
        assertThat(all(leaflet)).contains(" psi (").doesNotContain("better", "worse", "kPa");
    }

    @Test
    void whatDoesNotCompareIsSaid() {
        assertThat(beforeAndAfter(Bench.inline(4).record(), compressed(1300, 1290, 1280, 1295), "")
                        .title())
                .isEqualTo("Nothing was measured on both visits that compares.");
    }

    @Test
    void whatWasNotLookedAtIsNeverCalledGood() {
        TakenApart found = TakenApart.engine().with(3, cylinder().rings(RingsFound.STUCK));
        Examination seen = new Examination(null, null, null, null, null, null, null, null, found.found(), Closing.OPEN);
        JobRecord record = Bench.inline(4).labelled(3, "C").record(seen);
        Review review = Review.of(
                Said.nothingYet().suspect(Family.RINGS, Fault.RING_SEAL, .7, 3).prediction(),
                Outcome.of(record.engine(), found.found()));
        Leaflet leaflet = FoundSheet.write(
                record, Optional.of(review), Letterhead.NONE, new Wording(record.engine(), Units.METRIC));

        assertThat(leaflet.parts().get(0).rows())
                .contains(List.of("Cylinder C", "rings stuck"), List.of("Cylinder 1", "not looked at"));
        assertThat(leaflet.lead()).singleElement().asString().startsWith("Right.");
        assertThat(all(leaflet)).contains("70 %", "it was so: rings stuck");
    }
}
