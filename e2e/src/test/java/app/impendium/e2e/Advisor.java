package app.impendium.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** What an advisor does in a browser, in the words of the screens. */
final class Advisor {
    static final String EMAIL = "bea@ostrander-pell.example";
    static final String COLLEAGUE = "tobias@ostrander-pell.example";
    static final String PASSWORD = "lantern-harbour-42";

    private final Page page;

    Advisor(Page page) {
        this.page = page;
    }

    Page page() {
        return page;
    }

    Advisor signIn(String email) {
        page.navigate("/");
        page.getByLabel("Email").fill(email);
        page.getByLabel("Password").fill(PASSWORD);
        press("Sign in");
        assertThat(heading("Cases")).isVisible();
        return this;
    }

    /** Searches for a case, which may lie far down the list, and opens it. */
    Advisor open(String title) {
        page.getByLabel("Search cases").fill(title);
        // In the list as it was before, the line would move away from under the pointer.
        assertThat(page.locator("ul[aria-busy=false]")).isVisible();
        page.getByRole(
                        AriaRole.LIST,
                        new Page.GetByRoleOptions().setName("Cases").setExact(true))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(title))
                .click();
        assertThat(figure(Field.LOAN_AMOUNT)).isVisible();
        return this;
    }

    /** Goes back to the list of cases. */
    Advisor toCases() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Impendium, all cases"))
                .click();
        assertThat(heading("Cases")).isVisible();
        return this;
    }

    /** The same advisor with what is open here open in another tab too. */
    Advisor inAnotherTab() {
        Page tab = page.context().newPage();
        tab.navigate(page.url());
        Advisor there = new Advisor(tab);
        assertThat(there.figure(Field.LOAN_AMOUNT)).isVisible();
        return there;
    }

    Advisor begin(String title, String clients) {
        press("New case");
        page.getByLabel("Case name").fill(title);
        page.getByLabel("Clients").fill(clients);
        page.getByLabel("Clients").press("Enter");
        assertThat(figure(Field.LOAN_AMOUNT)).isVisible();
        return this;
    }

    /** Has a case kept that holds this document, and opens its options. */
    Advisor openOptionsOf(String document) {
        String id = (String) page.evaluate("""
                async document => {
                  const token = /XSRF-TOKEN=([^;]+)/.exec(window.document.cookie)[1]
                  const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
                  const answer = await fetch('/api/cases', { method: 'POST', headers, body: document })
                  return (await answer.json()).id
                }
                """, document);
        page.navigate("/cases/" + id + "/options");
        assertThat(answer()).isVisible();
        return this;
    }

    /** The sentence that says which option costs least. */
    Locator answer() {
        return page.getByTestId("answer");
    }

    /** How long they keep it, in that sentence. */
    Locator stay() {
        return page.getByLabel("How long they keep it", new Page.GetByLabelOptions().setExact(true));
    }

    /** Types how long they keep it, and goes on. */
    Advisor keepFor(String text) {
        stay().fill(text);
        page.keyboard().press("Enter");
        return this;
    }

    /** The cells of a row of the options side by side, by the row's name. */
    Locator row(String name) {
        return page.getByTestId("columns").locator("tr[data-row='" + name + "'] > td");
    }

    /** Adds a ready-made alternative. */
    Advisor alternative(String words) {
        press("Add option…");
        return item(words);
    }

    /** The head of a column, by the words in which its option differs. */
    Locator column(String title) {
        return page.getByTestId("columns")
                .getByRole(AriaRole.COLUMNHEADER)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(title));
    }

    /** Types over a figure of the sentence, or empties it, and goes on to the next. */
    Advisor say(Field figure, String text) {
        figure(figure).selectText();
        if (text.isEmpty()) {
            page.keyboard().press("Delete");
        }
        page.keyboard().type(text);
        page.keyboard().press("Tab");
        return this;
    }

    Advisor press(String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
        return this;
    }

    /** Adds a feature from the short menu at the sentence's end. */
    Advisor and(String feature) {
        press("Add…");
        return item(feature);
    }

    /** Picks an entry of the open menu. */
    Advisor item(String words) {
        page.getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
        return this;
    }

    /** Picks one of a figure's or a field's words. */
    Advisor choose(String label, String words) {
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label))
                .click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
        return this;
    }

    /** Makes it a loan alone of this amount, rate and term, first paid in March 2027. */
    Advisor aloneWith(String amount, String ratePercent, String years) {
        and("Loan only, without a price");
        return say(Field.LOAN_AMOUNT, amount)
                .say(Field.RATE, ratePercent)
                .say(Field.TERM, years)
                .say(Field.FIRST_PAYMENT, "Mar 2027");
    }

    Advisor view(String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByText(name, new Locator.GetByTextOptions().setExact(true))
                .click();
        if (name.equals("Lifeline")) {
            assertThat(page.getByTestId("schedule")).isVisible();
        }
        return this;
    }

    /** Types into the lifeline's search what is to be found. */
    Advisor find(String text) {
        page.getByLabel("Find a payment or a period").fill(text);
        page.keyboard().press("Enter");
        return this;
    }

    /** Drags across the lifeline's picture from one payment to another, of so many. */
    Advisor dragRange(int first, int last, int of) {
        BoundingBox picture = page.getByTestId("lifeline-picture").boundingBox();
        double y = picture.y + picture.height / 2;
        page.mouse().move(picture.x + (first - 0.5) / of * picture.width, y);
        page.mouse().down();
        page.mouse()
                .move(
                        picture.x + (last - 0.5) / of * picture.width,
                        y,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        return this;
    }

    /** The sentence as one would read it aloud, its figures with it. */
    String sentence() {
        return (String) page.getByTestId("sentence").evaluate("""
                sentence => {
                  const words = node => node instanceof HTMLInputElement ? node.value
                    : node.nodeType === Node.TEXT_NODE ? node.textContent
                    : node.getAttribute?.('aria-hidden') === 'true' ? ''
                    : [...node.childNodes].map(words).join('')
                  return words(sentence)
                }
                """);
    }

    Locator figure(Field figure) {
        return page.getByTestId("sentence").locator(figure.selector);
    }

    /** A field of the panel of costs, by its label. */
    Locator cost(String label) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label));
    }

    Locator month() {
        return page.getByTestId("month-total");
    }

    /** A line of the loan summary, by the name of its figure. */
    Locator total(String name) {
        return page.getByTestId("total-" + name);
    }

    Locator saved() {
        return page.getByTestId("saved");
    }

    Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    void waitUntilSaved() {
        assertThat(saved()).hasText(java.util.regex.Pattern.compile("Saved \\d{1,2}:\\d\\d.*"));
    }
}
