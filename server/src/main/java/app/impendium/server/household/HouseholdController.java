package app.impendium.server.household;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.csv.UnmatchedColumnsView;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.outside.CreditBureau;
import app.impendium.server.practice.PracticeSettings;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
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
     * @param columns the heading under which a column stands, by the column's name; those that are not named are found by themselves
     */
    record ListDocument(String text, Map<String, String> columns) {
        ListDocument {
            text = text == null ? "" : text;
            columns = columns == null ? Map.of() : columns;
        }
    }

    /** Reads incomes: {@code income, amount, per, hours, counted, person}. */
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(
            responseCode = "422",
            description = "Its columns cannot be told apart",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = UnmatchedColumnsView.class)))
    @PostMapping("/api/household/incomes/csv")
    List<ListedIncomeView> readIncomes(@RequestBody ListDocument list) {
        return IncomeCsv.read(list.text(), list.columns());
    }

    /** Reads debts: {@code debt, kind, payment, balance, months left, rate}. */
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(
            responseCode = "422",
            description = "Its columns cannot be told apart",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = UnmatchedColumnsView.class)))
    @PostMapping("/api/household/debts/csv")
    List<DebtDocument> readDebts(@RequestBody ListDocument list) {
        return DebtCsv.read(list.text(), list.columns());
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
