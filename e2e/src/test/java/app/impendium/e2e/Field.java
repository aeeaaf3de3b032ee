package app.impendium.e2e;

/** A figure of the sentence that is its own control, known by its place in the case's document, whatever it is called. */
enum Field {
    PRICE("[data-pointer$='/financing/priceCents']"),
    DOWN_PAYMENT("[data-pointer$='/financing/down']"),
    LOAN_AMOUNT("[data-pointer$='/financing/loanCents']"),
    APPRAISAL("[data-pointer$='/financing/appraisalCents']"),
    RATE("[data-pointer$='/terms/ratePercent']"),
    TERM("[data-pointer$='/terms/amortizationMonths']"),
    RATE_PERIOD("[data-pointer$='/terms/rateTermMonths']"),
    FIRST_PAYMENT("[data-pointer$='/terms/firstPayment']"),
    INTEREST_ONLY("[data-pointer$='/features/interestOnlyPayments']"),
    BALLOON("[data-pointer$='/features/balloonCents']"),
    CUSTOM_PAYMENT("[data-pointer$='/features/paymentCents']"),
    CHANGED_PAYMENT("[data-pointer*='/features/paymentSteps/'][data-pointer$='/cents']"),
    CHANGED_PAYMENT_FROM("[data-pointer*='/features/paymentSteps/']:not([data-pointer$='/cents'])"),
    CHANGED_RATE("[data-pointer*='/features/rateChanges/'][data-pointer$='/ratePercent']"),
    CHANGED_RATE_FROM("[data-pointer*='/features/rateChanges/']:not([data-pointer$='/ratePercent'])"),
    EXTRA("[data-pointer*='/features/extras/']:not([data-pointer$='Day'])"),
    EXTRA_FROM("[data-pointer*='/features/extras/'][data-pointer$='/firstDay']"),
    EXTRA_UNTIL("[data-pointer*='/features/extras/'][data-pointer$='/lastDay']"),
    REDUCTIONS("[data-pointer$='/features/buydown/reductionsPercent']"),
    UPFRONT_PREMIUM("[data-pointer$='/closing/upfrontPremium/percent']");

    final String selector;

    Field(String selector) {
        this.selector = selector;
    }
}
