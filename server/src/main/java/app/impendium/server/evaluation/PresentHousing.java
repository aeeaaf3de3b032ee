package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.cost.Financing;
import app.impendium.core.money.Money;
import app.impendium.server.document.CaseDocument;
import java.util.Optional;

/**
 * What living costs the clients today, and what they owe on it.
 *
 * @param month what it costs a month; none where that is not known
 * @param owed what is owed on the loan that is replaced; zero where none is
 */
record PresentHousing(Optional<Money> month, Money owed) {

    /**
     * What a case says: the amount entered, else where a loan is replaced its payment with the costs of the home, which stay.
     */
    static PresentHousing of(CaseDocument document, LoanOption option) {
        Optional<Money> entered =
                Optional.ofNullable(document.household().housingTodayCents()).map(Money::ofCents);
        Optional<Financing.Refinancing> replaced =
                option.financing().match(purchase -> Optional.empty(), loanOnly -> Optional.empty(), Optional::of);
        Optional<Money> paid = replaced.flatMap(refinancing -> PresentPaymentReader.read(document.presentPayment()))
                .map(payment -> option.housing()
                        .month(option.price(), payment.monthly(), Money.ZERO)
                        .total());
        return new PresentHousing(
                entered.or(() -> paid),
                replaced.map(Financing.Refinancing::paidOff).orElse(Money.ZERO));
    }
}
