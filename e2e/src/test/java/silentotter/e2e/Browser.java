package silentotter.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, which notes every error on the console and every request that leaves the machine. */
final class Browser implements AutoCloseable {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    final List<String> complaints = new ArrayList<>();
    private final Playwright playwright;
    private final com.microsoft.playwright.Browser browser;

    /** Generous, since a test machine may be busy with other things; speed is measured by the benchmarks. */
    private static final double PATIENCE_MS = 30_000;

    private static Browser one;

    /** One browser for all tests; it ends with them. */
    static synchronized Browser shared() {
        if (one == null) {
            one = new Browser();
            Runtime.getRuntime().addShutdownHook(new Thread(one::close));
        }
        return one;
    }

    Browser() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setArgs(FLAGS));
    }

    Page open(String url) {
        return open(url, false);
    }

    /** A fresh window of a bench tablet or laptop, with nothing remembered from others. */
    Page open(String url, boolean touch) {
        BrowserContext context = browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setHasTouch(touch)
                .setIsMobile(touch)
                .setAcceptDownloads(true));
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.onConsoleMessage(m -> {
            // A refused value is answered with 400; Chromium logs that as an error of its own.
            if (m.type().equals("error") && !m.text().startsWith("Failed to load resource")) {
                complaints.add(m.text());
            }
        });
        page.onPageError(complaints::add);
        page.onRequest(r -> {
            if (!r.url().startsWith("http://127.0.0.1:")
                    && !r.url().startsWith("data:")
                    && !r.url().startsWith("blob:")) {
                complaints.add("left the machine: " + r.url());
            }
        });
        page.navigate(url);
        return page;
    }

    /** Closes all windows; an open one goes on asking the server for news. */
    void closeWindows() {
        List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    }

    @Override
    public void close() {
        playwright.close();
    }
}
