package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.LeakdownDocument;
import silentotter.app.leakdown.TesterDocument;
import silentotter.app.leakdown.Testers;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.Problems;
import silentotter.core.instruments.TesterCalibration;
import silentotter.core.instruments.TesterCalibration.BleedHole;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.ListenedWith;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/** Leak-down readings and testers. Each change is one transaction, answered with the whole new sheet. */
@RestController
@RequestMapping("/api/jobs/{id}/leakdown")
class LeakdownController {
    private final Sheets sheets;
    private final Leakdown leakdown;
    private final Testers testers;
    private final Jobs jobs;

    LeakdownController(Sheets sheets, Leakdown leakdown, Testers testers, Jobs jobs) {
        this.sheets = sheets;
        this.leakdown = leakdown;
        this.testers = testers;
        this.jobs = jobs;
    }

    record NewLeakdown(
            @Nullable String key, @Nullable Integer attempt, long testerId, int cylinder, LeakdownDocument reading) {}

    record LeakdownMove(int cylinder) {}

    record HeardMove(long to) {}

    /** @param heard nothing takes the place back to "not listened" */
    record Listening(
            Place place,
            @Nullable Heard heard,
            @Nullable Integer neighbour,
            @Nullable Boolean excluded,
            @Nullable ListenedWith listenedWith) {}

    record LeakdownSetAside(@Nullable String reason) {}

    record TesterChange(int revision, TesterDocument tester) {}

    record BleedReading(Double bleedHoleMm, @Nullable Double bleedDischargeCoefficient, Double leakPercent) {}

    /** @param holes one where the supply is known, two where the dial hides it */
    record Calibration(@Nullable Double supplyKPa, List<BleedReading> holes) {}

    @PostMapping("/readings")
    SheetView addLeakdown(@PathVariable long id, @RequestBody NewLeakdown body) {
        leakdown.add(
                id, sheets.engineOf(id), body.testerId(), body.cylinder(), body.key(), body.attempt(), body.reading());
        return sheets.sheet(id);
    }

    @PostMapping("/readings/{readingId}/heard")
    SheetView hear(@PathVariable long id, @PathVariable long readingId, @RequestBody Listening body) {
        leakdown.hear(
                id,
                sheets.engineOf(id),
                readingId,
                body.place(),
                body.heard(),
                body.neighbour(),
                Boolean.TRUE.equals(body.excluded()),
                body.listenedWith());
        return sheets.sheet(id);
    }

    @PutMapping("/readings/{readingId}/set-aside")
    SheetView setAsideLeakdown(
            @PathVariable long id, @PathVariable long readingId, @RequestBody LeakdownSetAside body) {
        leakdown.setAside(id, readingId, body.reason());
        return sheets.sheet(id);
    }

    /** Puts a reading where it belongs when it was typed on the wrong cylinder. */
    @PutMapping("/readings/{readingId}/cylinder")
    SheetView moveLeakdown(@PathVariable long id, @PathVariable long readingId, @RequestBody LeakdownMove body) {
        leakdown.move(id, sheets.engineOf(id), readingId, body.cylinder());
        return sheets.sheet(id);
    }

    /** Hands what was heard to another reading. */
    @PutMapping("/readings/{readingId}/heard")
    SheetView moveHeard(@PathVariable long id, @PathVariable long readingId, @RequestBody HeardMove body) {
        leakdown.moveHeard(id, sheets.engineOf(id), readingId, body.to());
        return sheets.sheet(id);
    }

    @PostMapping("/testers")
    SheetView addTester(@PathVariable long id, @RequestBody TesterDocument body) {
        testers.add(body);
        return sheets.sheet(id);
    }

    @PutMapping("/testers/{testerId}")
    SheetView changeTester(@PathVariable long id, @PathVariable long testerId, @RequestBody TesterChange body) {
        testers.change(testerId, body.revision(), body.tester());
        return sheets.sheet(id);
    }

    /** Finds the orifice of a tester, and its supply where two holes were read. */
    @PostMapping("/testers/{testerId}/calibration")
    SheetView calibrate(@PathVariable long id, @PathVariable long testerId, @RequestBody Calibration body) {
        Testers.StoredTester stored = testers.byId(testerId);
        Problems problems = new Problems();
        List<BleedHole> holes = holes(body, problems);
        Optional<Pressure> supply = problems.optional(
                        "supplyKPa", body.supplyKPa(), AllowedRange.SUPPLY, Pressure::ofKPa)
                .or(() -> Optional.ofNullable(stored.tester().supplyKPa()).map(Pressure::ofKPa));
        if (holes.size() == 1 && supply.isEmpty()) {
            problems.add("supplyKPa", "is needed with one hole; two holes of different size find it");
        }
        problems.throwIfAny();
        Pressure ambient = jobs.read(jobs.byId(id)).value().ambient().pressure();
        TesterCalibration found = problems.attempt(
                        "holes",
                        () -> holes.size() == 1
                                ? TesterCalibration.of(holes.get(0), supply.orElseThrow(), ambient)
                                : TesterCalibration.of(holes.get(0), holes.get(1), ambient))
                .orElse(null);
        problems.throwIfAny();
        testers.change(
                testerId,
                stored.revision(),
                stored.tester()
                        .calibratedTo(
                                found.orifice().equivalentHole().mm(),
                                found.supply().kPa()));
        return sheets.sheet(id);
    }

    private static List<BleedHole> holes(Calibration body, Problems problems) {
        List<BleedReading> given = body.holes() == null ? List.of() : body.holes();
        if (given.isEmpty() || given.size() > 2) {
            problems.add("holes", "needs one bleed hole, or two");
        }
        List<BleedHole> holes = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            String path = "holes[" + i + "].";
            BleedReading r = given.get(i);
            Optional<Length> hole =
                    problems.required(path + "bleedHoleMm", r.bleedHoleMm(), AllowedRange.BLEED_HOLE, Length::ofMm);
            Optional<Double> percent = problems.required(
                    path + "leakPercent", r.leakPercent(), AllowedRange.LEAK_PERCENT_OF_A_HOLE, v -> v);
            double discharge = problems.optional(
                            path + "bleedDischargeCoefficient",
                            r.bleedDischargeCoefficient(),
                            AllowedRange.BLEED_DISCHARGE,
                            v -> v)
                    .orElse(1.0);
            if (percent.filter(p -> p == 0).isPresent()) {
                problems.add(path + "leakPercent", "a bleed hole that reads 0 says nothing of the orifice");
            } else {
                hole.flatMap(h -> percent.map(p -> new BleedHole(h, discharge, p)))
                        .ifPresent(holes::add);
            }
        }
        return holes;
    }
}
