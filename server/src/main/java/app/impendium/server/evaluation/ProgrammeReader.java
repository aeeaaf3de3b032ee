package app.impendium.server.evaluation;

import app.impendium.core.afford.StressedRate;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Field.Letting;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import app.impendium.core.rental.BasisTerms;
import app.impendium.core.rental.Cover;
import app.impendium.core.rental.CoverageBand;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.document.ProgrammeDocument.BandDocument;
import app.impendium.server.document.ProgrammeDocument.BasisDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Turns a letting programme as it is written into the one that the computation knows. */
public final class ProgrammeReader {
    private static final int MOST_PROGRAMMES = 50;
    private static final int MOST_NAME_CHARACTERS = 60;
    private static final int MOST_SOURCE_CHARACTERS = 200;

    private ProgrammeReader() {}

    /**
     * The programme of a document.
     *
     * @throws CaseException if anything in it has no meaning, with every finding
     */
    public static Programme read(ProgrammeDocument document) {
        Findings findings = new Findings();
        Needed.text("name", document.name(), 1, MOST_NAME_CHARACTERS, findings);
        Needed.isThere("market", document.market(), findings);
        Needed.text("source", document.source(), 1, MOST_SOURCE_CHARACTERS, findings);
        Needed.isThere("day", document.day(), findings);
        Needed.isThere("cover", document.cover(), findings);
        Optional<StressedRate> stressed = StressedRateReader.read(document.stressed(), findings);
        List<CoverageBand> bands = Needed.entries(Letting.BANDS, document.bands(), ProgrammeReader::band, findings);
        List<BasisTerms> bases = Needed.entries(Letting.BASES, document.bases(), ProgrammeReader::basis, findings);
        findings.throwIfAny();
        Cover cover = switch (document.cover()) {
            case OUTGOINGS -> new Cover.OfOutgoings();
            case INTEREST -> new Cover.OfInterest(stressed.orElseThrow());
        };
        return new Programme(cover, bands, bases);
    }

    /**
     * The same of a document that stands somewhere.
     *
     * @param path where
     * @throws CaseException if anything in it has no meaning, with every finding there
     */
    static Programme within(String path, ProgrammeDocument document) {
        try {
            return read(document);
        } catch (CaseException e) {
            throw e.within(path);
        }
    }

    /**
     * The programmes of a list.
     *
     * @throws CaseException if there are too many, or anything in them has no meaning, with every finding
     */
    static List<Programme> all(String list, List<ProgrammeDocument> given) {
        Findings findings = new Findings();
        findings.inRange(list, given.size(), 0, MOST_PROGRAMMES);
        findings.throwIfAny();
        List<Programme> programmes = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            ProgrammeDocument programme = given.get(i);
            String path = Field.entry(list, i);
            if (Needed.isThere(path, programme, findings)) {
                findings.group(path, () -> read(programme)).ifPresent(programmes::add);
            }
        }
        findings.throwIfAny();
        return programmes;
    }

    private static CoverageBand band(BandDocument given) {
        Findings findings = new Findings();
        Optional<BigDecimal> cover = Needed.value(Entry.LEAST_COVER, given.leastCover(), findings);
        Optional<Percent> loanToValue = percent("loanToValuePercent", given.loanToValuePercent(), findings);
        Optional<Percent> addOn = percent("addOnPercent", given.addOnPercent(), findings);
        findings.throwIfAny();
        return new CoverageBand(cover.orElseThrow(), loanToValue.orElseThrow(), addOn.orElseThrow());
    }

    private static BasisTerms basis(BasisDocument given) {
        Findings findings = new Findings();
        Optional<LettingBasis> basis = Needed.value(Entry.BASIS, given.basis(), findings)
                .map(named -> CoreNames.of(LettingBasis.class, named));
        Optional<Percent> counted = percent("countedPercent", given.countedPercent(), findings);
        Optional<Percent> loanToValue = percent("loanToValuePercent", given.loanToValuePercent(), findings);
        findings.throwIfAny();
        return new BasisTerms(
                basis.orElseThrow(),
                counted.orElseThrow(),
                loanToValue.orElseThrow(),
                Optional.ofNullable(given.leastScore()));
    }

    private static Optional<Percent> percent(String path, BigDecimal given, Findings findings) {
        return Needed.value(path, given, findings).flatMap(value -> findings.field(path, () -> new Percent(value)));
    }
}
