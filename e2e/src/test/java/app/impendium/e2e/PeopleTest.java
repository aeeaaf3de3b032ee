package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.security.InvalidKeyException;
import java.time.Instant;
import java.util.Locale;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.apache.commons.codec.digest.DigestUtils;
import org.junit.jupiter.api.Test;

/** A practice of one's own, from its set-up to people who come and go. */
class PeopleTest extends Journey {
    private static final String PASSWORD = "quarry-thimble-oboe-77";

    @Test
    void aPracticeIsSetUpAndSomebodyInvitedWorksInIt() {
        Advisor owner = setUp("Larkfield Advice", "lene@larkfield.example");
        Page page = owner.page();
        assertThat(page.getByText("No cases yet. Create the first one.")).isVisible();

        invite(owner, "Ivo Tamm", "lene@larkfield.example");
        assertThat(page.getByText("Somebody signs in with this email already.")).isVisible();
        exactly(page, "Email").fill("ivo@larkfield.example");
        owner.press("Invite");
        String link = page.getByTestId("password-address").textContent();

        Advisor invited = someone();
        invited.page().navigate(link);
        assertThat(invited.page().getByText("Ivo Tamm, Larkfield Advice")).isVisible();
        exactly(invited.page(), "Password").fill("larkfield-ivo");
        invited.press("Keep it and sign in");
        assertThat(invited.page().getByText("This password is easy to guess")).isVisible();
        exactly(invited.page(), "Password").fill(PASSWORD);
        invited.press("Keep it and sign in");
        assertThat(invited.heading("Cases")).isVisible();

        // An advisor looks at what the practice has decided, and changes none of it.
        invited.page().navigate("/practice/limits");
        assertThat(invited.page().getByText("Owners of the practice change it."))
                .isVisible();
        assertThat(button(invited.page(), "Add limits…")).hasCount(0);
        invited.page().navigate("/practice");
        assertThat(invited.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Time zone")))
                .isVisible();
        assertThat(invited.page().getByLabel("Time zone")).hasCount(0);

        owner.press("Done");
        owner.press("Edit Ivo Tamm");
        owner.press("Sign out everywhere");
        assertThat(button(page, "Signed out everywhere")).isVisible();
        invited.page().navigate("/cases");
        exactly(invited.page(), "Email").fill("ivo@larkfield.example");
        exactly(invited.page(), "Password").fill(PASSWORD);
        invited.press("Show password");
        assertThat(exactly(invited.page(), "Password")).hasAttribute("type", "text");
        invited.press("Sign in");
        assertThat(invited.heading("Cases")).isVisible();

        owner.press("End their work here");
        assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("They are signed out at once");
        owner.press("Cancel");
        owner.press("End their work here");
        owner.press("End their work");
        assertThat(line(page, "Ivo Tamm")).containsText("Left");
        invited.page().navigate("/cases");
        assertThat(button(invited.page(), "Sign in")).isVisible();
    }

    @Test
    void thePracticeIsRenamedAndChoosesItsTimeZoneAndBackAgain() {
        Advisor owner = setUp("Renfeild Advice", "lene@renamed.example");
        Page page = owner.page();
        page.navigate("/practice");
        Locator name = exactly(page, "Name");
        name.selectText();
        name.pressSequentially("Renfield Advice", new Locator.PressSequentiallyOptions().setDelay(80));
        owner.press("Save name");
        assertThat(button(page, "Save name")).isDisabled();
        owner.choose("Time zone", "Europe/London");
        owner.choose("Time zone", "UTC");
        page.reload();
        assertThat(exactly(page, "Name")).hasValue("Renfield Advice");
        assertThat(page.getByLabel("Time zone")).containsText("UTC");
        owner.press("Lene Cora Larkfield");
        assertThat(page.getByRole(AriaRole.MENU)).containsText("Renfield Advice");
    }

    @Test
    void aCodeIsAskedForAndSessionsAreEndedFromElsewhere() {
        Advisor here = setUp("Codes & Co", "cora@codes.example");
        Page page = here.page();
        page.navigate("/account");
        exactly(page, "Your password").fill(PASSWORD);
        here.press("Set it up");
        String secret = page.getByTestId("secret").textContent().replace(" ", "");
        exactly(page, "Code that it shows").fill("12");
        here.press("Ask for codes from now on");
        assertThat(page.getByText("This is not the code that the app shows now."))
                .isVisible();
        exactly(page, "Code that it shows").fill(code(secret, 0));
        here.press("Ask for codes from now on");
        assertThat(page.getByLabel("Recovery codes").getByRole(AriaRole.LISTITEM))
                .hasCount(8);
        here.press("I have kept them");

        Advisor elsewhere = someone();
        elsewhere.page().navigate("/");
        exactly(elsewhere.page(), "Email").fill("cora@codes.example");
        exactly(elsewhere.page(), "Password").fill(PASSWORD);
        elsewhere.press("Sign in");
        exactly(elsewhere.page(), "Code").fill(code(secret, 1));
        elsewhere.press("Sign in");
        assertThat(elsewhere.heading("Cases")).isVisible();

        page.reload();
        here.press("End all others");
        assertThat(button(page, "End all others")).hasCount(0);
        elsewhere.page().reload();
        assertThat(button(elsewhere.page(), "Sign in")).isVisible();
    }

    @Test
    void whatIsTypedOutlivesASessionThatWasEndedFromElsewhere() {
        Advisor here = setUp("Restful Advice", "cora@restful.example");
        Page page = here.page();
        here.begin("Typed on and on", "");
        Locator price = here.figure(Field.PRICE);
        typeOver(price, "512,000");
        page.keyboard().press("Tab");
        here.waitUntilSaved();

        endAllOthers("cora@restful.example");
        typeOver(price, "534,500");
        Locator question =
                page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Your session has ended"));
        assertThat(question).containsText("What you typed is still on the page: sign in as Lene Cora Larkfield");
        typeOver(exactly(page, "Password"), "not-this-one-4");
        here.press("Sign in");
        assertThat(question.getByRole(AriaRole.ALERT).last()).isVisible();
        typeOver(exactly(page, "Password"), PASSWORD);
        here.press("Sign in");
        assertThat(question).hasCount(0);
        page.keyboard().press("Tab");
        here.waitUntilSaved();
        page.reload();
        assertThat(price).hasValue("534,500");

        page.navigate("/practice/limits");
        here.press("Add a limit set…");
        here.item("Canada");
        typeOver(page.getByLabel("Name of the set"), "Restful Mutual");
        endAllOthers("cora@restful.example");
        here.press("Save");
        typeOver(exactly(page, "Password"), PASSWORD);
        here.press("Sign in");
        assertThat(question).hasCount(0);
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Sign in")))
                .hasCount(0);
        here.press("Save");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Restful Mutual")))
                .isVisible();
    }

    private void endAllOthers(String email) {
        Advisor elsewhere = someone();
        elsewhere.page().navigate("/");
        exactly(elsewhere.page(), "Email").fill(email);
        exactly(elsewhere.page(), "Password").fill(PASSWORD);
        elsewhere.press("Sign in");
        assertThat(elsewhere.heading("Cases")).isVisible();
        elsewhere.page().navigate("/account");
        elsewhere.press("End all others");
        assertThat(button(elsewhere.page(), "End all others")).hasCount(0);
    }

    private static void typeOver(Locator field, String text) {
        field.selectText();
        field.pressSequentially(text, new Locator.PressSequentiallyOptions().setDelay(80));
    }

    @Test
    void aCaseGoesBackToWhomItWasOfTwoWhoShareAName() {
        Advisor owner = setUp("Namesakes", "one@namesakes.example");
        Page page = owner.page();
        invite(owner, "Lene Cora Larkfield", "other@namesakes.example");
        assertThat(page.getByTestId("password-address")).isVisible();
        page.navigate("/cases");
        owner.begin("Namesake Row", "").toCases();

        page.getByLabel("Choose Namesake Row").check();
        owner.press("Assign to…");
        owner.item("Lene Cora Larkfield, other@namesakes.example");
        assertThat(page.getByText("“Namesake Row” assigned to Lene Cora Larkfield."))
                .isVisible();
        owner.press("Filter");
        owner.choose("Advisor", "Lene Cora Larkfield, other@namesakes.example");
        assertThat(page.getByLabel("Choose Namesake Row")).isVisible();
        owner.press("Undo");
        assertThat(page.getByLabel("Choose Namesake Row")).hasCount(0);
        owner.choose("Advisor", "Lene Cora Larkfield, one@namesakes.example");
        assertThat(page.getByLabel("Choose Namesake Row")).isVisible();
    }

    private static void invite(Advisor owner, String name, String email) {
        owner.page().navigate("/practice/people");
        owner.press("Invite somebody");
        exactly(owner.page(), "Name").fill(name);
        exactly(owner.page(), "Email").fill(email);
        owner.press("Invite");
    }

    private Advisor setUp(String practice, String email) {
        String code = "JOURNEYS" + practice.substring(0, 4).toUpperCase(Locale.ROOT);
        runSql("insert into setup_code (hash, ends_at) values (decode('" + DigestUtils.sha256Hex(code)
                + "', 'hex'), now() + interval '1 hour')");
        Advisor owner = someone();
        Page page = owner.page();
        page.navigate("/set-up");
        exactly(page, "Set-up code").fill("AAAA-BBBB-CCCC-DDDD");
        exactly(page, "Practice").fill(practice);
        exactly(page, "Your name").fill("Lene Cora Larkfield");
        exactly(page, "Email").fill(email);
        exactly(page, "Password").fill(PASSWORD);
        owner.press("Set up the practice");
        assertThat(page.getByText("This is not a set-up code that is good.")).isVisible();
        exactly(page, "Set-up code").fill(code);
        owner.press("Set up the practice");
        assertThat(owner.heading("Cases")).isVisible();
        return owner;
    }

    private static Locator exactly(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator line(Page page, String name) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("People"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name));
    }

    /** What the app shows so many half minutes from now. */
    private static String code(String secret, int stepsAhead) {
        TimeBasedOneTimePasswordGenerator app = new TimeBasedOneTimePasswordGenerator();
        try {
            return app.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), app.getAlgorithm()),
                    Instant.now().plus(app.getTimeStep().multipliedBy(stepsAhead)));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }
}
