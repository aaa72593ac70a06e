package silentotter.app.shop;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.core.compression.School;
import silentotter.core.plugs.PlugSchool;

/** What this shop has chosen once for all its jobs. A choice changes what every sheet says. */
@Service
public class Choices {
    private final ShopMapper mapper;
    private final Journal journal;

    Choices(ShopMapper mapper, Journal journal) {
        this.mapper = mapper;
        this.journal = journal;
    }

    /** The school of evenness that leads; the others are shown beside it. */
    @Transactional(readOnly = true)
    public School leadingSchool() {
        return mapper.leadingSchool();
    }

    /** The school of plug reading whose statements count; the rest are shown beside them. */
    @Transactional(readOnly = true)
    public PlugSchool leadingPlugSchool() {
        return mapper.leadingPlugSchool();
    }

    @Transactional
    public void lead(School school) {
        mapper.lead(school);
        journal.touchedAllJobs();
    }

    @Transactional
    public void leadPlugs(PlugSchool school) {
        mapper.leadPlugs(school);
        journal.touchedAllJobs();
    }
}
