package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Whole jobs in which something is wrong: a screw short on arrival, a check that fails, a lost ball found elsewhere. */
class PlantedFaultsTest extends InBrowser {
    private static final String SCREW = "slotted screw 1.4 × 3.0";

    private static String off(String part, String more) {
        return """
                {"kind":"removed","part":"%s","side":"BOTTOM","covers":false%s}""".formatted(part, more);
    }

    private static String screws(int count) {
        return """
                ,"fasteners":[{"kind":"SCREW","drive":"SLOTTED","head":"NOT_SAID","threadMm":1.4,"lengthMm":3.0,"count":%d}]""".formatted(count);
    }

    private JsonNode job(String tag) {
        return shop.get("/api/jobs/" + tag).body();
    }

    private JsonNode account(String tag, String piece) {
        for (JsonNode one : job(tag).at("/notes/places")) {
            if (one.at("/place/piece").asText().equals(piece)) {
                return one;
            }
        }
        throw new AssertionError("No account of " + piece);
    }

    @Test
    void aScrewShortOnArrivalIsAskedForAtRefitAndStandsOnTheSheet() {
        String tag = shop.camera("Short");
        shop.add(tag, off("bottom plate", screws(3)));
        browser.go("/camera/" + tag + "/strip?part=bottom%20plate")
                .button("A piece is gone that was not noted…")
                .field("Which piece", SCREW)
                .press(Keys.ENTER)
                .see("1 missing on arrival, 1 empty");
        browser.click("a[href$='/refit']")
                .see("Missing on arrival: 1 × " + SCREW)
                .see("4 belong there");
        browser.button("Not all…")
                .click("//label[starts-with(normalize-space(.), 'left empty')]//input")
                .press(Keys.BACK_SPACE, "1")
                .click("//label[starts-with(normalize-space(.), 'why')]//input")
                .press("thread stripped")
                .button("Confirm")
                .button("Put back")
                .see("Put back: bottom plate");
        assertThat(account(tag, SCREW).get("left").asInt()).isEqualTo(1);
        browser.click("a[href$='/return']").see("Before it goes back");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet")))
                .contains("Missing on arrival: 1 × " + SCREW, "thread stripped");
    }

    @Test
    void aCheckThatFailsAfterFittingTakesThePartOffAgainAsItWasHeld() {
        String tag = shop.camera("Fails");
        shop.add(tag, off("cocking rack", screws(2) + ",\"mark\":{\"text\":\"dot at notch\",\"state\":\"\"}"));
        browser.go("/camera/" + tag + "/refit?part=cocking%20rack")
                .button("All 2 back")
                .button("Put back")
                .see("Put back: cocking rack");
        browser.buttonBeside("Mark matched", "Fails…")
                .field("What do you see instead of “Mark matched: dot at notch”?", "one tooth off")
                .press(Keys.ENTER)
                .see("failed: one tooth off");
        browser.button("Take it off again").see("It was off before").see("cocking rack");
        browser.button("Log the part").see("Taken off: cocking rack");
        JsonNode rack = job(tag).at("/parts/0");
        assertThat(rack.get("timesOff").asInt()).isEqualTo(2);
        assertThat(rack.at("/removed/fasteners/0/count").asInt()).isEqualTo(2);
        assertThat(rack.at("/removed/mark/text").asText()).isEqualTo("dot at notch");
        assertThat(rack.at("/checks/0/state").asText()).isEqualTo("OPEN");
    }

    @Test
    void aLostBallFoundElsewhereIsInItsAccount() {
        String tag = shop.camera("Ball");
        shop.add(tag, off("detent lever", ",\"loose\":[{\"name\":\"detent ball\",\"count\":1}]"));
        browser.go("/camera/" + tag + "/strip?part=detent%20lever")
                .buttonBeside("detent ball", "Lost…")
                .press(Keys.ENTER)
                .see("1 lost, 1 empty");
        browser.buttonBeside("detent ball", "Found…")
                .field("Where was it", "under the vice")
                .press(Keys.ENTER)
                .see("1 in the tray");
        assertThat(account(tag, "detent ball").at("/gone/lost").asInt()).isZero();
        browser.click("//a[contains(., 'Record')]").see("under the vice");
    }
}
