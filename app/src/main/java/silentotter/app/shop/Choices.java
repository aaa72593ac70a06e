package silentotter.app.shop;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.shop.ShopMapper.Choice;
import silentotter.app.storage.Documents;
import silentotter.core.decision.CostsDocument;
import silentotter.core.finding.Shop;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.report.Letterhead;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;

/** What this shop has chosen once for all its jobs. A choice changes what every sheet says. */
@Service
public class Choices {
    /** Leak curves cost some twenty twin runs each and depend only on their setup, so they are remembered. */
    private final LoadingCache<CrankingSetup, LeakCurve> curves =
            Caffeine.newBuilder().maximumSize(500).build(LeakCurve::of);

    /** The same for the curves of the combined diagnosis. */
    private final LoadingCache<CrankingSetup, GaugeCurve> gauges =
            Caffeine.newBuilder().maximumSize(2000).build(GaugeCurve::of);

    private final ShopMapper mapper;
    private final Journal journal;
    private final Documents documents;

    Choices(ShopMapper mapper, Journal journal, Documents documents) {
        this.mapper = mapper;
        this.journal = journal;
        this.documents = documents;
    }

    /** The shop, as interpretations ask for it. */
    @Transactional(readOnly = true)
    public Shop shop() {
        return new Shop(
                mapper.choices().stream().collect(Collectors.toMap(Choice::matter, Choice::chosen)),
                curves::get,
                gauges::get);
    }

    /** The same with what work costs here: only a plan asks for that, no sheet does. */
    @Transactional(readOnly = true)
    public Shop shopWithCosts() {
        return shop().at(costs().read());
    }

    /** What work costs here, as it was said. */
    @Transactional(readOnly = true)
    public CostsDocument costs() {
        return mapper.costs()
                .map(json -> documents.read(json, CostsDocument.class))
                .orElse(CostsDocument.NONE);
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by field */
    @Transactional
    public void cost(CostsDocument costs) {
        costs.read();
        mapper.setCosts(documents.write(costs));
        journal.touchedAllJobs();
    }

    /** How this shop signs its reports. */
    @Transactional(readOnly = true)
    public Letterhead letterhead() {
        return mapper.letterhead()
                .map(json -> documents.read(json, Letterhead.class))
                .orElse(Letterhead.NONE);
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by field */
    @Transactional
    public void sign(Letterhead letterhead) {
        mapper.setLetterhead(documents.write(letterhead.checked()));
    }

    /** The school that leads in its matter from now on; the others are shown beside it. */
    @Transactional
    public void lead(Enum<?> school) {
        mapper.choose(new Choice(school.getDeclaringClass().getSimpleName(), school.name()));
        journal.touchedAllJobs();
    }
}
