package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Pictures from a file and from a camera, tapped screws, and what a scanner types. */
class PicturesTest extends InBrowser {
    private static Path picture() throws IOException {
        File file = Files.createTempFile("plate", ".png").toFile();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", file);
        return file.toPath();
    }

    @Test
    void aPartIsLoggedByTappingItsScrews() throws IOException {
        String tag = shop.camera("Tapped");
        browser.go("/camera/" + tag + "/pictures").see("No picture yet");
        browser.driver
                .findElement(By.cssSelector("input[type=file]"))
                .sendKeys(picture().toString());
        browser.see("Tap each screw").field("Part that they hold", "top cover").field("Thread mm", "1.7");
        browser.field("and go into well", "a1")
                .click("[aria-label^='The picture']")
                .see("1 tapped");
        browser.press(Keys.ESCAPE).press(Keys.BACK_SPACE).see("then log the part");
        browser.click("[aria-label^='The picture']")
                .see("1 tapped")
                .button("Log the part")
                .see("1 screws mapped");
        JsonNode job = shop.get("/api/jobs/" + tag).body();
        assertThat(job.at("/parts/0/name").asText()).isEqualTo("top cover");
        assertThat(job.at("/parts/0/removed/wells/0").asText()).isEqualTo("A1");
        assertThat(job.at("/album/shots/0/pins/0/what/x").asDouble()).isBetween(0.45, 0.55);
        assertThat(shop.bytes(
                        "/api/pictures/" + job.at("/album/shots/0/what/name").asText() + "/small"))
                .hasSizeGreaterThan(200);
    }

    @Test
    void aCameraAtThisMachineTakesOne() {
        String tag = shop.camera("Captured");
        browser.go("/camera/" + tag + "/pictures")
                .button("Take one")
                .button("Take it")
                .see("Tap each screw");
        JsonNode shots = shop.get("/api/jobs/" + tag).body().at("/album/shots");
        assertThat(shots).hasSize(1);
        assertThat(shots.at("/0/what/name").asText()).endsWith(".jpg");
    }

    @Test
    void aScannedTagOpensItsJobAndAScannedWellShowsIt() {
        String tag = shop.camera("Scanned");
        shop.add(tag, """
                {"kind":"removed","part":"ring","side":"FRONT","covers":false,"wells":["B3"]}""");
        browser.go("/house").see("How we oil");
        scan("RV-" + tag);
        browser.at("/camera/" + tag);
        browser.see("Scanned");
        browser.go("/").see("On the bench");
        scan("RV-W-B3");
        browser.at("/camera/" + tag + "/strip.*");
        browser.see("holds").see("ring");
        scan("RV-W-C4");
        browser.see("is empty");
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
