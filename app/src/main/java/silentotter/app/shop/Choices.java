package silentotter.app.shop;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.shop.ShopMapper.Choice;
import silentotter.app.storage.Documents;
import silentotter.core.decision.CostsDocument;
import silentotter.core.finding.LearningUse;
import silentotter.core.finding.Shop;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.learning.Lesson;
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

    /** A lesson is never changed, and every sheet asks for the last one. */
    private final LoadingCache<Long, Lesson> known;

    private final ShopMapper mapper;
    private final Journal journal;
    private final Documents documents;
    private final Clock clock;

    Choices(ShopMapper mapper, Journal journal, Documents documents, Clock clock) {
        this.clock = clock;
        this.mapper = mapper;
        this.journal = journal;
        this.documents = documents;
        this.known = Caffeine.newBuilder().maximumSize(10).build(id -> lesson(mapper.lesson(id)));
    }

    /** The shop, as interpretations ask for it. */
    @Transactional(readOnly = true)
    public Shop shop() {
        Shop shop = asChosen();
        return use(shop) == LearningUse.LEFT_OUT
                ? shop
                : mapper.lastLesson()
                        .map(known::get)
                        .map(l -> shop.having(l.learnt()))
                        .orElse(shop);
    }

    /** Without what it has learnt. */
    private Shop asChosen() {
        return new Shop(
                mapper.choices().stream().collect(Collectors.toMap(Choice::matter, Choice::chosen)),
                curves::get,
                gauges::get);
    }

    private static LearningUse use(Shop shop) {
        return shop.choice(LearningUse.class, LearningUse.USED);
    }

    private Lesson lesson(String document) {
        return documents.read(document, Lesson.class);
    }

    /** Something that the shop took over. @param at an instant */
    public record LessonLearnt(String at, Lesson lesson) {}

    /** What was taken over, newest first; the newest holds all that is learnt. */
    @Transactional(readOnly = true)
    public List<LessonLearnt> lessons() {
        return mapper.lessons().stream()
                .map(r -> new LessonLearnt(r.at(), lesson(r.document())))
                .toList();
    }

    @Transactional(readOnly = true)
    public LearningUse learningUse() {
        return use(asChosen());
    }

    /** Every verdict stands on it from now on. */
    @Transactional
    public void learn(Lesson lesson) {
        mapper.insertLesson(Instant.now(clock).toString(), documents.write(lesson));
        journal.touchedAllJobs();
    }

    /** What was taken over last counts no more; what was taken over before it does again. */
    @Transactional
    public void unlearn() {
        if (mapper.removeLastLesson() > 0) {
            journal.touchedAllJobs();
        }
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
