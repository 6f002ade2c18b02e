package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** From the first options to the camera that comes back: the owner's side of a repair, at the screen. */
class OwnerTest extends InBrowser {
    private static final String SERIAL = "771204";

    private String camera(String owner) {
        String opening = Shop.opening(UUID.randomUUID(), owner)
                .replace("338120", SERIAL)
                .replace("\"contact\":\"\"", "\"contact\":\"owner@post.example\"")
                .replace("\"accessories\":[\"case\"]", "\"accessories\":[]")
                .replace("\"speeds\":[\"1\",\"1/60\",\"1/500\"]", "\"speeds\":[]");
        return shop.post("/api/jobs", opening).body().get("tag").asText();
    }

    @Test
    void askedAgreedOverTheLimitAskedAgainProvedBilledReturnedAndBackUnderWarranty() {
        String tag = camera("Ottilie Brandt");
        // two keys: to the options, and log them
        browser.go("/camera/" + tag)
                .see("What to do now")
                .press("q")
                .see("suggested from the log")
                .see("Full repair");
        browser.find("//button[@role='radio'][contains(., '€')]");
        browser.find("//button[normalize-space(text())='Log these options'][not(@disabled)]");
        browser.press(Keys.ENTER).see("Options logged.").see("logged");

        browser.button("Draw up a quote")
                .see("Papers of this camera")
                .button("Make a quote")
                .see("Quote Q-");

        browser.go("/camera/" + tag + "/options")
                .see("Please answer with your choice")
                .button("Send by e-mail")
                .see("In the outbox:");
        assertThat(shop.get("/api/outbox").body().get("files")).isNotEmpty();
        assertThat(question(tag).get("about").asText()).isEqualTo("OPTIONS");

        browser.see("Waiting for an answer")
                .field("At most, EUR", "30")
                .field("Who, if not the owner", "her daughter")
                .button("Log what is agreed")
                .see("Agreement logged.")
                .see("up to €30.00")
                .see("her daughter by phone");

        logged(
                tag,
                Shop.off("taking lens"),
                "{\"kind\":\"replaced\",\"part\":\"taking lens\",\"source\":\"BOUGHT\",\"from\":\"a shop\",\"pattern\":\"\",\"checked\":true,\"dimensions\":\"\",\"cost\":{\"minor\":5000,\"currency\":\"EUR\"}}");
        browser.see("Over the limit: work stops until the owner answers.");
        browser.go("/camera/" + tag + "/strip")
                .see("Start work")
                .button("Start work")
                .see("The owner agreed to 30.00 EUR");

        browser.go("/camera/" + tag + "/options")
                .see("The repair will cost more than the €30.00 we agreed")
                .button("Log as asked by phone")
                .see("Logged as asked.");
        browser.see("Waiting for an answer")
                .field("At most, EUR", "150")
                .button("Log what is agreed")
                .see("up to €150.00");
        browser.go("/camera/" + tag + "/strip")
                .see("Start work")
                .button("Start work")
                .see("Work started");
        browser.button("Stop work");

        logged(
                tag,
                Shop.back("taking lens"),
                "{\"kind\":\"firedRow\",\"good\":36,\"missed\":0,\"missesFirst\":false,\"speed\":\"\",\"remark\":\"\"}");
        browser.go("/camera/" + tag + "/return").see("Prove: Infinity");
        browser.go("/camera/" + tag + "/prove").see("taking lens was off");
        browser.click("//button[contains(., 'Infinity')]").button("Passed").see("Infinity: passed.");

        browser.go("/camera/" + tag + "/money").button("Make the bill").see("Bill B-");
        browser.go("/camera/" + tag + "/return")
                .see("Ready to return")
                .button("Return the camera")
                .see("Returned to");
        assertThat(shop.get("/api/jobs/" + tag).body().at("/handover/returned/passedOver"))
                .isEmpty();

        String again = camera("Ottilie Brandt");
        browser.go("/camera/" + again + "/intake")
                .see("Here before")
                .see("under warranty until")
                .button("the same fault")
                .see("covered by the warranty");
        browser.go("/figures").see("Come-backs").see("← " + tag);
    }

    private void logged(String tag, String... entries) {
        Shop.Answer answer = shop.add(tag, entries);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    }

    private JsonNode question(String tag) {
        return shop.get("/api/jobs/" + tag).body().at("/offer/questions/0");
    }

    @Test
    void aCustomerIsKeptFoundAndBlanked() {
        String tag = camera("Wanda Kruse");
        browser.go("/customers")
                .field("Name, camera, serial number or job", "wanda")
                .click("//a[contains(., 'Wanda Kruse')]")
                .see("Name and address")
                .field("Town", "Skarrow")
                .button("Save")
                .see("Customer saved.");
        browser.go("/customers")
                .field("Name, camera, serial number or job", "skarrow")
                .see("Wanda Kruse");
        browser.click("//a[contains(., 'Wanda Kruse')]")
                .see("“Slow speeds drag”")
                .field("Type “Wanda Kruse” to confirm", "Wanda Kruse")
                .button("Blank this person")
                .see(tag + " of this customer is still here.");
    }
}
