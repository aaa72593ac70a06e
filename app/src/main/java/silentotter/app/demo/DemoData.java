package silentotter.app.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.engine.Engines;
import silentotter.app.progress.Progress;
import silentotter.app.sheet.JobList;
import silentotter.app.shop.Choices;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Paper;

/** Loads the Marrow Sound harbour yard into an empty database, through the same door as any case file. */
@Component
@ConditionalOnProperty("otter.demo")
record DemoData(CaseFiles caseFiles, Engines engines, Progress progress, JobList list, Choices choices)
        implements ApplicationRunner {

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (!engines.all().isEmpty()) {
            return;
        }
        Resource[] found = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.case.json");
        List<Resource> inOrder = Arrays.stream(found)
                .sorted(Comparator.comparing(Resource::getFilename))
                .toList();
        for (Resource file : inOrder) {
            caseFiles.load(file.getContentAsString(StandardCharsets.UTF_8), progress.begin(null));
        }
        choices.sign(new Letterhead("Marrow Sound Yard", "Engine examination without teardown", null, Paper.A4));
        list.settle();
    }
}
