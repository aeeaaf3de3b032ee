package app.impendium.server.clientpage;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.IssuedHandoutDocument;
import app.impendium.server.handout.content.HandoutContent;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.security.MessageDigest;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A link to a client's page: what the page shows, until when, and how it was used. */
@Entity
@Table(name = "client_link")
class ClientLinkRow {
    private static final int MOST_WRONG_WORDS = 10;
    private static final Duration WRONG_WORDS_COUNT_FOR = Duration.ofHours(1);
    private static final Duration BETWEEN_VISITS = Duration.ofMinutes(30);

    @Id
    private UUID id;

    private UUID practiceId;
    private UUID caseId;

    @Version
    private Integer revision;

    private int caseRevision;
    private byte[] keyHash;

    /** None where no word is asked for. */
    private byte[] wordHash;

    private LocalDate endsOn;

    /** When an advisor ended it; none while nobody has. */
    private Instant endedAt;

    private Instant madeAt;
    private String madeBy;

    @JdbcTypeCode(SqlTypes.JSON)
    private IssuedHandoutDocument madeFrom;

    @JdbcTypeCode(SqlTypes.JSON)
    private HandoutContent content;

    private int visits;
    private Instant firstOpenedAt;
    private Instant lastOpenedAt;
    private int wrongWords;
    private Instant wrongSince;

    protected ClientLinkRow() {}

    /** @param word what the client has to type; none for nothing */
    ClientLinkRow(
            SignedInAdvisor advisor, UUID caseId, LinkKey key, Optional<String> word, LocalDate endsOn, Instant now) {
        this.id = UUID.randomUUID();
        this.practiceId = advisor.practiceId();
        this.caseId = caseId;
        this.keyHash = key.hash();
        this.wordHash = word.map(key::hashOfWord).orElse(null);
        this.endsOn = endsOn;
        this.madeAt = now;
        this.madeBy = advisor.name();
    }

    /** Shows this from now on. */
    void show(int newCaseRevision, IssuedHandoutDocument newMadeFrom, HandoutContent newContent) {
        caseRevision = newCaseRevision;
        madeFrom = newMadeFrom;
        content = newContent;
    }

    /** Ends it, if nobody did before. */
    void end(Instant now) {
        endedAt = endedAt == null ? now : endedAt;
    }

    /** Whether its page can still be opened on a day of its practice. */
    boolean isOpen(LocalDate today) {
        return endedAt == null && !today.isAfter(endsOn);
    }

    boolean asksForWord() {
        return wordHash != null;
    }

    /** Whether too many wrong words were typed a short while ago for another to be looked at. */
    boolean isLocked(Instant now) {
        return wrongWords >= MOST_WRONG_WORDS && !isForgotten(now);
    }

    /** Whether a word, null for none, is the one that it asks for, if it asks for any; counts it if it is not. */
    boolean takesWord(LinkKey key, String word, Instant now) {
        if (wordHash == null || word != null && MessageDigest.isEqual(wordHash, key.hashOfWord(word))) {
            return true;
        }
        if (word != null) {
            wrongWords = isForgotten(now) ? 1 : wrongWords + 1;
            wrongSince = wrongWords == 1 ? now : wrongSince;
        }
        return false;
    }

    private boolean isForgotten(Instant now) {
        return wrongSince == null || now.isAfter(wrongSince.plus(WRONG_WORDS_COUNT_FOR));
    }

    /** Notes that its page is looked at. What follows within half an hour is the same visit. */
    void noteVisit(Instant now) {
        if (lastOpenedAt == null || now.isAfter(lastOpenedAt.plus(BETWEEN_VISITS))) {
            visits++;
        }
        firstOpenedAt = firstOpenedAt == null ? now : firstOpenedAt;
        lastOpenedAt = now;
    }

    UUID id() {
        return id;
    }

    UUID practiceId() {
        return practiceId;
    }

    UUID caseId() {
        return caseId;
    }

    int caseRevision() {
        return caseRevision;
    }

    LocalDate endsOn() {
        return endsOn;
    }

    Instant madeAt() {
        return madeAt;
    }

    String madeBy() {
        return madeBy;
    }

    IssuedHandoutDocument madeFrom() {
        return madeFrom;
    }

    HandoutContent content() {
        return content;
    }

    int visits() {
        return visits;
    }

    Instant firstOpenedAt() {
        return firstOpenedAt;
    }

    Instant lastOpenedAt() {
        return lastOpenedAt;
    }
}
