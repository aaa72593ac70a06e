package silentotter.app.practice;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import silentotter.app.engine.Engines;
import silentotter.app.http.Conflict;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.Sheets;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.EngineDocument;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Fault;
import silentotter.core.fault.FaultAt;
import silentotter.core.found.Found;
import silentotter.core.found.Outcome;
import silentotter.core.hidden.HiddenFault;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Makes cases of jobs whose engines were opened. */
@Service
class OwnCases {
    private static final String NAME = "An engine of this shop";
    /** How large a fault is that somebody opened an engine for, as {@link HiddenFault} says it; where not said, 1. */
    private static final Map<Fault, Double> SIZES = Map.of(
            Fault.RING_SEAL, 2.6,
            Fault.BROKEN, 6.5,
            Fault.EXHAUST_VALVE, 3.0,
            Fault.INTAKE_VALVE, 3.0,
            Fault.VALVE_HELD, 3.5,
            Fault.VALVE_NOT_OPENING, .5,
            Fault.GASKET_BETWEEN, 3.5,
            Fault.EVEN_WEAR, 2.0,
            Fault.CAM_TIMING, .3);

    private final Jobs jobs;
    private final Engines engines;
    private final Sheets sheets;
    private final JsonMapper json;

    OwnCases(Jobs jobs, Engines engines, Sheets sheets, JsonMapper json) {
        this.jobs = jobs;
        this.engines = engines;
        this.sheets = sheets;
        this.json = json;
    }

    /** @return the case, written @throws Conflict when nothing is known of what was wrong, or too little of the engine */
    String of(long jobId) {
        EngineDocument engine =
                engines.read(engines.byId(jobs.byId(jobId).engineId())).document();
        if (engine.boreMm() == null || engine.strokeMm() == null) {
            throw new Conflict("A case needs the bore and the stroke of the engine. Say them under its name first.");
        }
        Found found =
                sheets.record(jobId).last(Examination.class, Examination.EMPTY).found();
        if (!found.begun()) {
            throw new Conflict("Nothing is known yet of what was wrong. Write it down under Found first.");
        }
        List<HiddenFault> faults = Outcome.of(sheets.record(jobId).engine(), found).present().stream()
                .filter(f -> f.fault().family().isPresent() && f.fault() != Fault.NOTHING_WRONG)
                .map(OwnCases::hidden)
                .toList();
        ObjectNode nameless = json.valueToTree(engine);
        nameless.put("name", NAME);
        List.of("family", "labels").forEach(nameless::remove);
        return json.writeValueAsString(new OwnCase(json.treeToValue(nameless, EngineDocument.class), faults));
    }

    private static HiddenFault hidden(FaultAt at) {
        return new HiddenFault(
                at.fault(),
                at.cylinders().stream().map(CylinderNumber::value).toList(),
                SIZES.getOrDefault(at.fault(), 1.0));
    }
}
