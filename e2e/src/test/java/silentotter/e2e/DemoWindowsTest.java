package silentotter.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** A class of tests on the demo data, in an application and a browser shared with the other classes. */
abstract class DemoWindowsTest {
    static RunningApp app;
    static Browser browser;

    @BeforeAll
    static void start() {
        app = RunningApp.sharedDemo();
        browser = Browser.shared();
    }

    @AfterEach
    void closeWindows() {
        browser.closeWindows();
    }
}
