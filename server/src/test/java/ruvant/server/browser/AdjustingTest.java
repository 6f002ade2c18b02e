package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Setting a shutter right by keys alone: from the speeds to the turn, and to the next firing. */
class AdjustingTest extends InBrowser {
    private void fired(String tag, String speed, String seconds) {
        shop.add(tag, """
                {"kind":"firingsTimed","speed":"%s","phase":"AFTER","attitude":"LEVEL","instrument":"","seconds":[%s],"afterRest":false}""".formatted(speed, seconds));
    }

    @Test
    void whatIsOffIsTurnedMeasuredAndLeftWhereItIsRight() {
        String tag = shop.camera("Turned");
        fired(tag, "1/60", "0.0235,0.0237,0.0233");
        browser.go("/camera/" + tag + "/prove").see("What to turn").press("j");
        browser.at("/camera/" + tag + "/adjust");
        browser.see("The worst result should go from").see("Loosen its lock screw");
        browser.press("l").log("turn retard engagement 2/8 out").see("Measure first");
        fired(tag, "1/60", "0.0158,0.0156,0.0157");
        browser.see("Stop: it is right").see("retard engagement 2/8 turn out");
        browser.press(Keys.ESCAPE);
        browser.button("Add one…").field("Name", "odd eccentric").button("Save adjuster");
        browser.see("odd eccentric: saved for this camera.");
        assertThat(shop.get("/api/jobs/" + tag + "/adjusters?choose=odd-eccentric")
                        .body()
                        .at("/plan/chosen/0/name/words")
                        .asText())
                .isEqualTo("odd eccentric");
    }

    @Test
    void whatTheShopKnowsBetterIsOfferedOnItsCamerasUntilItIsReset() {
        String tag = shop.camera("Better known");
        browser.go("/known").button("Adjusters").button("Add an adjuster…");
        browser.field("Name", "odd stop screw")
                .field("What it does, in a line or two", "it holds the blades")
                .field("Add a result", "rebound")
                .button("Save");
        browser.see("odd stop screw: saved.").see("1 changed here");
        browser.go("/camera/" + tag + "/adjust").see("odd stop screw");
        browser.go("/known/adjusters?entry=own-odd-stop-screw").button("Reset").see("34 known");
        assertThat(shop.get("/api/jobs/" + tag + "/adjusters").body().toString())
                .contains("retard engagement")
                .doesNotContain("odd stop screw");
        browser.go("/known/record").see("odd stop screw").see("reset to what ships");
    }
}
