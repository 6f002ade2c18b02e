package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.storage.Database;

/** The disk has no room while somebody works on: what is typed waits in the browser, also over a reload, and goes once there is room. */
class FullDiskTest {
    /** As if the disk ended where the file ends now. */
    private static void room(Started started, long pages) {
        started.part(Database.class)
                .writes()
                .sql("pragma max_page_count = " + pages)
                .query(Long.class)
                .single();
    }

    @Test
    void whatIsTypedWaitsAndIsThereOnce() {
        try (Started started = Started.on(Started.folder());
                Browser browser = new Browser(started.port())) {
            Shop shop = started.shop();
            String tag = shop.camera("Full");
            browser.go("/camera/" + tag + "/prove")
                    .see("good in a row")
                    .press(Keys.SPACE)
                    .see("Good firing.");
            room(started, 1);
            // what still fits into the pages there are is saved, until nothing does
            int logged = 1;
            for (; logged < 400 && !browser.text().contains("kept in this browser"); logged++) {
                shop.add(tag, Shop.note("x".repeat(3_000)));
                browser.press(Keys.SPACE);
            }
            browser.see("the disk is full").see("kept in this browser");
            browser.press("m").go("/camera/" + tag + "/prove").see("kept in this browser");
            room(started, 1_000_000);
            browser.seeNot("kept in this browser");
            String words = shop.lines(tag).findValuesAsString("words").toString();
            assertThat(words).endsWith("miss]");
            assertThat(words.split("good firing", -1)).hasSize(logged + 1);
        }
    }
}
