package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** A day of a loan on which something is to be done. */
public record LoanDay(Kind kind, LocalDate day) {

    /** What happens on it. */
    public enum Kind {
        FIRST_PAYMENT,
        RATE_ENDS,
        INSURANCE_CAN_END,
        INSURANCE_ENDS,
        PAID_OFF
    }

    /** The days of an option, as far as it has them. */
    public static List<LoanDay> of(OptionEvaluation evaluation) {
        OptionView figures = OptionView.of(evaluation);
        List<LoanDay> days = new ArrayList<>();
        days.add(new LoanDay(Kind.FIRST_PAYMENT, figures.firstPaymentDate()));
        if (figures.rateEnd() != null) {
            days.add(new LoanDay(Kind.RATE_ENDS, figures.rateEnd().day()));
        }
        if (figures.insurance() != null) {
            days.add(new LoanDay(Kind.INSURANCE_CAN_END, figures.insurance().onRequestFrom()));
            days.add(new LoanDay(Kind.INSURANCE_ENDS, figures.insurance().endsFrom()));
        }
        days.add(new LoanDay(Kind.PAID_OFF, figures.payoffDate()));
        return List.copyOf(days);
    }
}
