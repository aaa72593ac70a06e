package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.compression.SchoolOpinion;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Judged;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Grade;
import silentotter.core.leakdown.LeakdownSchool;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.wording.Labels;
import silentotter.core.wording.Say;

/** What each school says that can be asked, in one line each, as practitioners disagree. Sentences with marks. */
final class Schools {
    private Schools() {}

    static List<Report.School> lines(Interpretation said) {
        List<Report.School> lines = new ArrayList<>();
        said.compression().schools().stream()
                .filter(o -> o.ruling() != Ruling.NOT_ASKED)
                .forEach(o -> lines.add(compression(o)));
        for (LeakdownSchool school : LeakdownSchool.values()) {
            leakdown(said, school).ifPresent(lines::add);
        }
        said.said()
                .of(BlowbyAnalysis.class, BlowbyAnalysis.NONE)
                .opinions()
                .forEach(o -> o.judged()
                        .ifPresent(
                                j -> lines.add(judged("Blow-by: " + o.school().words(), j, o.sure()))));
        said.said()
                .of(OilAnalysis.class, OilAnalysis.NONE)
                .opinions()
                .forEach(o -> o.judged()
                        .ifPresent(j -> lines.add(judged("Oil: " + o.school().words(), j, o.proved()))));
        return lines;
    }

    private static Report.School compression(SchoolOpinion o) {
        String where = o.cylinders().isEmpty() || o.ruling() == Ruling.HOLDS ? "" : ": " + Say.cylinders(o.cylinders());
        return new Report.School(o.rule(), Labels.of(o.ruling()) + where, o.ruling() == Ruling.FAILS);
    }

    private static Optional<Report.School> leakdown(Interpretation said, LeakdownSchool school) {
        List<CylinderLeak> asked = said.leakdown().cylinders().values().stream()
                .filter(l -> grade(said, school, l).isPresent())
                .toList();
        List<CylinderNumber> failing = asked.stream()
                .filter(l ->
                        grade(said, school, l).filter(g -> g == Grade.FAULT).isPresent())
                .map(CylinderLeak::cylinder)
                .sorted()
                .toList();
        List<CylinderNumber> worn = asked.stream()
                .filter(l -> grade(said, school, l).filter(g -> g == Grade.WORN).isPresent())
                .map(CylinderLeak::cylinder)
                .sorted()
                .toList();
        if (asked.isEmpty()) {
            return Optional.empty();
        }
        String says = Stream.of(
                        failing.isEmpty() ? "" : "fails: " + Say.cylinders(failing),
                        worn.isEmpty() ? "" : "worn: " + Say.cylinders(worn))
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining("; "));
        return Optional.of(
                new Report.School("Leak-down: " + school.words(), says.isEmpty() ? "holds" : says, !failing.isEmpty()));
    }

    private static Optional<Grade> grade(Interpretation said, LeakdownSchool school, CylinderLeak leak) {
        return school.grade(leak, said.engine().size().bore());
    }

    private static Report.School judged(String rule, Judged judged, boolean sure) {
        return new Report.School(rule, judged.words() + (sure ? "" : ", not proved"), judged == Judged.FAULT);
    }
}
