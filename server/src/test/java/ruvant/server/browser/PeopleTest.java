package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import ruvant.core.people.Role;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.access.Visitor;
import ruvant.server.people.Signers;
import tools.jackson.databind.JsonNode;

/** A shop that others reach: people come in, switch at a bench, and a phone takes its pictures. */
class PeopleTest {
    private Started started;
    private Browser browser;

    @BeforeEach
    void start() {
        started = Visitor.shop();
        browser = new Browser(started.port());
    }

    @AfterEach
    void stop() {
        browser.close();
        started.close();
    }

    private void signIn(Browser at, String name, String passphrase) {
        at.see("Sign in").field("Name", name).field("Passphrase", passphrase).button("Sign in");
    }

    @Test
    void theFirstOwnerMakesAccountsAndABenchSwitchesByPin() {
        browser.go("/").see("Make the shop owner's account");
        Axe.findsNothing(browser, "the first owner");
        browser.field("Code", "wron-code")
                .field("Name", "Ada")
                .field("New passphrase", Visitor.PASSPHRASE)
                .button("Make the account")
                .see("That is not the code.");
        browser.retype("Code", Signers.code(started)).button("Make the account").see("On the bench");
        browser.go("/house/people").see("Where people are signed in");
        Axe.findsNothing(browser, "people");
        browser.button("Add a person").see("Reads one job and nothing else.");
        Axe.findsNothing(browser, "an account");
        browser.field("Name", "Ben").field("Passphrase", "short").button("Save").see("It needs at least 10");
        browser.retype("Passphrase", Visitor.PASSPHRASE).button("Save").see("The account of Ben is saved.");
        // out, and in again at a bench that is trusted from now on
        browser.press("p").see("Who works here now?").button("Sign out").see("Sign in");
        Axe.findsNothing(browser, "signing in");
        browser.field("Name", "Ben").field("Passphrase", Visitor.PASSPHRASE);
        browser.click("input[type=checkbox]")
                .field("What this bench is called", "Window bench")
                .button("Sign in");
        browser.see("Your own");
        assertThat(browser.text()).doesNotContain("Add a person");
        browser.field("Your passphrase", Visitor.PASSPHRASE)
                .field("PIN for trusted benches", "2580")
                .button("Set the PIN")
                .see("Your PIN is set.");
        browser.press(Keys.ESCAPE).press("p").button("Sign out").see("Window bench");
        browser.see("PIN of Ben");
        Axe.findsNothing(browser, "a PIN");
        browser.press("2581", Keys.ENTER).see("That PIN is wrong.");
        browser.press("2580", Keys.ENTER).see("Your own").find("[aria-label^='Signing as Ben']");
    }

    @Test
    void aLineWaitsForWhoeverTypedItAndIsSignedByNobodyElse() {
        Shop owner = Visitor.owner(started, Signers.code(started));
        String tag = owner.camera("Held");
        Visitor.with(started, owner, Visitor.person("Ben", Role.TECHNICIAN, true, true));
        browser.go("/camera/" + tag + "/prove");
        signIn(browser, "Ben", Visitor.PASSPHRASE);
        browser.see("good in a row").press(Keys.SPACE).see("Good firing.");
        // Ben's session ends elsewhere while he works on
        for (JsonNode one : owner.get("/api/people/sessions").body()) {
            if (one.path("person").asText().equals("Ben")) {
                owner.delete("/api/people/sessions/" + one.path("id").asText());
            }
        }
        browser.press("m");
        signIn(browser, "Ada", Visitor.PASSPHRASE);
        browser.see("Lines of Ben are kept in this browser until Ben signs in.");
        assertThat(owner.lines(tag)).hasSize(2);
        browser.press("p").button("Sign out");
        signIn(browser, "Ben", Visitor.PASSPHRASE);
        browser.until("Ben's line to go", () -> owner.lines(tag).size() == 3).seeNot("are kept in this browser");
        JsonNode last = owner.lines(tag).get(2);
        assertThat(last.path("by").asText()).isEqualTo("Ben");
        assertThat(last.path("words").asText()).isEqualTo("miss");
    }

