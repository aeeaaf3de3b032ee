package app.impendium.server.opendata;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.words.Writing;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** The days of an option's loan as a calendar (RFC 5545), each with a reminder some time before. */
final class CaseCalendar {
    private static final int WEEK = 7;
    private static final int MONTH = 30;
    private static final int QUARTER = 90;

    private final Calendar calendar = new Calendar();
    private final String loan;
    private final String title;
    private final Instant now;

    /**
     * @param loan tells the option from all others: a day that moves keeps its identifier, and a calendar moves it
     * @param title what the option is called in the calendar
     */
    private CaseCalendar(String loan, String title, Instant now) {
        this.loan = loan;
        this.title = title;
        this.now = now.truncatedTo(ChronoUnit.SECONDS);
        calendar.add(new ProdId("-//Impendium//Hand-out//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
    }

    /**
     * First payment, end of the rate, end of mortgage insurance and payoff of an option, as far as it has them.
     *
     * @param caseId of the case as it is stored
     * @param option counted from 0
     * @param titles what the options are called
     */
    static String of(UUID caseId, CaseDocument document, int option, List<String> titles, Instant now) {
        CaseAnswers answers = new CaseAnswers(document);
        OptionView figures = answers.option(option);
        Writing writing = Writing.of(document);
        String insurance = writing.words().mortgageInsurance();
        CaseCalendar days = new CaseCalendar(
                caseId + "/" + document.options().get(option).id(), title(document, option, titles), now);
        days.add(
                "First payment",
                figures.firstPaymentDate(),
                WEEK,
                FirstPayment.words(figures, answers.schedule(option), writing));
        if (figures.rateEnd() != null) {
            days.add(
                    writing.words().ratePeriod() + " ends",
                    figures.rateEnd().day(),
                    QUARTER,
                    "The balance is then " + writing.amount(figures.rateEnd().balanceCents()) + ".");
        }
        if (figures.insurance() != null) {
            days.add(
                    insurance + " can end on request",
                    figures.insurance().onRequestFrom(),
                    MONTH,
                    "Ask the lender to end it.");
            days.add(insurance + " ends", figures.insurance().endsFrom(), MONTH, "It ends in any case.");
        }
        days.add(
                "Loan paid off",
                figures.payoffDate(),
                MONTH,
                "The last payment is " + writing.amount(figures.lastPaymentCents()) + ".");
        return ContentLines.folded(days.calendar.toString());
    }

    /** The case's, with the option's beside it where there are others that it could be. */
    private static String title(CaseDocument document, int option, List<String> titles) {
        return document.options().size() == 1 ? document.title() : document.title() + " (" + titles.get(option) + ")";
    }

    private void add(String what, LocalDate day, int daysBefore, String about) {
        VEvent event = new VEvent(day, what + ": " + title);
        event.removeAll(Property.DTSTAMP);
        event.add(new DtStamp(now));
        UUID identity = UUID.nameUUIDFromBytes((loan + "/" + what).getBytes(StandardCharsets.UTF_8));
        event.add(new Uid(identity + "@impendium"));
        event.add(new Description(about));
        event.add(ImmutableTransp.TRANSPARENT);
        VAlarm reminder = new VAlarm(Duration.ofDays(-daysBefore));
        reminder.addAll(List.of(ImmutableAction.DISPLAY, new Description(what + ": " + title)));
        event.add(reminder);
        calendar.add(event);
    }
}
