package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.loan.Instalment;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/** Every payment of one option. */
public record ScheduleView(List<Line> lines) {

    /**
     * One line; amounts in whole cents. Line 0 is the loan before its first payment, and has no date.
     *
     * @param paymentCents interest and principal together, without the extra
     */
    public record Line(
            int number,
            @Schema(nullable = true) LocalDate date,
            long paymentCents,
            long interestCents,
            long principalCents,
            long extraCents,
            long interestSoFarCents,
            long balanceCents) {}

    static ScheduleView of(OptionEvaluation option) {
        return new ScheduleView(IntStream.rangeClosed(0, option.schedule().payments())
                .mapToObj(number -> line(option, number))
                .toList());
    }

    private static Line line(OptionEvaluation option, int number) {
        Instalment line = option.schedule().line(number);
        return new Line(
                number,
                number == 0 ? null : option.dates().of(number),
                line.payment().cents(),
                line.interest().cents(),
                line.principal().cents(),
                line.extra().cents(),
                line.interestSoFar().cents(),
                line.balance().cents());
    }
}