    private static Path picture(int shade) throws IOException {
        File file = Files.createTempFile("plate", ".png").toFile();
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        image.setRGB(10, 10, shade);
        ImageIO.write(image, "png", file);
        return file.toPath();
    }

    /** What the code on the screen says, as a phone would read it. */
    private String scanned() {
        return browser.see("/phone#").driver.findElements(By.tagName("p")).stream()
                .map(one -> one.getText())
                .filter(text -> text.contains("/phone#"))
                .findFirst()
                .orElseThrow();
    }

    private static void take(Browser phone, Path picture) {
        phone.driver.findElement(By.cssSelector("input[capture]")).sendKeys(picture.toString());
    }

    @Test
    void aPhoneIsTheCameraOfTheBench() throws IOException {
        Shop owner = Visitor.owner(started, Signers.code(started));
        String tag = owner.camera("Photographed");
        browser.go("/camera/" + tag + "/strip");
        signIn(browser, "Ada", Visitor.PASSPHRASE);
        browser.see("Take a part off").press(Keys.F8);
        try (Browser phone = new Browser(started.port(), "--ignore-certificate-errors")) {
            phone.size(390, 844);
            phone.driver.get(scanned());
            phone.see(tag).see("signs as Ada");
            browser.see("Ada's phone").press(Keys.ESCAPE).field("Part", "front plate");
            phone.until(
                    "to hear what is at hand",
                    () -> "before: front plate"
                            .equals(phone.find("input[type=text]").getDomProperty("value")));
            take(phone, picture(0xff0000));
            phone.see("At the bench");
            Axe.findsNothing(phone, "a phone");
            browser.see("A new picture").see("before: front plate");
            JsonNode shot = owner.get("/api/jobs/" + tag).body().at("/album/shots/0");
            assertThat(shot.path("by").asText()).isEqualTo("Ada");
            assertThat(shot.at("/what/part").asText()).isEqualTo("front plate");
            assertThat(shot.at("/what/at").asText()).isEqualTo("STRIP");
            // the network goes away for a while
            phone.away(true);
            take(phone, picture(0x00ff00));
            phone.see("Waits for the network").see("1 picture waits");
            phone.away(false);
            phone.until(
                    "the second picture to arrive",
                    () -> owner.get("/api/jobs/" + tag)
                                    .body()
                                    .at("/album/shots")
                                    .size()
                            == 2);
            phone.seeNot("1 picture waits");
            // the log line, and firings counted from across the room
            phone.field("Log line", "note from the phone").press(Keys.ENTER);
            phone.until("the line to be logged", () -> owner.lines(tag).size() == 4);
            assertThat(owner.lines(tag).findValuesAsString("by")).containsOnly("Ada");
            browser.go("/camera/" + tag + "/prove").see("good in a row");
            phone.button("Good").see("1 of");
            browser.see("required");
            assertThat(browser.find("section[aria-label='Firings in a row'] .num")
                            .getText())
                    .isEqualTo("1");
            browser.go("/camera/" + tag + "/stand");
            String before = phone.see("at the stand").text();
            phone.button("Next speed")
                    .until("the next speed", () -> !phone.text().equals(before));
            browser.at(".*speed=.*");
            endPhone(tag);
            phone.see("This phone is not paired");
        }
    }

    private void endPhone(String tag) {
        browser.go("/camera/" + tag + "/pictures").see("Use a phone").press(Keys.F8);
        browser.click("[aria-label^='End the pairing']");
    }

    @Test
    void pagesForEverybodyAreReadableWithoutSigningIn() {
        browser.go("/authority").see("Install this shop's certificate").see("Fingerprint");
        Axe.findsNothing(browser, "the authority");
        for (String path : List.of("/", "/camera/R-0001", "/house/people")) {
            browser.go(path).see("Make the shop owner's account");
        }
        browser.go("/phone").see("This phone is not paired");
    }
}
