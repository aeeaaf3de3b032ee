package app.impendium.server.privacy;

import app.impendium.server.client.ClientDetails;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.FactsBlock.FactContent;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.privacy.ClientRecord.Done;
import app.impendium.server.privacy.ClientRecord.Kept;
import app.impendium.server.privacy.ClientRecord.KeptCase;
import app.impendium.server.privacy.ClientRecord.KeptNote;
import app.impendium.server.words.Writing;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;

/** What is kept of a client, to be read on paper: the latest state of each case, and how much more there is in the file. */
final class RecordOnPaper {
    private static final int MOST_DONE = 200;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH);

    private final Kept kept;
    private final ZoneId zone;

    private RecordOnPaper(Kept kept, ZoneId zone) {
        this.kept = kept;
        this.zone = zone;
    }

    /** @param zone where the practice works */
    static HandoutContent of(Kept kept, LetterheadContent letterhead, Paper paper, ZoneId zone) {
        RecordOnPaper record = new RecordOnPaper(kept, zone);
        String name = kept.client().details().name();
        return new HandoutContent(
                HandoutContent.FORMAT,
                "en",
                paper,
                letterhead,
                "What we keep of " + name,
                name,
                LocalDate.ofInstant(kept.collectedAt(), zone),
                "",
                Stream.concat(
                                Stream.concat(
                                        Stream.of(record.contact()),
                                        kept.cases().stream().map(record::ofCase)),
                                Stream.of(record.log()))
                        .toList(),
                "The file that goes with this has every saved state, hand-out and page in full.",
                "",
                List.of());
    }

    private SectionContent contact() {
        ClientDetails known = kept.client().details();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new FactsBlock(Stream.of(
                        fact("Name", known.name()),
                        fact("Address", known.address()),
                        fact("Phone", known.phone()),
                        fact("Email", known.email()),
                        fact("Kept by", kept.practice()),
                        fact(
                                "Last changed",
                                moment(kept.client().savedAt()) + ", "
                                        + kept.client().savedBy()))
                .filter(each -> !each.value().isEmpty())
                .toList()));
        if (!known.notes().isEmpty()) {
            blocks.add(new TextBlock("Notes: " + known.notes()));
        }
        return new SectionContent("Contact", blocks);
    }

    private SectionContent ofCase(KeptCase each) {
        CaseDocument document = each.document();
        Writing writing = Writing.of(document);
        OptionView loan = new CaseAnswers(document).option(0);
        List<Block> blocks = new ArrayList<>();
        blocks.add(new FactsBlock(List.of(
                fact("For", document.clients().isEmpty() ? "nobody named" : document.clients()),
                fact("Last saved", moment(each.savedAt()) + ", " + each.savedBy()),
                fact("Loan", writing.money(loan.loanCents())),
                fact("Payment", writing.money(loan.paymentCents())),
                fact("Paid off", writing.day(loan.payoffDate())),
                fact("Options", String.valueOf(document.options().size())),
                fact("Saved states", String.valueOf(each.states())),
                fact("Hand-outs", String.valueOf(each.handOuts())),
                fact("Pages for clients", String.valueOf(each.clientPages())))));
        if (each.shared()) {
            blocks.add(new TextBlock("This case is another client's too."));
        }
        if (!document.household().incomes().isEmpty()) {
            blocks.add(table(
                    "Incomes",
                    "Amount",
                    document.household().incomes().stream()
                            .map(income -> List.of(income.name(), amount(writing, income)))
                            .toList()));
        }
        if (!document.debts().isEmpty()) {
            blocks.add(table(
                    "Debts",
                    "Balance",
                    document.debts().stream()
                            .map(debt -> List.of(
                                    debt.name(),
                                    debt.balanceCents() == null ? "" : writing.amount(debt.balanceCents())))
                            .toList()));
        }
        for (KeptNote note : each.notes()) {
            blocks.add(new TextBlock("Sent " + moment(note.sentAt()) + ": " + note.words()));
        }
        return new SectionContent(each.title(), blocks);
    }

    private SectionContent log() {
        List<List<String>> rows = kept.log().stream()
                .limit(MOST_DONE)
                .map(done -> List.of(said(done), moment(done.at())))
                .toList();
        return new SectionContent(
                "Who did what with it",
                rows.isEmpty()
                        ? List.of(new TextBlock("Nothing is recorded."))
                        : List.of(table("Who did what", "Last", rows)));
    }

    private static String said(Done done) {
        String what = done.action().toLowerCase(Locale.ROOT).replace('_', ' ')
                + ", "
                + done.kind().toLowerCase(Locale.ROOT).replace('_', ' ');
        return done.who() + ": " + what + (done.times() > 1 ? ", " + done.times() + " times" : "");
    }

    private static String amount(Writing writing, IncomeDocument income) {
        String per = income.per() == null
                ? "an hour"
                : "paid " + income.per().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return Objects.requireNonNullElse(income.cents(), 0L) == 0 ? "" : writing.amount(income.cents()) + " " + per;
    }

    private static TableBlock table(String caption, String figures, List<List<String>> rows) {
        return new TableBlock(
                caption,
                List.of(new ColumnContent(caption, false), new ColumnContent(figures, true)),
                rows.stream().map(TableBlock::row).toList());
    }

    private static FactContent fact(String label, String value) {
        return new FactContent(label, value, "");
    }

    private String moment(Instant at) {
        return MOMENT.format(at.atZone(zone));
    }
}
