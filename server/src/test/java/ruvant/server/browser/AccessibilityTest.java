package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Results;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.Keys;

/** Every screen in both themes: axe finds nothing, and nothing has to be scrolled sideways, down to 1024 px. */
class AccessibilityTest extends InBrowser {
    private static final List<String> SCREENS = List.of(
            "/", "/cameras", "/new", "/house", "/camera/R-0063", "/camera/R-0063/intake", "/camera/R-0063/strip",
            "/camera/R-0063/strip?part=front%20plate", "/camera/R-0066/find", "/camera/R-0063/clean", "/camera/R-0064/mend",
            "/camera/R-0063/oil", "/camera/R-0065/refit", "/camera/R-0062/prove", "/camera/R-0061/return", "/camera/R-0063/record",
            "/camera/R-0068", "/nothing-here");

    @Test
    void axeFindsNothing() {
        AxeBuilder axe = new AxeBuilder();
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            scan(axe, screen);
        }
        browser.go("/").see("On the bench").press(Keys.F2).find("[role=dialog]");
        browser.press("pell").see("Pellworm");
        scan(axe, "find");
        browser.press(Keys.ESCAPE, "?").see("the log line of this camera");
        scan(axe, "keys");
    }

    /** Only colours differ by lamp light. */
    @Test
    void contrastHoldsByLampLight() {
        AxeBuilder contrast = new AxeBuilder().withOnlyRules(List.of("color-contrast"));
        browser.go("/").see("On the bench");
        browser.driver.executeScript("localStorage.setItem('ruvant.theme', 'lamp')");
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            scan(contrast, screen);
        }
    }

    private void scan(AxeBuilder axe, String screen) {
        Results results = axe.analyze(browser.driver);
        String found = results.getViolations().stream()
                .map(rule -> rule.getId() + ": "
                        + rule.getNodes().stream().map(node -> node.getHtml() + " " + node.getFailureSummary()).limit(3).collect(Collectors.joining("\n  ")))
                .collect(Collectors.joining("\n"));
        assertThat(found).as("axe on %s", screen).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1024, 1280})
    void nothingIsScrolledSideways(int width) {
        browser.size(width, 768);
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            Long wide = (Long) browser.driver.executeScript("return Math.max(0, ...[document.documentElement, ...document.querySelectorAll('main, main *')]"
                    + ".filter(e => !e.closest('svg, input, select, .sr-only, .truncate') && getComputedStyle(e).overflowX !== 'visible' || e === document.documentElement)"
                    + ".map(e => e.scrollWidth - e.clientWidth))");
            assertThat(wide).as("%s at %d px", screen, width).isLessThanOrEqualTo(1);
        }
    }
}
