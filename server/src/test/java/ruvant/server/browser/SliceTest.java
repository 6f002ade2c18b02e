package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** One camera from the counter to its return sheet: once by keyboard alone, once with the mouse. */
class SliceTest extends InBrowser {
    @Test
    void byKeyboardAlone() {
        browser.go("/").see("On the bench").press("n");
        browser.at("/new");
        browser.find("input[name=maker]");
        browser.press(
                        "Pellworm",
                        Keys.TAB,
                        "Twin",
                        Keys.TAB,
                        "2nd pattern",
                        Keys.TAB,
                        "338999",
                        Keys.TAB,
                        "twin",
                        Keys.TAB,
                        "leaf shutter, l",
                        Keys.TAB)
                .press(Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB)
                .press(
                        "Keyboard Owner",
                        Keys.TAB,
                        "by post",
                        Keys.TAB,
                        "Slow speeds drag",
                        Keys.TAB,
                        "case, strap",
                        Keys.TAB,
                        "slow speeds",
                        Keys.ENTER);
        String tag = tagIn(browser.at("/camera/R-\\d+/intake"));
        browser.see("“Slow speeds drag”").see("twin-lens reflex, leaf shutter, lens-mounted");

        browser.press("c", "f", "d", "w", "w").see("4 of 2");
        browser.log("off front plate, 3 slot 1.4x3, well B1, mark notch at red line")
                .log("off retard train, 2 slot 1.4x4, well B3, beware spring").log("symptom slow speeds late")
                .log("suspect gummed retard train, whirrs").log("suspect oil on blades")
                .log("clear oil on blades, dry under the loupe").log("cause gummed retard train, free when wet")
                .log("clean retard train naphtha").log("wait retard train flash-off 10 min")
                .log("oil retard train pivots thin oil").log("replace detent spring from donor Twin 290455, checked");

        browser.press(Keys.ESCAPE, "7");
        browser.at("/camera/" + tag + "/refit.*");
        browser.see("Waiting");
        browser.log("over retard train, dry").press(Keys.ESCAPE).see("May go back now");
        browser.see("All 2 back").press("a").see("1 of 1 types").chord(Keys.CONTROL, Keys.ENTER);
        browser.see("Put back: retard train").see("1 of 2 still out");
        // what can be seen only now that it is on is asked before the next part
        browser.see("Spring hooked and free to move").press("g").see("Checked: Spring hooked");
        browser.see("Mark matched: notch at red line")
                .see("All 3 started before any is tight")
                .see("Trays checked")
                .see("Not tried again yet: Speed 1/4, Speed 1/8.")
                .press("g")
                .see("4 of 5 open")
                .press("g")
                .see("3 of 5 open");
        browser.press("a").see("1 of 1 types").chord(Keys.CONTROL, Keys.ENTER);
        browser.see("Put back: front plate").see("0 of 2 still out");
        browser.press("g")
                .see("2 of 5 open")
                .press("g")
                .see("1 of 5 open")
                .press("g")
                .see("Everything is back");

        browser.press("8");
        browser.at("/camera/" + tag + "/prove.*");
        // the page comes after its address, and its keys with it
        browser.see("Measure on the stand");
        browser.press("f", "1.02s 1.04s 1.01s 1.03s", Keys.ENTER).see("1 of 10 speeds in tolerance");
        browser.press("1/2.1 1/2.0 1/1.95 1/2.05", Keys.ENTER)
                .see("2 of 10 speeds in tolerance")
                .press(Keys.ESCAPE);
        browser.press(Keys.SPACE)
                .see("Good firing.")
                .press("m")
                .see("Miss.")
                .press(Keys.SPACE)
                .see("Good firing.");
        browser.log("advise fire it once a month").press(Keys.ESCAPE, "9").see("Before it goes back");
        browser.tabTo("One reason for all").press("the owner needs it for a journey", Keys.ENTER);
        browser.see("goes out so: the owner needs it for a journey")
                .tabTo("Returned to")
                .press(Keys.ENTER);
        browser.see("Returned to Keyboard Owner");
        browser.tabTo("Open the PDF");
        String address = browser.driver.switchTo().activeElement().getDomAttribute("href");
        assertThat(new String(shop.bytes(address), 0, 5)).isEqualTo("%PDF-");

        JsonNode job = shop.get("/api/jobs/" + tag).body();
        assertThat(job.at("/handover/returned/to").asText()).isEqualTo("Keyboard Owner");
        assertThat(job.at("/ledger/pieces/out").asInt()
                        + job.at("/ledger/pieces/unaccounted").asInt())
                .isZero();
        assertThat(job.at("/prove/streak/missesSinceWork").asInt()).isEqualTo(1);
    }

