package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Looks at a page as axe does. */
final class Axe {
    static final String SCRIPT = script();

    private Axe() {}

    /** @param onlyRules all of them where none are given */
    static void findsNothing(Browser browser, String screen, String... onlyRules) {
        browser.driver.executeScript(SCRIPT);
        String found = (String) browser.driver.executeAsyncScript("""
                const rules = arguments[0], done = arguments[arguments.length - 1];
                const options = {resultTypes: ['violations'], iframes: false};
                if (rules.length > 0) options.runOnly = {type: 'rule', values: rules};
                axe.run(document, options).then(
                  (result) => done(result.violations.map((rule) => rule.id + ': ' + rule.nodes.slice(0, 3)
                    .map((node) => node.html + ' ' + node.failureSummary).join(' | ')).join(' || ')),
                  (problem) => done('axe broke: ' + problem));
                """, List.of(onlyRules));
        assertThat(found).as("axe on %s", screen).isEmpty();
    }

    private static String script() {
        try (InputStream in = Axe.class.getResourceAsStream("/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
