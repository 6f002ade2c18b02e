package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.server.measure.StandRecordings;
import tools.jackson.databind.JsonNode;

/** The stand in a browser: the stand-in, and the browser's own sound input with a recorded signal played into it. */
class StandTest extends InBrowser {
    private Browser withSound;

    @BeforeEach
    void playIntoTheInput() throws IOException {
        Path file = Files.createTempFile("stand", ".wav");
        Files.write(file, StandRecordings.wav(StandRecordings.leaf(1 / 60.0, 1 / 60.0)));
        withSound = new Browser(port, "--use-file-for-fake-audio-capture=" + file);
    }

    @AfterEach
    void stop() {
        withSound.close();
    }

    private JsonNode timed(String tag) {
        return shop.get("/api/jobs/" + tag).body().at("/prove/timed");
    }

    @Test
    void aSimulatedCameraIsFiredTakenBackAndLookedAt() {
        String tag = shop.camera("Stand-in");
        browser.go("/camera/" + tag + "/stand?speed=1%2F60")
                .see("set the dial to")
                .button("Start listening");
        browser.see("Fire the stand-in").press("f").see("the last one gave");
        assertThat(timed(tag)).hasSize(1);
        browser.press("f").see("2 of 5 fired").press("u").see("1 of 5 fired");
        assertThat(timed(tag)).hasSize(1);
        browser.press(" ").see("0 of 5 fired");
        browser.go("/camera/" + tag + "/prove?speed=1%2F60")
                .click("[aria-label$='show its light curve']")
                .see("between the edges");
        assertThat(browser.driver.getPageSource()).contains("Its recording");
    }

    @Test
    void aRecordingOfAWholeRunIsMatchedLookedOverAndLogged() throws IOException {
        String tag = shop.camera("From a file");
        Path file = Files.createTempFile("run", ".wav");
        Files.write(file, StandRecordings.wav(StandRecordings.leaf(1.3, 1.28, 1 / 62.0, 1 / 60.0, 1 / 430.0)));
        browser.go("/camera/" + tag + "/stand").see("Measure a recording");
        browser.driver
                .findElement(org.openqa.selenium.By.cssSelector("input[type=file]"))
                .sendKeys(file.toString());
        browser.see("5 firings in the recording").button("Log 5 firings").see("5 firings logged");
        JsonNode speeds = shop.get("/api/jobs/" + tag).body().get("speeds");
        assertThat(speeds.at("/0/before/seconds")).hasSize(2);
        assertThat(speeds.at("/1/before/seconds")).hasSize(2);
        assertThat(speeds.at("/2/before/seconds")).hasSize(1);
    }

    @Test
    void theSoundInputIsHeardMeasuredAndLogged() {
        String tag = shop.camera("Sound input");
        withSound.go("/camera/" + tag + "/stand?speed=1%2F60").see("set the dial to");
        withSound
                .field("Input", "Sound input the browser chooses")
                .button("Start listening")
                .until("five firings heard", () -> timed(tag).size() >= 5);
        // a busy machine's simulated sound device leaves out ten milliseconds now and then, also within a firing: what
        // it
        // leaves out between them costs firings, so that five take longer, and most of them have to be right
        List<Double> exposures = new ArrayList<>();
        timed(tag).forEach(run -> exposures.add(run.at("/seconds/0").asDouble()));
        exposures.sort(null);
        assertThat(exposures.get(exposures.size() / 2)).isCloseTo(1 / 60.0, within(0.0005));
        assertThat(timed(tag).at("/0/with/recording").asText()).endsWith(".wav");
    }
}
