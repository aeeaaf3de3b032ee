package app.impendium.core.fit;

import app.impendium.core.LoanOption;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.fit.CostEstimate.Point;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** What can be changed in a loan to make it fit, in whole steps. */
public enum FitLever {
    /** The annual rate, in thousandths of a percent. */
    RATE(true) {
        @Override
        public boolean appliesTo(LoanOption option) {
            return true;
        }

        @Override
        public long own(LoanOption option) {
            return option.rate()
                    .annual()
                    .percent()
                    .value()
                    .movePointRight(RATE_DECIMALS)
                    .longValue();
        }

        @Override
        public LoanOption applied(LoanOption option, long step) {
            return option.withRate(AnnualRate.ofPercent(value(step)));
        }

        @Override
        public BigDecimal value(long step) {
            return BigDecimal.valueOf(step, RATE_DECIMALS);
        }

        @Override
        Point estimated(Point own, double step) {
            return new Point(own.base(), own.price(), step / THOUSAND, own.years());
        }

        @Override
        public long least(LoanOption option) {
            return 0;
        }

        @Override
        public long most(LoanOption option, int longestTermYears) {
            return AnnualRate.HIGHEST.movePointRight(RATE_DECIMALS).longValueExact();
        }
    },
    /** The loan, in whole units of the currency; where a home is bought, more or less is paid down. */
    LOAN(true) {
        @Override
        public boolean appliesTo(LoanOption option) {
            // A refinancing borrows less by less cash out; costs that are a share of the loan would follow it.
            return option.financing()
                    .match(
                            purchase -> true,
                            loanOnly -> true,
                            refinancing -> refinancing.cashOut().isAbove(Money.ZERO)
                                    && refinancing.financedCosts().isZero());
        }

        @Override
        public long own(LoanOption option) {
            return option.financing().loanAmount().cents() / UNIT;
        }

        @Override
        public LoanOption applied(LoanOption option, long step) {
            Money loan = Money.ofCents(step * UNIT);
            return option.withFinancing(option.financing()
                    .<Financing>match(
                            purchase -> new Financing.Purchase(
                                    purchase.homePrice(),
                                    new DownPayment.Amount(purchase.homePrice().minus(loan)),
                                    purchase.appraisal()),
                            loanOnly -> new Financing.LoanOnly(loan),
                            refinancing -> new Financing.Refinancing(
                                    refinancing.paidOff(),
                                    refinancing.debts(),
                                    loan.minus(withoutCashOut(refinancing)),
                                    refinancing.financedCosts(),
                                    refinancing.homeValue())));
        }

        @Override
        Point estimated(Point own, double step) {
            return new Point(step * UNIT, own.price(), own.percent(), own.years());
        }

        @Override
        public long least(LoanOption option) {
            return option.financing()
                    .match(
                            purchase -> LEAST_LOAN,
                            loanOnly -> LEAST_LOAN,
                            // What is paid off must be borrowed.
                            refinancing -> (withoutCashOut(refinancing).cents() + UNIT - 1) / UNIT);
        }

        @Override
        public long most(LoanOption option, int longestTermYears) {
            return option.financing()
                    .match(
                            purchase -> purchase.homePrice().cents() / UNIT,
                            loanOnly -> MOST_UNITS,
                            refinancing -> MOST_UNITS);
        }
    },
    /** The price, in whole units of the currency, the down payment kept as an amount. */
    PRICE_KEEPING_AMOUNT(true) {
        @Override
        public boolean appliesTo(LoanOption option) {
            return isPurchase(option);
        }

        @Override
        public long own(LoanOption option) {
            return option.price().cents() / UNIT;
        }

        @Override
        public LoanOption applied(LoanOption option, long step) {
            return withPrice(
                    option, step, new DownPayment.Amount(option.financing().amountDown()));
        }

        @Override
        Point estimated(Point own, double step) {
            return new Point(step * UNIT - (own.price() - own.base()), step * UNIT, own.percent(), own.years());
        }

        @Override
        public long least(LoanOption option) {
            return option.financing().amountDown().cents() / UNIT + LEAST_LOAN;
        }

        @Override
        public long most(LoanOption option, int longestTermYears) {
            return MOST_UNITS;
        }
    },
    /** The price, in whole units of the currency, the down payment kept as a share of it. */
    PRICE_KEEPING_SHARE(true) {
        @Override
        public boolean appliesTo(LoanOption option) {
            return isPurchase(option);
        }

        @Override
        public long own(LoanOption option) {
            return option.price().cents() / UNIT;
        }

        @Override
        public LoanOption applied(LoanOption option, long step) {
            return withPrice(option, step, new DownPayment.Share(share(option)));
        }

        @Override
        Point estimated(Point own, double step) {
            return new Point(step * UNIT * own.base() / own.price(), step * UNIT, own.percent(), own.years());
        }

        @Override
        public long least(LoanOption option) {
            return LEAST_LOAN;
        }

        @Override
        public long most(LoanOption option, int longestTermYears) {
            return MOST_UNITS;
        }
    },
    /** The term, in whole years; the shortest that fits. */
    TERM(false) {
        @Override
        public boolean appliesTo(LoanOption option) {
            return true;
        }

        @Override
        public long own(LoanOption option) {
            return Math.max(1, option.amortization().months() / MONTHS_PER_YEAR);
        }

        @Override
        public LoanOption applied(LoanOption option, long step) {
            return option.withAmortization(new LoanTerm(Math.toIntExact(step * MONTHS_PER_YEAR)));
        }

        @Override
        Point estimated(Point own, double step) {
            return new Point(own.base(), own.price(), own.percent(), step);
        }

        @Override
        public long least(LoanOption option) {
            return 1;
        }

        @Override
        public long most(LoanOption option, int longestTermYears) {
            return longestTermYears;
        }
    };

