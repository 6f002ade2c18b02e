package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import ruvant.server.Shop;

/** Several windows, a server that goes away, taking back, finding. */
class WindowsTest extends InBrowser {
    @Test
    void anotherWindowSeesWhatIsLoggedHere() {
        String tag = shop.camera("Two Windows");
        browser.go("/camera/" + tag).see("Nothing is off yet");
        try (Browser other = new Browser(port)) {
            other.go("/camera/" + tag).see("Nothing is off yet").log("off front plate, 3 slot 1.4x3");
            browser.see("front plate");
            other.log("lost slotted screw");
            browser.see("Lost: 1 × slotted screw");
        }
    }

    @Test
    void aStaleWindowIsToldWhatHappened() {
        String tag = shop.camera("Stale Window");
        shop.add(tag, Shop.off("ring"));
        browser.go("/camera/" + tag + "/refit").see("ring");
        browser.away(true);
        shop.add(tag, Shop.back("ring"));
        browser.button("Put back").see("1 line is kept");
        browser.away(false);
        browser.see("was refused").see("is already back");
    }

    @Test
    void linesTypedWhileTheServerIsAwayGoInOrderAndOnce() {
        String tag = shop.camera("Away");
        browser.go("/camera/" + tag + "/prove").see("good in a row");
        browser.away(true);
        browser.press(Keys.SPACE)
                .see("1 line is kept")
                .press(Keys.SPACE)
                .see("2 lines are kept")
                .press("m")
                .see("3 lines are kept");
        browser.away(false);
        browser.seeNot("lines wait").see("1 in 3 since the last work");
        var log = shop.get("/api/logs/" + tag + "/lines").body();
        assertThat(log.findValuesAsString("words"))
                .endsWith("good firing", "good firing", "miss")
                .hasSize(4);
    }

    @Test
    void whatIsTypedSurvivesLeavingThePage() {
        browser.go("/new").field("Maker", "Brackwater").field("Model", "Sweep");
        browser.go("/").see("On the bench").go("/new");
        assertThat(browser.find("input[name=maker]").getDomProperty("value")).isEqualTo("Brackwater");
        browser.button("Create job").see("The owner is empty");
        assertThat(browser.find("input[name=model]").getDomProperty("value")).isEqualTo("Sweep");
    }

    @Test
    void theLastLineIsTakenBackWithOneKeyAndBroughtBackWithTheSame() {
        String tag = shop.camera("Undo");
        browser.go("/camera/" + tag)
                .see("Nothing is off yet")
                .log("off front plate")
                .see("front plate")
                .press(Keys.ESCAPE);
        browser.chord(Keys.CONTROL, "z").see("Struck out: took off front plate").see("Nothing is off yet");
        browser.chord(Keys.CONTROL, "z").see("The line is restored").see("Taken off");
    }

    @Test
    void strikingWhatOthersRestOnOffersToStrikeThemTogether() {
        String tag = shop.camera("Strike out");
        shop.add(tag, Shop.off("ring"), Shop.back("ring"));
        browser.go("/camera/" + tag + "/record").see("took off ring");
        browser.click("//li[contains(., 'took off ring')]//button[.='Strike out…']")
                .press("never happened")
                .button("Strike out")
                .see("A later line depends on this");
        browser.button("Strike them all out").see("2 struck out");
        browser.click("a[href$='/strip']").see("Nothing is off yet");
    }

    @Test
    void anEarlierRemovalIsEnteredLate() {
        String tag = shop.camera("Late");
        shop.add(tag, Shop.off("ring"));
        browser.go("/camera/" + tag + "/record")
                .button("Add an earlier removal…")
                .see("It came off before line 2");
        browser.field("Part", "front cover")
                .button("front")
                .button("Log the part")
                .see("2 of 2 out");
        assertThat(shop.get("/api/jobs/" + tag).body().at("/parts/1/over/0").asText())
                .isEqualTo("front cover");
    }

    @Test
    void findsACameraFromAnywhere() {
        browser.go("/house").see("How we oil").press(Keys.F2).find("[role=dialog] input");
        browser.press("bracku")
                .see("Nothing matches all these words")
                .press(Keys.BACK_SPACE, "w mei")
                .see("Mei-Lin Tsao")
                .press(Keys.ENTER);
        browser.at("/camera/R-0064");
    }

    @Test
    void aPackageTooLargeOrWrongIsRefusedInTheWindow() throws java.io.IOException {
        browser.go("/cameras").see("In the shop");
        var wrong = java.nio.file.Files.createTempFile("wrong", ".zip");
        java.nio.file.Files.writeString(wrong, "no zip");
        browser.driver
                .findElement(org.openqa.selenium.By.cssSelector("input[type=file]"))
                .sendKeys(wrong.toString());
        browser.see("not a job package").see("Choose a ZIP file that Ruvant exported");
        var huge = java.nio.file.Files.createTempFile("huge", ".zip");
        try (var sparse = new java.io.RandomAccessFile(huge.toFile(), "rw")) {
            sparse.setLength(200L << 20);
        }
        browser.driver
                .findElement(org.openqa.selenium.By.cssSelector("input[type=file]"))
                .sendKeys(huge.toString());
        browser.see("is 200 MB").seeNot("not a job package");
        java.nio.file.Files.delete(huge);
    }

    /** What a browser fetches before the first page works: scripts and what they preload, compressed. */
    @Test
    void theFirstPagesScriptsAreSmall() throws java.io.IOException {
        String page = new String(shop.bytes("/"));
        Matcher script =
                Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.js)\"").matcher(page);
        int total = 0;
        while (script.find()) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(shop.bytes(script.group(1)));
            }
            total += packed.size();
        }
        assertThat(total).isBetween(20_000, 200_000);
    }
}
