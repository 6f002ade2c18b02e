package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/**
 * Whole jobs in which something is wrong: a screw short on arrival, a check that fails, a part off three times, marks that
 * hold in two states, a lost ball found elsewhere, and a part from inside with two sides open.
 */
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

    @Test
    void aPartOffThreeTimesIsHeldAsItWasTheFirstTime() {
        String tag = shop.camera("Thrice");
        shop.add(tag, off("cocking rack", screws(2) + ",\"stack\":[\"shim 0.10 mm\",\"washer 0.3 mm\"]"));
        for (int times = 2; times <= 3; times++) {
            browser.go("/camera/" + tag + "/refit?part=cocking%20rack")
                    .see(
                            "Stack of 2 pieces, 0.40 mm together in order, innermost first: washer 0.3 mm, then shim 0.10 mm")
                    .buttonBeside("Stack of 2 pieces", "Confirm")
                    .button("All 2 back")
                    .button("Put back")
                    .see("Put back: cocking rack");
            browser.go("/camera/" + tag + "/strip?again=cocking%20rack")
                    .see("It was off before")
                    .button("Log the part")
                    .see("Taken off: cocking rack");
            JsonNode rack = job(tag).at("/parts/0");
            assertThat(rack.get("timesOff").asInt()).isEqualTo(times);
            assertThat(rack.at("/removed/fasteners/0/count").asInt()).isEqualTo(2);
            assertThat(rack.at("/removed/stack")).hasSize(2);
        }
        assertThat(job(tag).at("/ledger/closed").asBoolean()).isFalse();
    }

    @Test
    void twoMarksInTwoStatesAreEachAskedForInTheirOwn() {
        String tag = shop.camera("Marks");
        shop.add(tag, off("cam gear", screws(1) + ",\"mark\":{\"text\":\"dot at notch\",\"state\":\"cocked\"}"), """
                {"kind":"alsoMarked","part":"cam gear","mark":{"text":"line at lug","state":"released"}}""");
        browser.go("/camera/" + tag + "/strip").button("cocked");
        browser.go("/camera/" + tag + "/refit?part=cam%20gear")
                .button("It is back")
                .button("Put back")
                .see("Put back: cam gear");
        browser.buttonBeside("dot at notch", "Confirm").see("line at lug (released)");
        assertThat(openChecks(tag)).isEqualTo(1);
        assertThat(job(tag).at("/parts/0/checks/1/due").asBoolean()).isFalse();
        browser.go("/camera/" + tag + "/strip").button("released");
        browser.go("/camera/" + tag + "/refit?part=cam%20gear").buttonBeside("line at lug", "Confirm");
        browser.see("0 of 2 open");
        assertThat(openChecks(tag)).isZero();
    }

    private int openChecks(String tag) {
        int open = 0;
        for (JsonNode check : job(tag).at("/parts/0/checks")) {
            open += check.get("state").asText().equals("OPEN") ? 1 : 0;
        }
        return open;
    }

    @Test
    void aPartFromInsideIsFreedOfTheSideThroughWhichItWasNotReached() {
        String tag = shop.camera("Inside");
        shop.add(tag, off("bottom plate", ""), """
                {"kind":"removed","part":"top cover","side":"TOP","covers":true}""", """
                {"kind":"removed","part":"damper block","side":"INSIDE","covers":false}""");
        browser.go("/camera/" + tag + "/strip")
                .see("damper block came from inside")
                .button("Only the bottom")
                .see("damper block was reached through the bottom alone");
        JsonNode over = job(tag).at("/parts/2/over");
        assertThat(over).hasSize(1);
        assertThat(over.get(0).asText()).isEqualTo("bottom plate");
    }
}