    private static final long UNIT = 100;
    private static final long MOST_UNITS = Money.LARGEST.cents() / UNIT;

    /** In units of the currency: on smaller loans the cents that a payment is rounded by decide everything. */
    private static final long LEAST_LOAN = 1000;

    private static final int RATE_DECIMALS = 3;
    private static final double THOUSAND = 1000;
    private static final int MONTHS_PER_YEAR = 12;
    private static final int SHARE_DECIMALS = 6;

    private final boolean isBestAtLargest;

    FitLever(boolean isBestAtLargest) {
        this.isBestAtLargest = isBestAtLargest;
    }

    /** Whether the largest step that fits asks least of the clients; else the smallest does. */
    public boolean isBestAtLargest() {
        return isBestAtLargest;
    }

    /** Whether there is such a thing to change in an option. */
    public abstract boolean appliesTo(LoanOption option);

    /** The step at or just below which an option stands. */
    public abstract long own(LoanOption option);

    /**
     * The option with the lever at a step.
     *
     * @throws app.impendium.core.finding.CaseException if there is no such loan
     */
    public abstract LoanOption applied(LoanOption option, long step);

    /** What a step stands for: units of the currency, percent, or years. */
    public BigDecimal value(long step) {
        return BigDecimal.valueOf(step);
    }

    /** Where about a step leads from where an option stands. */
    abstract Point estimated(Point own, double step);

    /** The smallest step that is asked about. */
    public abstract long least(LoanOption option);

    /** The largest step that is asked about, where a loan may run at most so many years. */
    public abstract long most(LoanOption option, int longestTermYears);

    private static boolean isPurchase(LoanOption option) {
        return option.financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
    }

    private static Money withoutCashOut(Financing.Refinancing refinancing) {
        return refinancing.loanAmount().minus(refinancing.cashOut());
    }

    private static LoanOption withPrice(LoanOption option, long units, DownPayment down) {
        Money price = Money.ofCents(units * UNIT);
        return option.withFinancing(option.financing()
                .<Financing>match(
                        purchase -> new Financing.Purchase(price, down, purchase.appraisal()),
                        loanOnly -> loanOnly,
                        refinancing -> refinancing));
    }

    /** The down payment as a share, to the decimals that a share can have. */
    private static Percent share(LoanOption option) {
        boolean isShare = option.financing() instanceof Financing.Purchase purchase
                && purchase.downPayment() instanceof DownPayment.Share;
        return isShare
                ? ((DownPayment.Share) ((Financing.Purchase) option.financing()).downPayment()).percent()
                : new Percent(option.financing()
                        .percentDown()
                        .orElseThrow()
                        .setScale(SHARE_DECIMALS, RoundingMode.HALF_EVEN));
    }
}
