package ruvant.server.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.OutputType;

/** Takes the README's pictures anew: {@code mvn -pl server -am test -Dtest=Screenshots -DargLine=-Druvant.shots=true}. */
@EnabledIfSystemProperty(named = "ruvant.shots", matches = "true")
class Screenshots extends InBrowser {
    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    private record Picture(String path, String name, String theme, int width, String sign) {}

    private static final List<Picture> PICTURES = List.of(
            new Picture("/", "bench", "day", 1280, "On the bench"),
            new Picture("/camera/R-0063", "valley", "day", 1280, "How it runs"),
            new Picture("/camera/R-0063/intake", "intake", "day", 1280, "Function check"),
            new Picture("/camera/R-0063/strip?part=front%20plate", "strip", "day", 1280, "What lies over what"),
            new Picture("/camera/R-0069/adjust", "adjust", "day", 1280, "What it moves"),
            new Picture("/camera/R-0067/pictures", "pictures", "day", 1280, "On this picture"),
            new Picture("/known/model?maker=Quillon&model=35", "known", "day", 1280, "Ways in"),
            new Picture("/camera/R-0066/find", "find", "day", 1280, "Suspects"),
            new Picture("/camera/R-0063/clean", "clean", "day", 1280, "Naphtha"),
            new Picture("/camera/R-0073/mend?part=speed%20ring", "mend", "day", 1280, "Sources for the"),
            new Picture("/camera/R-0065/refit", "refit", "day", 1280, "Checks"),
            new Picture("/camera/R-0062/prove?speed=1%2F1000", "prove", "day", 1280, "The curtains at"),
            new Picture("/camera/R-0062/stand?speed=1%2F1000", "stand", "day", 1280, "set the dial to"),
            new Picture("/camera/R-0062/return", "return", "day", 1280, "Before it goes back"),
            new Picture("/shelf/needs", "shelf", "day", 1280, "shared out together"),
            new Picture("/camera/R-0067/options", "options", "day", 1280, "Minimal repair"),
            new Picture("/plan", "plan", "day", 1280, "95 %"),
            new Picture("/accounts", "accounts", "day", 1280, "For the accountant"));

    @Test
    void take() throws IOException {
        Files.createDirectories(FOLDER);
        browser.go("/").see("On the bench");
        for (Picture picture : PICTURES) {
            browser.size(picture.width(), 800);
            browser.driver.executeScript("localStorage.setItem('ruvant.theme', arguments[0])", picture.theme());
            browser.go(picture.path()).see(picture.sign());
            // dates come in after the figures they belong to
            browser.seeNot("planning…");
            browser.driver.executeAsyncScript("document.fonts.ready.then(() => setTimeout(arguments[0], 300))");
            browser.driver.executeCdpCommand("Page.bringToFront", Map.of());
            Files.write(FOLDER.resolve(picture.name() + ".png"), browser.driver.getScreenshotAs(OutputType.BYTES));
        }
        phone();
    }

    /** What a phone beside the bench shows while a part goes back. */
    private void phone() throws IOException {
        shop.put("/api/phones/benches/shots", """
                {"tag":"R-0065","stop":"REFIT","part":"speed cam","shows":"after: speed cam","speed":""}""");
        String address = shop.post("/api/phones/codes", "{\"by\":\"Ines K.\",\"bench\":\"shots\"}")
                .body()
                .path("address")
                .asText();
        browser.size(390, 844);
        browser.driver.get(address.replace("127.0.0.1", "localhost"));
        browser.see("Put back next");
        browser.driver.executeAsyncScript("document.fonts.ready.then(() => setTimeout(arguments[0], 300))");
        Files.write(FOLDER.resolve("phone.png"), browser.driver.getScreenshotAs(OutputType.BYTES));
    }
}
