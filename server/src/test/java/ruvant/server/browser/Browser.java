package ruvant.server.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A person at a real browser window. Every step waits for what a person would wait for, never for a time. */
final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(15);
    private static final Duration LONG_PATIENCE = Duration.ofMinutes(2);

    final ChromeDriver driver;
    private final String base;
    private final WebDriverWait wait;

    /** @param more arguments of the browser itself */
    Browser(int port, String... more) {
        System.setProperty("webdriver.http.factory", "jdk-http-client");
        base = "http://localhost:" + port;
        ChromeOptions options = new ChromeOptions();
        options.setBinary(
                onPath("chromium", "chromium-browser", "google-chrome").toFile());
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--use-fake-ui-for-media-stream",
                "--use-fake-device-for-media-stream",
                "--hide-scrollbars",
                "--force-color-profile=srgb",
                "--lang=en-GB",
                "--window-size=1280,800",
                "--user-data-dir=" + profile());
        options.addArguments(more);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(onPath("chromedriver").toFile())
                .usingAnyFreePort()
                .build();
        driver = new ChromeDriver(service, options);
        wait = new WebDriverWait(driver, PATIENCE, Duration.ofMillis(40));
        wait.ignoring(StaleElementReferenceException.class);
        size(1280, 800);
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    private static Path profile() {
        try {
            return Files.createTempDirectory("ruvant-browser");
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    private static Path onPath(String... names) {
        return Stream.of(names)
                .flatMap(name -> Stream.of(System.getenv("PATH").split(":")).map(folder -> Path.of(folder, name)))
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() ->
                        new AssertionError("None of " + List.of(names) + " is installed: ./ruvant test does that."));
    }

    Browser go(String path) {
        driver.get(base + path);
        return this;
    }

    String path() {
        return driver.getCurrentUrl().substring(base.length());
    }

    /** Waits until the address is like this, and gives it. */
    String at(String pattern) {
        return wait.until(window -> path().matches(pattern) ? path() : null);
    }

    /** Waits until these words are to be seen somewhere. */
    Browser see(String words) {
        wait.withMessage(() -> "to see “" + words + "” on " + path() + ":\n" + text())
                .until(window -> text().contains(words));
        return this;
    }

    /** Waits with more patience than for what a page shows by itself: for what comes in from outside. */
    Browser until(String what, BooleanSupplier holds) {
        new WebDriverWait(driver, LONG_PATIENCE, Duration.ofMillis(200))
                .withMessage(() -> what + " on " + path() + ":\n" + text())
                .until(window -> holds.getAsBoolean());
        return this;
    }

    Browser seeNot(String words) {
        wait.withMessage(() -> "not to see “" + words + "”").until(window -> !text().contains(words));
        return this;
    }

    String text() {
        return driver.findElement(By.tagName("body")).getText();
    }

    WebElement find(String selector) {
        By by = selector.startsWith("//") ? By.xpath(selector) : By.cssSelector(selector);
        return wait.withMessage(() -> "to find " + selector + " on " + path())
                .until(window -> driver.findElements(by).stream()
                        .filter(WebElement::isDisplayed)
                        .findFirst()
                        .orElse(null));
    }

    Browser click(String selector) {
        wait.until(window -> {
            try {
                find(selector).click();
                return true;
            } catch (org.openqa.selenium.ElementClickInterceptedException covered) {
                return false;
            }
        });
        return this;
    }

    /** Presses the button or link that says this, once it can be pressed. */
    Browser button(String words) {
        return click(
                "//*[self::button or self::a][not(@disabled)][normalize-space(.)='%s' or normalize-space(text())='%s']"
                        .formatted(words, words));
    }

    /** Presses a button within the row, panel or list item that holds the words. */
    Browser buttonBeside(String words, String button) {
        return click(
                "//li[contains(., '%s')]//button[not(@disabled)][normalize-space(.)='%s']".formatted(words, button));
    }

    Browser field(String label, String text) {
        WebElement field = find(
                "//label[normalize-space(.)=\"%s\"]/following-sibling::*[self::input or self::textarea or self::select]|//input[@aria-label=\"%s\"]"
                        .formatted(label, label));
        field.click();
        field.sendKeys(text);
        return this;
    }

    /** Types over what a field holds. */
    Browser retype(String label, String text) {
        return field(label, Keys.chord(Keys.CONTROL, "a") + text);
    }

    /** Presses keys wherever the focus is. */
    Browser press(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
        return this;
    }

    Browser chord(Keys held, CharSequence key) {
        new Actions(driver).keyDown(held).sendKeys(key).keyUp(held).perform();
        return this;
    }

    /** Types a line at the log line, by keyboard alone, and waits for it to be taken. */
    Browser log(String line) {
        if (!"log-line".equals(driver.switchTo().activeElement().getDomAttribute("id"))) {
            press(Keys.ESCAPE).press("l");
        }
        press(line, Keys.ENTER);
        wait.withMessage(() -> "the line to be taken: " + line + "\n" + text())
                .until(window -> driver.findElement(By.id("log-line"))
                        .getDomProperty("value")
                        .isEmpty());
        return this;
    }

    /** Moves on with Tab until what has the focus says this. */
    Browser tabTo(String words) {
        for (int i = 0; i < 120; i++) {
            WebElement active = driver.switchTo().activeElement();
            String label = active.getDomAttribute("aria-label");
            if (active.getText().strip().startsWith(words) || words.equals(label)) {
                return this;
            }
            press(Keys.TAB);
        }
        throw new AssertionError("Tab never reaches “" + words + "”");
    }

    void away(boolean away) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", away, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    @Override
    public void close() {
        driver.quit();
    }
}
