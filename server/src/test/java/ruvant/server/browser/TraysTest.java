package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.interactions.Actions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** Several trays, pieces that move between their wells, parts dragged over each other, and what a scanner types. */
class TraysTest extends InBrowser {
    private static String inWell(String part, String well) {
        return "{\"kind\":\"removed\",\"part\":\"%s\",\"side\":\"FRONT\",\"covers\":false,\"wells\":[\"%s\"]}"
                .formatted(part, well);
    }

    private void drag(String from, String to) {
        new Actions(browser.driver)
                .dragAndDrop(browser.find(from), browser.find(to))
                .perform();
    }

    private static String row(String part) {
        return "//button[.//b[normalize-space(.)='" + part + "']]";
    }

    private JsonNode job(String tag) {
        return shop.get("/api/jobs/" + tag).body();
    }

    @Test
    void piecesAreDraggedFromOneWellToAnother() {
        String tag = shop.camera("Dragged");
        shop.add(tag, inWell("ring", "B2"));
        browser.go("/camera/" + tag + "/strip").see("Take a part off");
        drag("[aria-label='Well B2: ring']", "[aria-label='Well A4, empty']");
        browser.see("What was in B2 is now in A4.");
        assertThat(job(tag).at("/parts/0/removed/wells/0").asText()).isEqualTo("A4");
    }

    @Test
    void aPartDraggedOntoAnotherIsAskedAboutAndTheWayBackFollows() {
        String tag = shop.camera("Over");
        shop.add(tag, inWell("ring", "B2"), inWell("plate", "B4"));
        browser.go("/camera/" + tag + "/strip").see("2 of 2 out");
        drag(row("plate"), row("ring"));
        browser.button("plate lies over").see("plate lies over ring.");
        assertThat(job(tag).at("/parts/0/over/0").asText()).isEqualTo("plate");
        browser.go("/camera/" + tag + "/refit").see("Still out under it: ring");
        drag(row("ring"), row("plate"));
        browser.button("It does not").seeNot("Still out under it: ring");
    }

    @Test
    void aScannedTagOpensItsJobAndAScannedWellShowsIt() {
        String tag = shop.camera("Scanned");
        shop.add(tag, inWell("ring", "B3"));
        browser.go("/house").see("How we oil");
        scan("RV-" + tag);
        browser.at("/camera/" + tag);
        browser.see("Scanned");
        browser.go("/").see("On the bench");
        scan("RV-W-B3");
        browser.at("/camera/" + tag + "/strip.*");
        browser.see("holds").see("ring");
        scan("RV-W-C4");
        browser.see("should be empty");
    }

    @Test
    void aWellOfATrayThatOneCameraUsesShowsThatCamera() {
        JsonNode trays = shop.get("/api/house").body().at("/practice/trays");
        ArrayNode more = (ArrayNode) trays.deepCopy();
        more.addObject().put("name", "seventh").put("rows", 2).put("columns", 3);
        shop.say("house", "{\"kind\":\"traysSet\",\"trays\":" + more + "}");
        try {
            String tag = shop.camera("Seventh tray");
            shop.add(tag, inWell("ring", "7B3"));
            browser.go("/camera/" + shop.camera("Elsewhere")).see("Elsewhere");
            scan("RV-W-7B3");
            browser.at("/camera/" + tag + "/strip.*");
            browser.see("holds").see("ring");
        } finally {
            shop.say("house", "{\"kind\":\"traysSet\",\"trays\":" + trays + "}");
        }
    }

    /** What a scanner that is a keyboard sends: key after key without a pause, then Enter. */
    private void scan(String code) {
        browser.driver.executeScript("""
                for (const key of [...arguments[0], "Enter"])
                  (document.activeElement ?? document.body).dispatchEvent(
                    new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
                """, code);
    }
}
