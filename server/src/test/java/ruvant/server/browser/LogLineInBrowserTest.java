package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** The line at the foot of a camera: read while it is typed, mended by key and by finger, learning from that. */
class LogLineInBrowserTest extends InBrowser {
    private List<String> kinds(String tag) {
        List<String> kinds = new ArrayList<>();
        for (JsonNode line : shop.get("/api/logs/" + tag + "/lines").body()) {
            kinds.add(line.at("/entry/kind").asText());
        }
        return kinds;
    }

    private String opened(String name) {
        String tag = shop.camera(name);
        browser.go("/camera/" + tag).see("Nothing is off yet").press("l");
        return tag;
    }

    @Test
    void whatIsUnderstoodIsShownBeforeItIsLogged() {
        String tag = opened("Reading");
        browser.press("off front plate, 3 slot 1,4x3, zumpf")
                .see("Took off front plate")
                .see("3 × slotted screw 1.4 × 3.0, zumpf");
        assertThat(kinds(tag)).doesNotContain("removed");
        browser.press(Keys.ENTER).seeNot("Nothing is off yet");
        assertThat(kinds(tag)).contains("removed");
    }

    @Test
    void aPieceIsTakenForSomethingElseWithTheKeysAndARemarkIsOneKey() {
        String tag = opened("By key");
        browser.press("pawl worn")
                .see("Found pawl: worn")
                .press(Keys.ARROW_DOWN)
                .press(Keys.DELETE)
                .see("Kept as a remark")
                .press(Keys.DELETE)
                .see("Found pawl: worn")
                .press(Keys.ARROW_DOWN)
                .see("Kept as a remark")
                .press(Keys.ARROW_DOWN)
                .see("Symptom: pawl worn")
                .press(Keys.ENTER)
                .see("Symptom: pawl worn");
        assertThat(kinds(tag)).contains("symptomSeen").doesNotContain("found", "noted");
    }

    @Test
    void aFieldIsCorrectedByFingerAndTheWordIsKnownTheNextTime() {
        String tag = opened("By finger");
        browser.press("sear wonky").see("Kept as a remark");
        browser.click("[data-chip]").button("Found");
        browser.click("//label[normalize-space(.)='What it is like']/following-sibling::input")
                .chord(Keys.CONTROL, "a")
                .press("wonky", Keys.TAB)
                .field("Part", "sear")
                .press(Keys.TAB)
                .see("Found sear: wonky")
                .see("“wonky” is what a part is like")
                .button("Log")
                .see("Learned for the next time");
        assertThat(kinds(tag)).contains("found");

        browser.find("#log-line").clear();
        browser.click("#log-line").press("pawl wonky").see("Found pawl: wonky");

        browser.go("/house/tables")
                .button("Trade words")
                .see("Learned at the log line")
                .buttonBeside("wonky", "Take back");
        browser.see("Nothing yet");
        browser.go("/camera/" + tag).click("#log-line").press("rack wonky").see("Kept as a remark");
    }

    @Test
    void whatCannotBeLoggedIsSaidWhileItIsTyped() {
        String tag = opened("Held");
        browser.press("off top cover, covers", Keys.ENTER).seeNot("Nothing is off yet");
        browser.press("off top plate, 4 slot 1.7x3, covers", Keys.ENTER)
                .until(
                        "both are off",
                        () -> kinds(tag).stream().filter("removed"::equals).count() == 2);
        int before = kinds(tag).size();
        browser.press("top cover on").see("out under it").press(Keys.ENTER).see("out under it");
        assertThat(kinds(tag)).hasSize(before);
    }

    @Test
    void whatALineCanSayAFormCanLog() {
        String tag = opened("Formed");
        browser.button("By form").see("What is it?");
        browser.click("//label[normalize-space(.)='What is it?']/following-sibling::select/option[.='Tool']");
        browser.field("Which tool", "strap wrench")
                .press(Keys.TAB)
                .click("//label[normalize-space(.)='What about it']/following-sibling::select/option[.='did no good']");
        browser.see("Tool did no good: strap wrench").button("Log").seeNot("What is it?");
        assertThat(kinds(tag)).contains("toolSaid");
    }

    @Test
    void fiveLinesOfARealStripAreTypedInUnderAMinute() {
        String tag = opened("Five lines");
        for (String line : List.of(
                "shutter cocked when it came",
                "top cover off, 4 slot 1.7x3, A1",
                "rewind crank worn; self timer dead",
                "front plate out, 2 short + 1 long slot screw, spring under it, A2",
                "need 2 light seals; blades cleaned, naphtha on a swab")) {
            browser.press(line, Keys.ENTER)
                    .until(
                            "the line is empty",
                            () -> browser.find("#log-line")
                                    .getDomProperty("value")
                                    .isEmpty());
        }
        assertThat(kinds(tag))
                .containsSubsequence(
                        "stateSet", "removed", "found", "functionChecked", "removed", "needOpened", "cleaned")
                .doesNotContain("noted");
    }
}
