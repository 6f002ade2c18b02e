package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From the first line of a quote to the last cent, as the counter goes about it. */
class MoneyTest extends InBrowser {
    @Test
    void aCameraIsQuotedBilledPaidInPartsAndCredited() {
        String tag = shop.camera("To bill");
        browser.go("/camera/" + tag + "/money")
                .see("Add the first line")
                .button("Looking at it")
                .button("Part or other")
                .field("For, line 2", "Retard spring")
                .field("Price, line 2", "12,50")
                .field("Discount, line 2", "10 %")
                .see("€36.25");
        browser.button("Make a quote").see("Quote Q-").see("€36.25");
        browser.field("Payment in advance", "10")
                .button("Log payment in advance")
                .see("€10.00 left for the next bill");
        browser.see("Paid in advance")
                .see("−€10.00")
                .button("Make the bill")
                .see("Bill B-")
                .see("Add the first line");
        JsonNode bill = shop.get("/api/accounts/jobs/" + tag).body().at("/bills/0");
        assertThat(bill.get("openMinor").asLong()).isEqualTo(2_625);
        String number = bill.at("/paper/number").asText();
        browser.retype("Amount, " + number, "6,25")
                .button("Log payment")
                .see("Payment logged.")
                .see("€20.00");
        browser.button("Credit note…")
                .see("This credits all of " + number)
                .button("Make the credit note")
                .see("Credit note C-")
                .see("to be paid back");
        browser.button("Log repayment").see("Repayment logged.").see("paid");
        assertThat(shop.get("/api/accounts/jobs/" + tag)
                        .body()
                        .at("/bills/0/openMinor")
                        .asLong())
                .isZero();
        browser.go("/accounts")
                .see("To be paid")
                .field("Name, camera or number", tag)
                .see(number);
    }

    @Test
    void whatIsChargedIsEnteredOnce() {
        browser.go("/house/prices")
                .see("Prices and papers")
                .retype("Mark-up on parts, %", "33,5")
                .button("Save")
                .see("Saved.");
        assertThat(shop.get("/api/accounts")
                        .body()
                        .at("/pricing/markupHundredths")
                        .asInt())
                .isEqualTo(3_350);
    }
}