    @Test
    void byMouse() {
        browser.go("/").button("Check in a camera");
        browser.field("Maker", "Dunmoor")
                .field("Model", "Sixty")
                .field("Owner", "Mouse Owner")
                .field("Complaint, in the owner's words", "Sticks");
        browser.field("Work to do", "make it run").button("Create job");
        String tag = tagIn(browser.at("/camera/R-\\d+/intake"));
        browser.click("button[aria-label='B works']")
                .see("1 of")
                .click("button[aria-label='Speed 1 fails']")
                .see("2 of");

        browser.click("a[href$='/strip']").field("Part", "shutter faceplate");
        browser.button("lens front")
                .button("Add a fastener")
                .field("Thread, mm", "1,2")
                .field("Length, mm", "2.2");
        browser.click("//summary[contains(., 'How it was fitted')]");
        browser.click("button[aria-label$='A2, empty']")
                .field("Witness mark", "dot at dot")
                .button("Log the part")
                .see("Taken off: shutter faceplate");
        browser.field("Part", "slow train")
                .button("lens front")
                .click("button[aria-label$='A4, empty']")
                .button("Log the part");
        browser.see("2 of 2 out");

        browser.click("a[href$='/find']")
                .field("Add a symptom", "slow speeds stick")
                .click("//section[@aria-label='Symptoms']//button");
        browser.field("Suspect", "gummed slow train")
                .click("//form[.//input[@aria-label='Suspect']]//button")
                .see("gummed slow train");
        browser.button("Confirm cause…")
                .field("What is the evidence?", "drags when dry")
                .button("Confirm")
                .see("is the cause");

        browser.click("a[href$='/clean']").click("//div[@aria-label='Parts of this job']//button[.='slow train']");
        browser.see("Naphtha")
                .click("//li[contains(., 'Naphtha')]//button[.='and wait 10 min']")
                .see("naphtha (lighter fluid) flash-off")
                .button("End early");
        browser.see("Nothing is waiting here");
        browser.click("a[href$='/oil']")
                .button("Add a point…")
                .click("//div[@aria-label='Parts of this job']//button[.='slow train']");
        browser.field("Point", "pivots").button("Log the point").see("Oiled: pivots.");
        browser.click("a[href$='/mend']").button("Replaced").field("Part", "faceplate screw");
        browser.button("stock")
                .field("From where", "screw tin")
                .click("//label[contains(., 'Checked before fitting')]")
                .button("New part ready")
                .see("faceplate screw from screw tin");

        browser.click("a[href$='/refit']").see("slow train").button("Put back").see("Put back: slow train");
        browser.see("Nothing trapped under it");
        browser.buttonBeside("What worked at intake", "Confirm")
                .see("4 of 5 open")
                .buttonBeside("Trays checked", "Confirm")
                .see("3 of 5 open")
                // learned from an earlier camera of the model
                .buttonBeside("cable release lever free", "Confirm")
                .see("2 of 5 open");
        browser.button("Put back")
                .see("do not add up")
                .button("It is back")
                .button("Put back")
                .see("0 of 2 still out")
                .buttonBeside("Mark matched", "Confirm")
                .see("1 of 5 open")
                .buttonBeside("Nothing trapped", "Confirm")
                .see("0 of 5 open");

        browser.click("a[href$='/prove']")
                .field("Firings", "1.1s 1.05s 1.08s 1.1s")
                .button("Add the firings")
                .see("1 of 10 speeds in tolerance");
        browser.button("Good").see("Good firing.").button("Miss").see("Miss.");
        browser.click("//section[@aria-label='Worked at intake']//button[.='Works']")
                .see("0 of 1 to try");
        browser.click("a[href$='/return']")
                .buttonBeside("make it run", "Done")
                .field("Advice", "Keep it dry")
                .click("//form[.//input[@aria-label='Advice']]//button");
        browser.see("of 36 good in a row").see("Fewer than usual: 1 × slotted screw 1.2 × 2.2");
        browser.buttonBeside("Fewer than usual", "Pass over…")
                .field(
                        "Why does it go out with this open: Fewer than usual: 1 × slotted screw 1.2 × 2.2, shutter faceplate?",
                        "agreed by telephone")
                .press(Keys.ENTER)
                .see("goes out so: agreed by telephone");
        browser.button("Return it anyway").see("Returned to Mouse Owner");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet.pdf"), 0, 5))
                .isEqualTo("%PDF-");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet")))
                .contains("Keep it dry", "gummed slow train", "screw tin");
    }
}
