package silentotter.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** A class of tests on one application and one browser, shared with the other classes; after each test no window may have complained. */
abstract class WindowsTest {
    static RunningApp app;
    static Browser browser;

    @BeforeAll
    static void start() {
        app = RunningApp.shared();
        browser = Browser.shared();
    }

    @AfterEach
    void nothingComplained() {
        browser.closeWindows();
        assertThat(browser.complaints).isEmpty();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A button within a group of choices. */
    static Locator within(Page page, String group, String name) {
        return page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(group).setExact(true))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    static void type(Page page, String text) {
        page.keyboard().type(text);
        page.keyboard().press("Enter");
    }
}
