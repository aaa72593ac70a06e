package silentotter.app.casefile;

import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.part.FileText;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.DiagnosisView;
import silentotter.app.shop.Choices;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Wording;
import tools.jackson.databind.json.JsonMapper;

/** What a case file says, answered at once and forgotten. */
@RestController
class InterpretationController {
    private final CaseFiles files;
    private final Choices choices;
    private final AskedUnits asked;
    private final JsonMapper json;

    InterpretationController(CaseFiles files, Choices choices, AskedUnits asked, JsonMapper json) {
        this.files = files;
        this.choices = choices;
        this.asked = asked;
        this.json = json;
    }

    /** @param job position of the job in the file, from 0; the last one where it is left out */
    @PostMapping(
            path = "/api/interpretations",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    DiagnosisView interpret(@RequestBody byte[] caseFile, @RequestParam(required = false) @Nullable Integer job) {
        JobRecord record = files.record(FileText.of(caseFile), job);
        Interpretation said = Interpreter.interpret(record, choices.shop());
        return new DiagnosisView(json.writer()
                .withAttribute(Wording.class, new Wording(said.engine(), asked.units()))
                .writeValueAsString(said.diagnosis()));
    }
}
