package app.impendium.core.finding;

/**
 * The paths that findings speak of: those of an option in the case document, of an entry of its lists, and the parameters of
 * a question. The document's fields, the findings and the marks on the screen go by these names alone.
 */
public final class Field {
    public static final String OPTIONS = "options";
    public static final String DEBTS = "debts";

    public static final String INCOMES = "household.incomes";
    public static final String OTHER_PROPERTIES = "household.properties";
    public static final String MONEY_AT_HAND = "household.atHandCents";
    public static final String GIFTS = "household.giftsCents";
    public static final String MUST_STAY = "household.mustStayCents";
    public static final String PEOPLE_IN_HOUSEHOLD = "household.size";
    public static final String INCOME_TAX = "household.incomeTaxCents";
    public static final String UPKEEP = "household.upkeepCents";
    public static final String SCORE = "household.score";

    public static final String RENT = "letting.rentCents";

    public static final String PRICE = "financing.priceCents";
    public static final String DOWN_PAYMENT = "financing.down";
    public static final String APPRAISAL = "financing.appraisalCents";
    public static final String LOAN = "financing.loanCents";
    public static final String BALANCE_PAID_OFF = "financing.balanceCents";
    public static final String DEBTS_PAID_OFF = "financing.debtsPaidOff";
    public static final String DEBTS_PAID_IN_CASH = "closing.debtsPaidOff";
    public static final String CASH_OUT = "financing.cashOutCents";
    public static final String HOME_VALUE = "financing.valueCents";

    public static final String RATE = "terms.ratePercent";
    public static final String AMORTIZATION = "terms.amortizationMonths";
    public static final String RATE_TERM = "terms.rateTermMonths";
    public static final String FIRST_PAYMENT = "terms.firstPayment";

    public static final String INTEREST_ONLY = "features.interestOnlyPayments";
    public static final String BALLOON = "features.balloonCents";
    public static final String PAYMENT = "features.paymentCents";
    public static final String PAYMENT_STEPS = "features.paymentSteps";
    public static final String EXTRAS = "features.extras";
    public static final String EXTRA_EFFECT = "features.extraEffect";
    public static final String RATE_CHANGES = "features.rateChanges";
    public static final String REDUCTIONS = "features.buydown.reductionsPercent";

    public static final String CLOSING_DAY = "closing.day";
    public static final String CLOSING_ITEMS = "closing.items";
    public static final String UPFRONT_PREMIUM = "closing.upfrontPremium.percent";

    public static final String PROPERTY_TAX = "housing.propertyTax";
    public static final String HOME_INSURANCE = "housing.homeInsuranceCents";
    public static final String MORTGAGE_INSURANCE = "housing.mortgageInsurancePercent";
    public static final String DUES = "housing.duesCents";
    public static final String OTHER = "housing.otherCents";

    private Field() {}

    /** An entry of a list, counted from 0: {@code features.extras[1]}. */
    public static String entry(String list, int index) {
        return list + "[" + index + "]";
    }

    /** What an entry of a list says of itself, seen from within the entry. */
    public static final class Entry {
        public static final String AMOUNT = "cents";
        public static final String PERCENT = "percent";
        public static final String LAST_PAYMENT = "lastPayment";
        public static final String PAID_BY = "paidBy";
        public static final String BALANCE = "balanceCents";
        public static final String PAYMENT = "paymentCents";
        public static final String RATE = "ratePercent";
        public static final String POINTS = "pointsPercent";
        public static final String HOURS = "hoursPerWeek";
        public static final String COUNTED = "countedPercent";
        public static final String PAYMENTS_LEFT = "paymentsLeft";
        public static final String RENT = "rentCents";
        public static final String OUTGOINGS = "outgoingsCents";
        public static final String LEAST_SCORE = "leastScore";
        public static final String LEAST_COVER = "leastCover";
        public static final String BASIS = "basis";
        public static final String MOST_SCORE = "mostScore";
        public static final String UP_TO_LOAN_TO_VALUE = "upToLoanToValuePercent";

        private Entry() {}
    }

    /** What a rate table says. */
    public static final class Table {
        public static final String OFFERS = "offers";
        public static final String ADD_ONS = "addOns";

        private Table() {}
    }

    /** What a limit set says. */
    public static final class Limits {
        public static final String TESTS = "tests";
        public static final String LIMIT = "limit";
        public static final String LONGEST_TERM = "longestTermYears";
        public static final String LEFT_OUT_AT_MOST = "leftOutAtMostPayments";

        private Limits() {}
    }

    /** What a letting programme says. */
    public static final class Letting {
        public static final String BANDS = "bands";
        public static final String BASES = "bases";

        private Letting() {}
    }

    /** What a question names beside the case. */
    public static final class Parameter {
        public static final String LIMIT = "limit";
        public static final String BY = "by";
        public static final String STEP = "stepPercent";
        public static final String DOWN = "down";
        public static final String UP = "up";
        public static final String LINE = "line";
        public static final String FIRST = "first";
        public static final String LAST = "last";
        public static final String RENEWAL = "renewal";
        public static final String PAYMENT = "payment";
        public static final String PAYMENTS = "payments";
        public static final String CREDIT = "creditCents";

        private Parameter() {}
    }
}
