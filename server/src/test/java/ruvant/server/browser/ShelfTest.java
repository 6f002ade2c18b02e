package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** From a need to the part that meets it, and to what that taught, as a technician goes. */
class ShelfTest extends InBrowser {
    @Test
    void aPartIsPutInFoundTakenFittedAndJudged() {
        browser.go("/shelf/stock?item=new")
                .field("What it is", "winding crank")
                .field("Made for: maker", "Pellworm")
                .field("Model", "Twin")
                .field("Place", "drawer 9")
                .button("Add to the shelf")
                .see("Added to the shelf.");
        String tag = shop.camera("In need");
        browser.go("/camera/" + tag + "/mend?doing=needed")
                .field("Part", "winding crank")
                .button("Find a source")
                .see("Sources for the winding crank")
                .see("drawer 9, used, not checked")
                .button("Take it")
                .see("At the bench:")
                .button("Fit it…")
                .button("New part ready")
                .see("Replaced: winding crank.");
        browser.go("/camera/" + tag + "/refit").see("How did the").press("e").see("winding crank: fits with work.");
        browser.go("/shelf/fits").see("winding crank").see("fits in 1 of 1 tries here, 1 with work");
        assertThat(shop.get("/api/shelf/stock?find=winding%20crank")
                        .body()
                        .at("/rows/0/held/left")
                        .asInt())
                .isZero();
    }

    @Test
    void theOilSheetIsWorkedDownByKeyAndCountsWhatIsLeft() {
        String tag = shop.camera("To oil");
        shop.add(
                tag,
                "{\"kind\":\"removed\",\"part\":\"speed cam\",\"side\":\"FRONT\",\"covers\":false}",
                "{\"kind\":\"removed\",\"part\":\"helicoid\",\"side\":\"FRONT\",\"covers\":false}");
        browser.go("/camera/" + tag + "/oil").see("speed cam").press(Keys.ARROW_DOWN, Keys.ARROW_UP, Keys.ENTER);
        browser.see("done.");
        assertThat(shop.get("/api/jobs/" + tag).body().at("/treat/lubricated")).hasSize(1);
        browser.press("d").see("done.");
    }

    @Test
    void theMeterReadsAtTheStandInsCircuit() {
        String tag = shop.camera("Wired");
        browser.go("/camera/" + tag + "/mend?doing=wiring")
                .button("cell plus")
                .button("cell minus")
                .button("voltage, nothing drawn")
                .button("Read the meter")
                .see("voltage, nothing drawn: 1.");
    }
}
