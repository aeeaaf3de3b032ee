package app.impendium.core.target;

import app.impendium.core.LoanOption;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** What can be changed to meet a target, in whole steps. */
public enum Lever {
    /** The price, in whole units of the currency; down payment stays an amount or a share, as it was. */
    PRICE {
        @Override
        boolean appliesTo(LoanOption option) {
            return option.financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
        }

        @Override
        long own(LoanOption option) {
            return purchase(option).homePrice().cents() / UNIT;
        }

        @Override
        LoanOption applied(LoanOption option, long units) {
            Financing.Purchase purchase = purchase(option);
            return option.withFinancing(
                    new Financing.Purchase(Money.ofCents(units * UNIT), purchase.downPayment(), purchase.appraisal()));
        }

        @Override
        long least(LoanOption option) {
            DownPayment down = purchase(option).downPayment();
            return LEAST_LOAN
                    + (down instanceof DownPayment.Amount fixed ? fixed.amount().cents() / UNIT : 0);
        }
    },
    /** The amount of a loan without a price, in whole units of the currency. */
    LOAN_AMOUNT {
        @Override
        boolean appliesTo(LoanOption option) {
            return option.financing().match(purchase -> false, loanOnly -> true, refinancing -> false);
        }

        @Override
        long own(LoanOption option) {
            return option.financing().loanAmount().cents() / UNIT;
        }

        @Override
        LoanOption applied(LoanOption option, long units) {
            return option.withFinancing(new Financing.LoanOnly(Money.ofCents(units * UNIT)));
        }

        @Override
        long least(LoanOption option) {
            return LEAST_LOAN;
        }
    },
    /** The down payment, in whole units of the currency. */
    DOWN_PAYMENT {
        @Override
        boolean appliesTo(LoanOption option) {
            return option.financing().match(purchase -> true, loanOnly -> false, refinancing -> false);
        }

        @Override
        long own(LoanOption option) {
            return purchase(option).amountDown().cents() / UNIT;
        }

        @Override
        LoanOption applied(LoanOption option, long units) {
            Financing.Purchase purchase = purchase(option);
            DownPayment down = new DownPayment.Amount(Money.ofCents(units * UNIT));
            return option.withFinancing(new Financing.Purchase(purchase.homePrice(), down, purchase.appraisal()));
        }

        @Override
        long most(LoanOption option) {
            Money most = option.price().minus(option.features().balloon());
            return Math.max(0, most.cents() / UNIT - LEAST_LOAN);
        }

        @Override
        boolean isBestAtLargest(Target target) {
            return false;
        }
    },
    /** The annual rate, in thousandths of a percent. */
    RATE {
        @Override
        long own(LoanOption option) {
            return option.rate()
                    .annual()
                    .percent()
                    .value()
                    .movePointRight(RATE_DECIMALS)
                    .longValue();
        }

        @Override
        LoanOption applied(LoanOption option, long thousandths) {
            return option.withRate(AnnualRate.ofPercent(value(option, thousandths)));
        }

        @Override
        BigDecimal value(LoanOption option, long thousandths) {
            return BigDecimal.valueOf(thousandths, RATE_DECIMALS);
        }

        @Override
        long most(LoanOption option) {
            return AnnualRate.HIGHEST.movePointRight(RATE_DECIMALS).longValueExact();
        }
    },
    /** The term, in the fewest months that hold whole payments. */
    TERM {
        @Override
        long own(LoanOption option) {
            return option.amortization().months() / LoanTerm.shortestWholeMonths(option.frequency());
        }

        @Override
        LoanOption applied(LoanOption option, long steps) {
            return option.withAmortization(new LoanTerm(value(option, steps).intValueExact()));
        }

        @Override
        BigDecimal value(LoanOption option, long steps) {
            return BigDecimal.valueOf(steps * LoanTerm.shortestWholeMonths(option.frequency()));
        }

        @Override
        long least(LoanOption option) {
            return 1;
        }

        @Override
        long most(LoanOption option) {
            return LoanTerm.MOST_MONTHS / LoanTerm.shortestWholeMonths(option.frequency());
        }

        @Override
        boolean isBestAtLargest(Target target) {
            // The shorter the term, the higher the monthly cost and the earlier the end.
            return !(target instanceof Target.MonthlyTotal || target instanceof Target.Payment);
        }
    },
    /** An extra with each payment from the first, beside those there are, in whole units of the currency. */
    REGULAR_EXTRA {
        @Override
        long own(LoanOption option) {
            return 0;
        }

        @Override
        LoanOption applied(LoanOption option, long units) {
            if (units == 0) {
                return option;
            }
            LoanFeatures features = option.features();
            List<ExtraPayment> extras = new ArrayList<>(features.extras());
            extras.add(new ExtraPayment.Regular(Money.ofCents(units * UNIT), 1, Integer.MAX_VALUE));
            return option.withFeatures(features.withExtras(extras, features.extraEffect()));
        }

        @Override
        Money monthlyExtra(LoanOption option, long units) {
            return Money.ofCents(units * UNIT)
                    .times(option.frequency().perYear())
                    .dividedBy(MONTHS_PER_YEAR);
        }

        @Override
        long most(LoanOption option) {
            return option.financing().loanAmount().cents() / UNIT;
        }

        @Override
        boolean isBestAtLargest(Target target) {
            return target instanceof Target.MonthlyTotal || target instanceof Target.Payment;
        }
    };

    private static final long UNIT = 100;

    /** In units of the currency: on smaller loans the cents that a payment is rounded by decide everything. */
    private static final long LEAST_LOAN = 1000;

    private static final int RATE_DECIMALS = 3;
    private static final int MONTHS_PER_YEAR = 12;

    private static Financing.Purchase purchase(LoanOption option) {
        if (option.financing() instanceof Financing.Purchase purchase) {
            return purchase;
        }
        throw new IllegalArgumentException("a loan that buys nothing has no such lever");
    }

    /** Whether there is such a thing to change in an option. */
    boolean appliesTo(LoanOption option) {
        return true;
    }

    /** The step at or just below which an option stands. */
    abstract long own(LoanOption option);

    /** The option with the lever at a step. */
    abstract LoanOption applied(LoanOption option, long step);

    /** What a step stands for: units of the currency, percent, or months. */
    BigDecimal value(LoanOption option, long step) {
        return BigDecimal.valueOf(step);
    }

    /** What the lever itself costs each month, beside the housing cost. */
    Money monthlyExtra(LoanOption option, long step) {
        return Money.ZERO;
    }

    /** The lowest step asked about. */
    long least(LoanOption option) {
        return 0;
    }

    /** The highest step asked about: for an amount, the largest there is. */
    long most(LoanOption option) {
        return Money.LARGEST.cents() / UNIT;
    }

    /** Whether more of it may be asked for: nobody aims at a higher rate, though it should pay a loan off sooner. */
    boolean isAimedAt() {
        return this != RATE;
    }

    /** Whether, of the steps that meet a target, the largest asks least of the clients; else the smallest does. */
    boolean isBestAtLargest(Target target) {
        return true;
    }
}
