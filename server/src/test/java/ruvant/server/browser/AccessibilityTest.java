package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.Keys;

/** Every screen in both themes: axe finds nothing, and nothing has to be scrolled sideways, down to 1024 px. */
class AccessibilityTest extends InBrowser {
    private static final List<String> SCREENS = List.of(
            "/",
            "/cameras",
            "/new",
            "/house",
            "/camera/R-0063",
            "/camera/R-0063/intake",
            "/camera/R-0063/intake?view=outside",
            "/camera/R-0063/pictures",
            "/camera/R-0063/strip",
            "/camera/R-0063/strip?well=B1",
            "/camera/R-0063/strip?part=front%20plate",
            "/camera/R-0066/find",
            "/camera/R-0063/clean",
            "/camera/R-0069/adjust",
            "/camera/R-0070/adjust",
            "/camera/R-0071/find",
            "/waits",
            "/plan",
            "/plan/minutes",
            "/house/hours",
            "/house/people",
            "/house/safe",
            "/house/prices",
            "/accounts",
            "/customers",
            "/customers/one?new",
            "/figures",
            "/camera/R-0065/money",
            "/camera/R-0066/options",
            "/camera/R-0067/options",
            "/camera/R-0074/intake",
            "/known/faults?area=leaf&entry=trainGummed",
            "/known/adjusters?entry=retard-engagement",
            "/camera/R-0064/mend",
            "/camera/R-0073/mend?part=speed%20ring",
            "/camera/R-0073/mend?doing=modified",
            "/camera/R-0070/mend?doing=wiring",
            "/shelf/needs",
            "/shelf/stock?item=new",
            "/shelf/donors",
            "/shelf/donors/new",
            "/shelf/orders",
            "/shelf/fits",
            "/shelf/log",
            "/house/tables?view=agents&agent=naphtha&material=cloth",
            "/house/tables?view=waits",
            "/house/tables?view=words&list=nouns&id=drive.SLOTTED",
            "/camera/R-0063/oil",
            "/camera/R-0065/refit",
            "/camera/R-0062/prove?speed=1%2F1000",
            "/camera/R-0062/stand",
            "/camera/R-0061/return",
            "/camera/R-0063/return",
            "/camera/R-0063/refit?part=front%20plate",
            "/camera/R-0063/record",
            "/camera/R-0068",
            "/nothing-here",
            "/authority",
            "/phone",
            "/api/jobs/R-0061/sheet");

    @Test
    void axeFindsNothing() {
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            scan(screen);
        }
        browser.go("/").see("On the bench").press(Keys.F2).find("[role=dialog]");
        browser.press("pell").see("Pellworm");
        scan("find");
        browser.press(Keys.ESCAPE, "?").see("Go to the log line");
        scan("keys");
    }

    /** Only colours differ by lamp light. */
    @Test
    void contrastHoldsByLampLight() {
        browser.go("/").see("On the bench");
        browser.driver.executeScript("localStorage.setItem('ruvant.theme', 'lamp')");
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            scan(screen, "color-contrast");
        }
    }

    private void scan(String screen, String... onlyRules) {
        Axe.findsNothing(browser, screen, onlyRules);
    }

    @ParameterizedTest
    @ValueSource(ints = {1024, 1280})
    void nothingIsScrolledSidewaysAndNoPageBesideItsParts(int width) {
        browser.size(width, 768);
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            Long wide = (Long) browser.driver.executeScript("""
                    const scrolls = (e) => ['auto', 'scroll'].includes(getComputedStyle(e).overflowX);
                    const all = [...document.querySelectorAll('main, main *')].filter((e) => !e.closest('svg') && scrolls(e));
                    return Math.max(0, ...[document.documentElement, ...all].map((e) => e.scrollWidth - e.clientWidth));
                    """);
            assertThat(wide).as("%s at %d px", screen, width).isLessThanOrEqualTo(1);
            Long beneath = (Long) browser.driver.executeScript(
                    "return document.documentElement.scrollHeight - document.documentElement.clientHeight");
            // a sheet is paper: it is as long as it is
            assertThat(screen.startsWith("/api/") ? 0 : beneath)
                    .as("%s has a second scrollbar", screen)
                    .isLessThanOrEqualTo(1);
        }
    }

    /** A tablet held upright, and a page of 1280 px at 200 %. */
    @ParameterizedTest
    @ValueSource(ints = {640, 800})
    void nothingIsCutInANarrowWindow(int width) {
        browser.size(width, 900);
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            Object beyond = browser.driver.executeScript("""
                    const scrollsItself = (e) => [...ancestors(e)].some((one) =>
                      ['auto', 'scroll'].includes(getComputedStyle(one).overflowX) && one.scrollWidth > one.clientWidth + 1);
                    function* ancestors(e) { for (let at = e.parentElement; at; at = at.parentElement) yield at; }
                    return [...document.querySelectorAll('main :is(button, a, input, select, h1, h2), header :is(button, a)')]
                      .filter((e) => e.getBoundingClientRect().width > 0 && e.getBoundingClientRect().right > innerWidth + 1)
                      .filter((e) => !scrollsItself(e))
                      .map((e) => e.outerHTML.slice(0, 120)).join(' | ');
                    """);
            assertThat(beyond).as("%s at %d px", screen, width).isEqualTo("");
        }
    }

    /** Whoever hears the names can tell one button from the next, and every field says what it takes. */
    @Test
    void everyButtonAndFieldHasANameOfItsOwn() {
        for (String screen : SCREENS) {
            browser.go(screen).find("h1, h2");
            browser.driver.executeScript(Axe.SCRIPT);
            Object unclear = browser.driver.executeScript("""
                    axe.setup(document.body);
                    const shown = (e) => e.checkVisibility({visibilityProperty: true}) && e.getBoundingClientRect().width > 0;
                    const names = new Map();
                    for (const e of document.querySelectorAll('button, input:not([type=radio]), select, textarea, summary')) {
                      if (!shown(e)) continue;
                      const of = (e.tagName === 'BUTTON' || e.tagName === 'SUMMARY' ? 'button ' : 'field ')
                        + axe.commons.text.accessibleText(e).trim();
                      names.set(of, (names.get(of) ?? 0) + 1);
                    }
                    axe.teardown();
                    return [...names].filter(([name, count]) => count > 1 || !/^\\w+ .*[\\p{L}\\p{N}✕+]/u.test(name))
                      .map(([name, count]) => `${count} × ${name}`).join(', ');
                    """);
            assertThat(unclear).as("names on %s", screen).isEqualTo("");
        }
    }
}
