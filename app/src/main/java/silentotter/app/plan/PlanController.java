package silentotter.app.plan;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.part.FileText;
import silentotter.app.shop.Choices;
import silentotter.core.decision.Costs;
import silentotter.core.decision.CostsDocument;
import silentotter.core.decision.Missed;
import silentotter.core.decision.Repair;
import silentotter.core.fault.Cause;
import silentotter.core.interpretation.Interpreter;

/** The plan of a job, what a case file says, and what work costs here. */
@RestController
record PlanController(Plans plans, CaseFiles files, Choices choices) {
    /** @param usualHours and usualParts what stands where the shop has said nothing */
    record RepairCost(Repair repair, double usualHours, double usualParts) {}

    record MissedCost(Cause cause, String fault, boolean ofOneCylinder, double usual, String because) {}

    /** The shop's own costs, and the usual ones that stand for the rest. */
    record CostsView(
            CostsDocument own,
            double usualHourlyRate,
            double usualDowntimePerHour,
            List<RepairCost> repairs,
            List<MissedCost> missed) {
        static CostsView of(CostsDocument own) {
            return new CostsView(
                    own,
                    Costs.USUAL.hourlyRate(),
                    Costs.USUAL.downtimePerHour(),
                    Arrays.stream(Repair.values())
                            .filter(r -> r.usualHours() > 0)
                            .map(r -> new RepairCost(r, r.usualHours(), r.usualParts()))
                            .toList(),
                    Arrays.stream(Cause.values())
                            .filter(c -> c != Cause.ALL_ALIKE)
                            .map(c -> new MissedCost(
                                    c,
                                    c.fault().words(),
                                    c.isOfOneCylinder(),
                                    Missed.of(c).loss(),
                                    Missed.of(c).because()))
                            .toList());
        }
    }

    /** The round from here and what to do, as the job now stands. Comes behind the sheet. */
    @GetMapping(path = "/api/jobs/{id}/plan", produces = MediaType.APPLICATION_JSON_VALUE)
    PlanView plan(@PathVariable long id) {
        return plans.plan(id);
    }

    /**
     * What a case file says, answered at once and forgotten.
     *
     * @param job position of the job in the file, from 0; the last one where it is left out
     */
    @PostMapping(
            path = "/api/interpretations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    AnswerView interpret(@RequestBody byte[] caseFile, @RequestParam(required = false) @Nullable Integer job) {
        return plans.answer(Interpreter.interpret(files.record(FileText.of(caseFile), job), choices.shop()));
    }

    @GetMapping("/api/shop/costs")
    CostsView costs() {
        return CostsView.of(choices.costs());
    }

    /** Counts for all jobs from now on; what is left out is usual again. */
    @PutMapping("/api/shop/costs")
    CostsView setCosts(@RequestBody CostsDocument costs) {
        choices.cost(costs);
        return CostsView.of(costs);
    }
}
