package app.impendium.server.casefile;

import jakarta.persistence.EntityManager;
import jakarta.persistence.criteria.CompoundSelection;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Predicate;
import jakarta.persistence.criteria.Root;
import jakarta.persistence.criteria.Selection;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Finds a practice's cases by words in title or clients, in any order, with or without accents. */
@Component
class CaseSearch {
    private static final int PART = 50;
    private static final Pattern ACCENTS = Pattern.compile("[\\u0300-\\u036f]");
    private static final Pattern WILDCARDS = Pattern.compile("[!%_]");
    private static final Pattern SPACE = Pattern.compile("\\s+");

    private final EntityManager entities;

    CaseSearch(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * The cases with each of these words, from one of them on.
     *
     * @param from how many are left out, the latest saved first
     */
    CaseList find(UUID practiceId, String words, int from) {
        CriteriaBuilder is = entities.getCriteriaBuilder();
        List<String> patterns = patterns(words);

        CriteriaQuery<Long> count = is.createQuery(Long.class);
        Root<SavedCase> counted = count.from(SavedCase.class);
        count.select(is.count(counted)).where(matches(is, counted, practiceId, patterns));

        CriteriaQuery<CaseSummary> list = is.createQuery(CaseSummary.class);
        Root<SavedCase> listed = list.from(SavedCase.class);
        list.select(summary(is, listed))
                .where(matches(is, listed, practiceId, patterns))
                .orderBy(is.desc(listed.get("savedAt")), is.asc(listed.get("id")));

        return new CaseList(
                entities.createQuery(count).getSingleResult(),
                entities.createQuery(list)
                        .setFirstResult(from)
                        .setMaxResults(PART)
                        .getResultList());
    }

    private static CompoundSelection<CaseSummary> summary(CriteriaBuilder is, Root<SavedCase> saved) {
        return is.construct(
                CaseSummary.class,
                Stream.of("id", "title", "clients", "currency", "monthlyCostCents", "payoffDate", "savedAt", "savedBy")
                        .map(saved::get)
                        .toArray(Selection[]::new));
    }

    private static Predicate[] matches(
            CriteriaBuilder is, Root<SavedCase> saved, UUID practiceId, List<String> patterns) {
        Stream<Predicate> own =
                Stream.of(is.equal(saved.get("practiceId"), practiceId), is.isNull(saved.get("deletedAt")));
        Stream<Predicate> words = patterns.stream().map(pattern -> is.like(saved.get("searchText"), pattern, '!'));
        return Stream.concat(own, words).toArray(Predicate[]::new);
    }

    /** For each word a LIKE pattern, written as the text that it looks in is. */
    private static List<String> patterns(String words) {
        String plain = ACCENTS.matcher(Normalizer.normalize(words, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        return SPACE.splitAsStream(plain)
                .filter(word -> !word.isEmpty())
                .map(word -> "%" + WILDCARDS.matcher(word).replaceAll("!$0") + "%")
                .toList();
    }
}
