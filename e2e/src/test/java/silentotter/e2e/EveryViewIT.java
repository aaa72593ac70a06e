package silentotter.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every view and every tab of the demo: WCAG 2.2 AA in light and dark, one heading, targets for a gloved finger. */
class EveryViewIT extends DemoWindowsTest {
    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");
    /** What is smaller than 44 px and can be pressed or typed into; a tick is as large as the label around it. */
    private static final String TOO_SMALL = """
            () => [...document.querySelectorAll('button, a[href], input, select, textarea, [role=tab]')]
              .map(e => [e, e.matches('[type=checkbox], [type=radio], [type=file]') ? e.closest('label') ?? e : e])
              .filter(([, target]) => target.checkVisibility({visibilityProperty: true}) && target.offsetWidth > 1)
              .map(([e, target]) => [e, target.getBoundingClientRect()])
              .filter(([, box]) => box.width < 43.5 || box.height < 43.5)
              .map(([e, box]) => (e.ariaLabel || e.textContent || e.name) + ' ' + box.width + ' x ' + box.height)""";

    private static final String VIOLATIONS = """
            only => axe.run(document, { runOnly: only, resultTypes: ['violations'] }).then(found => found.violations
              .flatMap(v => v.nodes.map(n => location.pathname + ': ' + v.id + ' at ' + n.html)))""";
    /** Read once and put into each page once: its own runner does both for every run. */
    private static final String AXE = axe();

    private static String axe() {
        try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/jobs/new",
                "/calculator",
                "/shop",
                "/jobs/3",
                "/jobs/6",
                "/jobs/1/intake",
                "/jobs/3/signs",
                "/jobs/1/smoke",
                "/jobs/3/plugs",
                "/jobs/3/plugs/labels",
                "/jobs/9/inside",
                "/jobs/10/crankcase",
                "/jobs/9/leakdown",
                "/jobs/2/blow-by",
                "/jobs/1/oil",
                "/jobs/6/oil",
                "/jobs/8/plan",
                "/jobs/1/report",
                "/jobs/2/found",
                "/jobs/18/found",
                "/record",
                "/engines/12",
                "/families/Tarn%2022%20petrol"
            })
    void isReadByAnybodyAndReachedByAnyHand(String path) {
        Page page = browser.open(app.url(path));
        page.locator("h1")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
        assertThat(page.locator("h1").count()).isEqualTo(1);
        page.evaluate(AXE);
        List<String> problems = new ArrayList<>();
        int tabs = page.getByRole(AriaRole.TAB).count();
        for (int tab = 0; tab < Math.max(1, tabs); tab++) {
            if (tabs > 0) {
                page.getByRole(AriaRole.TAB).nth(tab).click();
            }
            theme(page, "light");
            problems.addAll(violations(page, WCAG));
            theme(page, "dark");
            // Only colours are others in the dark.
            problems.addAll(violations(page, List.of("color-contrast")));
            problems.addAll(tooSmall(page));
        }
        page.setViewportSize(820, 1180);
        problems.addAll(tooSmall(page));
        assertThat(problems).isEmpty();
    }

    private static void theme(Page page, String name) {
        page.evaluate("name => document.documentElement.dataset.theme = name", name);
    }

    @SuppressWarnings("unchecked")
    private static List<String> tooSmall(Page page) {
        return (List<String>) page.evaluate(TOO_SMALL);
    }

    @SuppressWarnings("unchecked")
    private static List<String> violations(Page page, List<String> rulesOrTags) {
        return (List<String>) page.evaluate(VIOLATIONS, rulesOrTags);
    }
}
