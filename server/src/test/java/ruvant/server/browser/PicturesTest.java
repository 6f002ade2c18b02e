package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Pictures from a file and from a camera, and tapped screws. */
class PicturesTest extends InBrowser {
    private static Path picture() throws IOException {
        File file = Files.createTempFile("plate", ".png").toFile();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", file);
        return file.toPath();
    }

    @Test
    void aPartIsLoggedByTappingItsScrews() throws IOException {
        String tag = shop.camera("Tapped");
        browser.go("/camera/" + tag + "/pictures").see("No pictures yet");
        browser.driver
                .findElement(By.cssSelector("input[type=file]"))
                .sendKeys(picture().toString());
        browser.see("Tap each screw").field("Part they hold", "top cover").field("Thread, mm", "1.7");
        browser.field("and go into well", "a1")
                .click("[aria-label*='tap to place a pin']")
                .see("1 tapped");
        browser.press(Keys.ESCAPE).press(Keys.BACK_SPACE).see("then log the part");
        browser.click("[aria-label*='tap to place a pin']")
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
                .button("Take a picture")
                .button("Take it")
                .see("Tap each screw");
        JsonNode shots = shop.get("/api/jobs/" + tag).body().at("/album/shots");
        assertThat(shots).hasSize(1);
        assertThat(shots.at("/0/what/name").asText()).endsWith(".jpg");
    }
}
