package app.impendium.core.rental;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import app.impendium.core.working.Rounding;
import app.impendium.core.working.Rule;
import app.impendium.core.working.Working;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the figures of a let home are calculated. */
public final class LettingWorkings {
    private final OptionEvaluation figures;
    private final Money rent;
    private final List<Working> workings = new ArrayList<>();

    private LettingWorkings(OptionEvaluation figures, Money rent) {
        this.figures = figures;
        this.rent = rent;
    }

    /**
     * Every figure of a let home.
     *
     * @param cover what the rent is measured against, where a programme says so
     * @param counted the share of the rent that counts
     */
    public static List<Working> of(
            OptionEvaluation figures, Money rent, OwnerTerms terms, Optional<Cover> cover, Percent counted) {
        LettingWorkings all = new LettingWorkings(figures, rent);
        all.outgoings();
        cover.ifPresent(measured -> all.cover(measured, counted));
        all.owner(terms);
        return all.workings;
    }

    private void outgoings() {
        Outgoings month = loan().outgoings();
        add(
                Figure.LET_OUTGOINGS,
                Rule.SUM_OF_PARTS,
                List.of(
                        Quantity.amount(Name.PRINCIPAL_AND_INTEREST, month.payment()),
                        Quantity.amount(Name.PROPERTY_TAX, month.propertyTax()),
                        Quantity.amount(Name.HOME_INSURANCE, month.homeInsurance()),
                        Quantity.amount(Name.DUES, month.dues())),
                Rounding.NONE,
                Quantity.amount(Name.LET_OUTGOINGS, month.total()));
    }

    private void cover(Cover cover, Percent share) {
        LetLoan loan = loan();
        Percent counts = cover.share(share);
        Quantity counted = Quantity.amount(Name.RENT_COUNTED, counts.of(rent));
        add(
                Figure.RENT_COUNTED,
                Rule.RENT_COUNTED,
                List.of(Quantity.amount(Name.RENT, rent), Quantity.percent(Name.SHARE_COUNTED, counts.value())),
                Rounding.NEAREST_CENT,
                counted);
        Optional<BigDecimal> ratio = cover.ratio(loan, rent, share);
        if (ratio.isPresent() && cover instanceof Cover.OfInterest tested) {
            add(
                    Figure.INTEREST_COVER,
                    Rule.INTEREST_COVER,
                    List.of(
                            Quantity.amount(Name.RENT, rent),
                            Quantity.amount(Name.LOAN, loan.amount()),
                            Quantity.percent(
                                    Name.TESTED_RATE,
                                    tested.testedRate(loan.rate()).percent().value())),
                    Rounding.NONE,
                    Quantity.percent(Name.INTEREST_COVER, ratio.get().movePointRight(2)));
        } else if (ratio.isPresent()) {
            add(
                    Figure.COVER,
                    Rule.COVER,
                    List.of(
                            counted,
                            Quantity.amount(Name.LET_OUTGOINGS, loan.outgoings().total())),
                    Rounding.NONE,
                    Quantity.number(Name.COVER, ratio.get()));
        }
    }

    private void owner(OwnerTerms terms) {
        OwnerFigures owner = OwnerFigures.of(figures, rent, terms);
        OwnerFigures.Month month = owner.month();
        Quantity price = Quantity.amount(Name.PRICE, figures.option().price());
        Quantity rentOfMonth = Quantity.amount(Name.RENT, rent);
        add(
                Figure.CASH_FLOW,
                Rule.CASH_FLOW,
                List.of(
                        rentOfMonth,
                        Quantity.amount(Name.VACANCY, month.vacancy()),
                        Quantity.amount(Name.UPKEEP, month.upkeep()),
                        Quantity.amount(Name.MANAGEMENT, month.management()),
                        Quantity.amount(Name.LET_COSTS, month.costs()),
                        Quantity.amount(Name.LOAN_OF_MONTH, month.loan())),
                Rounding.NONE,
                Quantity.amount(Name.CASH_FLOW, month.cashFlow()));
        owner.grossYieldPercent()
                .ifPresent(percent -> add(
                        Figure.GROSS_YIELD,
                        Rule.GROSS_YIELD,
                        List.of(rentOfMonth, price),
                        Rounding.NONE,
                        Quantity.percent(Name.GROSS_YIELD, percent)));
        owner.netYieldPercent()
                .ifPresent(percent -> add(
                        Figure.NET_YIELD,
                        Rule.NET_YIELD,
                        List.of(Quantity.amount(Name.LEFT_BEFORE_LOAN, month.operating()), price),
                        Rounding.NONE,
                        Quantity.percent(Name.NET_YIELD, percent)));
        owner.firstYearReturnPercent()
                .ifPresent(percent -> add(
                        Figure.FIRST_YEAR_RETURN,
                        Rule.FIRST_YEAR_RETURN,
                        List.of(
                                Quantity.amount(
                                        Name.FIRST_YEAR_CASH_FLOW,
                                        owner.years().get(0).cashFlow()),
                                Quantity.amount(
                                        Name.CASH_TO_CLOSE,
                                        figures.cashToClose().total())),
                        Rounding.NONE,
                        Quantity.percent(Name.FIRST_YEAR_RETURN, percent)));
    }

    private LetLoan loan() {
        return LetLoan.of(figures.option());
    }

    private void add(Figure figure, Rule rule, List<Quantity> inputs, Rounding rounding, Quantity result) {
        workings.add(new Working(figure, rule, inputs, List.of(), rounding, result));
    }
}
