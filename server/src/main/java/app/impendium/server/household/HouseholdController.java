package app.impendium.server.household;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.outside.CreditBureau;
import app.impendium.server.practice.PracticeSettings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Brings in what people earn and owe, without keeping anything of it. */
@RestController
class HouseholdController {
    private static final int MOST_PEOPLE = 10;
    private static final int MOST_NAME_CHARACTERS = 60;

    private final CreditBureau bureau;
    private final PracticeSettings settings;
    private final Clock clock;

    HouseholdController(CreditBureau bureau, PracticeSettings settings, Clock clock) {
        this.bureau = bureau;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * A list as text.
     *
     * @param text lines of separated values, the first naming the columns
     */
    record ListDocument(String text) {
        ListDocument {
            text = text == null ? "" : text;
        }
    }

    /** Reads incomes: {@code income, amount, per, hours, counted}. */
    @PostMapping("/api/household/incomes/csv")
    List<IncomeDocument> readIncomes(@RequestBody ListDocument list) {
        return IncomeCsv.read(list.text());
    }

    /** Reads debts: {@code debt, kind, payment, balance, months left, rate}. */
    @PostMapping("/api/household/debts/csv")
    List<DebtDocument> readDebts(@RequestBody ListDocument list) {
        return DebtCsv.read(list.text());
    }

    /**
     * Whose credit is asked about.
     *
     * @param names from one to ten, as the case has them
     */
    record CreditQuestion(List<String> names) {
        CreditQuestion {
            names = names == null ? List.of() : names;
        }
    }

    /**
     * What a credit bureau tells.
     *
     * @param simulated whether a stand-in made it up
     */
    record CreditReportView(LocalDate day, boolean simulated, List<DebtDocument> debts) {}

    /** The debts that a credit bureau knows of. A simulated stand-in; the same for the same people. */
    @PostMapping("/api/household/credit-report")
    CreditReportView creditReport(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody CreditQuestion question) {
        Findings findings = new Findings();
        findings.inRange("names", question.names().size(), 1, MOST_PEOPLE);
        List<String> names = new ArrayList<>();
        for (int i = 0; i < question.names().size(); i++) {
            String name = question.names().get(i);
            String path = Field.entry("names", i);
            if (name == null || name.isBlank()) {
                findings.add(Finding.of(path, Code.MISSING));
            } else if (findings.inRange(path, name.length(), 1, MOST_NAME_CHARACTERS)) {
                names.add(name);
            }
        }
        findings.throwIfAny();
        LocalDate today = LocalDate.now(clock.withZone(settings.timeZone(advisor)));
        return new CreditReportView(today, true, bureau.debtsOf(names));
    }
}
