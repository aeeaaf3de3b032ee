package app.impendium.server.evaluation;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.server.document.HandoutDocument;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Checks what is said of a hand-out. */
public final class HandoutReader {
    private static final int MOST_CHARACTERS = 200;
    private static final int MOST_OF_PROSE = 2000;

    private HandoutReader() {}

    /** Adds a finding for whatever has no meaning; nothing where nothing is said. */
    public static void check(String path, HandoutDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        if (given.preparedFor() != null) {
            Needed.text(path + ".preparedFor", given.preparedFor(), 0, MOST_CHARACTERS, findings);
        }
        prose(path + ".greeting", given.greeting(), findings);
        prose(path + ".closing", given.closing(), findings);
        eachOnce(path + ".sections", given.sections(), findings);
        eachOnce(path + ".without", given.without(), findings);
    }

    private static void prose(String path, String text, Findings findings) {
        if (text != null) {
            Needed.prose(path, text, MOST_OF_PROSE, findings);
        }
    }

    private static void eachOnce(String list, List<? extends Enum<?>> given, Findings findings) {
        Set<Enum<?>> named = new HashSet<>();
        for (int i = 0; i < given.size(); i++) {
            Enum<?> entry = given.get(i);
            if (entry == null) {
                findings.add(Finding.of(Field.entry(list, i), Code.MISSING));
            } else if (!named.add(entry)) {
                String word = entry.name().toLowerCase(Locale.ROOT).replace('_', ' ');
                findings.add(Finding.of(Field.entry(list, i), Code.NAMED_TWICE, new Value.Text(word)));
            }
        }
    }
}
