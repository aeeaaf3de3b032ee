package app.impendium.server.estimate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.document.HomeDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.HomeReader;
import app.impendium.server.outside.AskedHome;
import app.impendium.server.outside.Estimate;
import app.impendium.server.outside.HomeInsurer;
import app.impendium.server.outside.LettingAgent;
import app.impendium.server.outside.OutsideException;
import app.impendium.server.outside.TaxOffice;
import app.impendium.server.outside.Valuer;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.RefusedException;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asks outside for figures of a home, without keeping anything of it. */
@RestController
@RequestMapping("/api/estimates")
class EstimateController {
    private static final Logger LOG = LoggerFactory.getLogger(EstimateController.class);

    private final TaxOffice taxes;
    private final HomeInsurer insurer;
    private final LettingAgent agent;
    private final Valuer valuer;
    private final PracticeSettings settings;
    private final Clock clock;

    EstimateController(
            TaxOffice taxes,
            HomeInsurer insurer,
            LettingAgent agent,
            Valuer valuer,
            PracticeSettings settings,
            Clock clock) {
        this.taxes = taxes;
        this.insurer = insurer;
        this.agent = agent;
        this.valuer = valuer;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * The home that is asked about.
     *
     * @param home all of it
     * @param valueCents what it is worth; absent where that is not known
     */
    record EstimateQuestion(
            Market market,
            HomeDocument home,
            @Schema(nullable = true) Long valueCents) {}

    /** The same, and how it is let. */
    record RentQuestion(Market market, HomeDocument home, LettingBasis basis) {}

    /** A year's property tax. */
    @PostMapping("/property-tax")
    EstimateView propertyTax(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody EstimateQuestion question) {
        AskedHome home = asked(question);
        Estimate tax = answered("tax office", () -> taxes.yearlyTax(home));
        return EstimateView.of(tax, null, today(advisor));
    }

    /** A year's home insurance, by deductible. */
    @PostMapping("/home-insurance")
    List<EstimateView> homeInsurance(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody EstimateQuestion question) {
        AskedHome home = asked(question);
        LocalDate today = today(advisor);
        return answered("insurer", () -> insurer.quotes(home)).stream()
                .map(quote -> EstimateView.of(quote.yearlyPremium(), quote.deductibleCents(), today))
                .toList();
    }

    /** A month's rent. */
    @PostMapping("/rent")
    EstimateView rent(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody RentQuestion question) {
        if (question.basis() == null) {
            throw CaseException.of("basis", Code.MISSING);
        }
        AskedHome home = asked(new EstimateQuestion(question.market(), question.home(), null));
        Estimate rent = answered("letting agent", () -> agent.monthlyRent(home, question.basis()));
        return EstimateView.of(rent, null, today(advisor));
    }

    /** What the home is worth. */
    @PostMapping("/home-value")
    EstimateView homeValue(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody EstimateQuestion question) {
        AskedHome home = asked(question);
        Estimate value = answered("valuer", () -> valuer.value(home));
        return EstimateView.of(value, null, today(advisor));
    }

    /**
     * @throws CaseException if something of the home is missing or has no meaning
     */
    private static AskedHome asked(EstimateQuestion question) {
        HomeDocument home = question.home();
        HomeReader.checkWhole(question.market(), home, question.valueCents());
        return new AskedHome(
                question.market(),
                home.area().strip(),
                home.dwelling(),
                home.bedrooms(),
                home.baths(),
                question.valueCents() == null ? OptionalLong.empty() : OptionalLong.of(question.valueCents()));
    }

    private static <T> T answered(String who, Supplier<T> ask) {
        try {
            return ask.get();
        } catch (OutsideException e) {
            LOG.warn("The {} did not answer: {}", who, e.getMessage());
            throw new RefusedException(
                    HttpStatus.BAD_GATEWAY,
                    "No answer from the " + who,
                    "The " + who + " does not answer. Type the figure, or ask again later.");
        }
    }

    private LocalDate today(SignedInAdvisor advisor) {
        return LocalDate.now(clock.withZone(settings.timeZone(advisor)));
    }
}
