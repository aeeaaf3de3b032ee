package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.alternative.CreditWay;
import app.impendium.core.alternative.SellerCredit;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.money.Money;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.pricing.RateTable;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.problem.Calculates;
import app.impendium.server.problem.Parameters;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Prices options on a rate table, without keeping anything. Options are counted from 0. */
@Calculates
@RestController
class PricingController {

    /**
     * A case to be priced.
     *
     * @param table the rates that points are taken from; absent for none
     */
    record PricingQuestion(
            CaseDocument document, @Schema(nullable = true) RateTableDocument table) {
        /** The clients' credit score, where it is known. */
        Optional<Integer> score() {
            return Optional.ofNullable(document.household().score());
        }
    }

    /**
     * What a table offers for an option.
     *
     * @param offers from the lowest rate to the highest
     * @param addOns the places among the table's add-ons of those that count
     */
    record OffersView(List<OfferView> offers, List<Integer> addOns) {}

    /**
     * A rate of the table as it is offered for an option, in whole cents.
     *
     * @param pointsPercent in percent of the loan, add-ons included; negative is a lender credit
     * @param costCents what the points cost; negative is credited
     * @param paymentCents the regular payment at the rate; absent where the loan has none
     */
    record OfferView(
            BigDecimal ratePercent,
            BigDecimal pointsPercent,
            long costCents,
            @Schema(nullable = true) Long paymentCents) {}

    /** The rates of the table for an option. */
    @PostMapping("/api/rate-offers/{option}")
    OffersView offers(@PathVariable int option, @RequestBody PricingQuestion question) {
        if (question.table() == null) {
            throw CaseException.of("table", Code.MISSING);
        }
        RateTable table = table(question.table());
        return DocumentEvaluator.ofOption(
                question.document(), option, figures -> offers(table, figures.option(), question.score()));
    }

    private static OffersView offers(RateTable table, LoanOption option, Optional<Integer> score) {
        Optional<BigDecimal> share = option.financing().loanToValuePercent();
        return new OffersView(
                table.pricedFor(share, score).stream()
                        .map(offer -> view(offer, option))
                        .toList(),
                table.addOnsFor(share, score).stream()
                        .map(table.addOns()::indexOf)
                        .toList());
    }

    private static OfferView view(RateOffer offer, LoanOption option) {
        return new OfferView(
                offer.rate().percent().value(),
                offer.points().percent(),
                offer.points().on(option.loanTerms().amount()).cents(),
                payment(option.withRate(offer.rate())).map(Money::cents).orElse(null));
    }

    private static Optional<Money> payment(LoanOption option) {
        try {
            return Optional.of(CaseEvaluator.evaluate(option).loan().schedule().payment());
        } catch (CaseException noPayment) {
            return Optional.empty();
        }
    }

    /**
     * What a seller's credit can be used for: points, a temporary buydown, and a lower price, in this order.
     *
     * @param creditCents what the seller offers, in whole cents
     */
    @PostMapping("/api/seller-credits/{option}")
    List<CreditWayView> ways(
            @PathVariable int option, @RequestParam long creditCents, @RequestBody PricingQuestion question) {
        Optional<RateTable> table = Optional.ofNullable(question.table()).map(PricingController::table);
        return DocumentEvaluator.ofOption(question.document(), option, figures -> {
            SellerCredit credit =
                    Parameters.checked(() -> new SellerCredit(figures.option(), Money.ofCents(creditCents)));
            List<CreditWay> ways = credit.ways(table, question.score());
            return ways.stream().map(CreditWayView::of).toList();
        });
    }

    private static RateTable table(RateTableDocument given) {
        try {
            return RateTableReader.read(given);
        } catch (CaseException e) {
            throw e.within("table");
        }
    }
}
