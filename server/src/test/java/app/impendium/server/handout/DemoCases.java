package app.impendium.server.handout;

import app.impendium.server.RunningServer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutDocument.Detail;
import app.impendium.server.document.HandoutDocument.Private;
import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.document.HandoutDocument.SectionKind;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.handout.compose.Composer;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The demo cases, and hand-outs of them. */
public final class DemoCases {
    public static final LocalDate DAY = LocalDate.of(2026, 11, 26);
    static final LetterheadContent LETTERHEAD =
            new LetterheadContent("Ostrander & Pell", "12 Ferry Lane\nMarrowby", null);

    private DemoCases() {}

    /** Those that show every kind of loan between them. */
    public static List<String> names() {
        return List.of(
                "weir-house",
                "mill-race",
                "pinfold-yard",
                "harrow-court",
                "tollgate-rise",
                "sorrel-street",
                "cinder-hill",
                "quarry-lane",
                "heron-mews",
                "tannery-row",
                "cooperage-wharf",
                "chandlers-reach",
                "ropewalk-terrace");
    }

    public static CaseDocument read(String name) {
        return read(name, CaseDocument.class);
    }

    /** A case that was changed in one place. */
    public static CaseDocument changed(String name, Consumer<ObjectNode> change) {
        ObjectNode document = read(name, ObjectNode.class);
        change.accept(document);
        return RunningServer.bean(JsonMapper.class).treeToValue(document, CaseDocument.class);
    }

    /** Every section of a case, in full. */
    public static HandoutContent everything(String name, ScheduleBy scheduleBy) {
        return handout(
                read(name),
                new HandoutDocument(
                        null,
                        List.of(SectionKind.values()),
                        Detail.FULL,
                        scheduleBy,
                        List.of(),
                        "Dear clients",
                        "Yours"));
    }

    /** Every section of a case, leaving something out. */
    public static HandoutContent without(String name, Private... left) {
        return handout(
                read(name),
                new HandoutDocument(
                        null, List.of(SectionKind.values()), Detail.FULL, ScheduleBy.YEAR, List.of(left), null, null));
    }

    public static HandoutContent handout(CaseDocument document, HandoutDocument choice) {
        return Composer.compose(telling(document, choice), LETTERHEAD, DAY, "Figures without warranty.");
    }

    static Telling telling(CaseDocument document, HandoutDocument choice) {
        Market market = Market.of(document);
        return new Telling(
                document,
                0,
                Titles.of(document, List.of()),
                choice,
                limits(document),
                Arrays.stream(read("programmes", ProgrammeDocument[].class))
                        .filter(programme -> programme.market() == market)
                        .findFirst(),
                Telling.PAPER_WIDTH);
    }

    /** The first limit set of a case's market; none where the demo practice has none. */
    public static Optional<LimitSetDocument> limits(CaseDocument document) {
        return Arrays.stream(read("limits", LimitSetDocument[].class))
                .filter(set -> set.market() == Market.of(document))
                .findFirst();
    }

    private static <T> T read(String name, Class<T> type) {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return RunningServer.bean(JsonMapper.class).readValue(file, type);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
