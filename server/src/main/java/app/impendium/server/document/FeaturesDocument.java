package app.impendium.server.document;

import app.impendium.server.document.Convention.ExtraEffect;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What is said of a loan beyond amount, rate and term. What is absent is not agreed.
 *
 * @param interestOnlyPayments how many payments at the start pay interest alone
 * @param balloonCents what is left to pay with the last payment beyond it
 * @param paymentCents a regular payment that the client chose; absent for the level payment
 * @param paymentSteps other chosen payments from later payments on, in order
 * @param extras principal paid beside the regular payment
 * @param extraEffect what an extra payment does to the payments after it; absent to end early
 * @param rateChanges other rates from later payments on, in order
 * @param buydown payments reduced for the first years out of a paid-in subsidy
 */
public record FeaturesDocument(
        @Schema(nullable = true) Integer interestOnlyPayments,
        @Schema(nullable = true) Long balloonCents,
        @Schema(nullable = true) Long paymentCents,
        List<PaymentStepDocument> paymentSteps,
        List<ExtraDocument> extras,
        @Schema(nullable = true) ExtraEffect extraEffect,
        List<RateChangeDocument> rateChanges,
        @Schema(nullable = true) BuydownDocument buydown) {

    /** Nothing further. */
    public static final FeaturesDocument NONE =
            new FeaturesDocument(null, null, null, List.of(), List.of(), null, List.of(), null);

    /** The same with other extra payments. */
    public FeaturesDocument withExtras(List<ExtraDocument> others) {
        return new FeaturesDocument(
                interestOnlyPayments,
                balloonCents,
                paymentCents,
                paymentSteps,
                others,
                extraEffect,
                rateChanges,
                buydown);
    }

    /** Lists that are not sent are empty. */
    public FeaturesDocument {
        paymentSteps = paymentSteps == null ? List.of() : paymentSteps;
        extras = extras == null ? List.of() : extras;
        rateChanges = rateChanges == null ? List.of() : rateChanges;
    }
}
