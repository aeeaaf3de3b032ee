package app.impendium.server.evaluation;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.server.document.AmountOrShare;
import app.impendium.server.document.Entry;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;

/** What every part of a document needs: that a value is there, that a text can be shown, that entries have ids. */
public final class Needed {
    private static final Pattern ID = Pattern.compile("[A-Za-z0-9-]{1,40}");

    private Needed() {}

    /** Whether a value is there; adds a finding if it is not. */
    public static boolean isThere(String path, Object value, Findings findings) {
        if (value == null) {
            findings.add(Finding.of(path, Code.MISSING));
        }
        return value != null;
    }

    /** The value, if it is there; adds a finding if it is not. */
    static <T> Optional<T> value(String path, T value, Findings findings) {
        isThere(path, value, findings);
        return Optional.ofNullable(value);
    }

    /** Adds a finding for a text that is missing, too short, too long or cannot be printed. */
    public static void text(String path, String text, int fewest, int most, Findings findings) {
        if (!isThere(path, text, findings)) {
            return;
        }
        int length = text.strip().length();
        if (length < fewest || length > most) {
            findings.add(Finding.of(
                    path, Code.TEXT_LENGTH, new Value.Count(length), new Value.Count(fewest), new Value.Count(most)));
        } else if (!isPlain(text)) {
            findings.add(Finding.of(path, Code.UNPRINTABLE));
        }
    }

    /** Adds a finding for a text of several lines that is too long or cannot be printed. */
    public static void prose(String path, String text, int most, Findings findings) {
        if (text.length() > most) {
            findings.add(Finding.of(
                    path, Code.TEXT_LENGTH, new Value.Count(text.length()), new Value.Count(0), new Value.Count(most)));
        } else if (!isPlain(text.replace("\n", ""))) {
            findings.add(Finding.of(path, Code.UNPRINTABLE));
        }
    }

    /** Whether a text can be stored and shown: no control characters, no half of a character. */
    private static boolean isPlain(String text) {
        return text.codePoints()
                .noneMatch(c -> Character.isISOControl(c) || Character.getType(c) == Character.SURROGATE);
    }

    /** Adds a finding for each entry of a list that is missing, has no id, or has that of an entry before it. */
    static void ids(String list, List<? extends Entry> entries, Findings findings) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < entries.size(); i++) {
            Entry entry = entries.get(i);
            String path = list + "[" + i + "]";
            if (!isThere(path, entry, findings) || !isThere(path + ".id", entry.id(), findings)) {
                continue;
            }
            if (!ID.matcher(entry.id()).matches()) {
                findings.add(Finding.of(path + ".id", Code.INVALID_ID, new Value.Text(Shortened.echo(entry.id()))));
            } else if (!seen.add(entry.id())) {
                findings.add(Finding.of(path + ".id", Code.DUPLICATE_ID, new Value.Text(entry.id())));
            }
        }
    }

    /** What becomes of the entries of a list, those that are refused left out. */
    static <D extends Entry, T> List<T> entries(String list, List<D> given, Function<D, T> read, Findings findings) {
        ids(list, given, findings);
        List<T> entries = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            D entry = given.get(i);
            if (entry != null) {
                findings.group(Field.entry(list, i), () -> read.apply(entry)).ifPresent(entries::add);
            }
        }
        return entries;
    }

    /** An amount in whole cents; zero where none is given. */
    static Money money(Long cents) {
        return Money.ofCents(cents == null ? 0 : cents);
    }

    /**
     * What becomes of an amount or a share, of which exactly one is given; nothing where it is refused.
     *
     * @param path of the two
     */
    static <T> Optional<T> amountOrShare(
            String path,
            AmountOrShare given,
            Function<Money, T> ofAmount,
            Function<BigDecimal, T> ofShare,
            Findings findings) {
        if (!isThere(path, given, findings)) {
            return Optional.empty();
        }
        if (given.cents() != null && given.percent() != null) {
            findings.add(Finding.of(path, Code.NOT_BOTH, money(given.cents()).toValue()));
            return Optional.empty();
        }
        if (given.percent() != null) {
            return findings.field(path, () -> ofShare.apply(given.percent()));
        }
        return value(path, given.cents(), findings)
                .flatMap(cents -> findings.field(path, () -> ofAmount.apply(Money.ofCents(cents))));
    }
}
