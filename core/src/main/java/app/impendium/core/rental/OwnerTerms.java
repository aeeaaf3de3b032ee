package app.impendium.core.rental;

import app.impendium.core.money.Percent;
import app.impendium.core.rate.YearlyChange;

/**
 * What an owner takes for granted of letting a home: assumptions of their own, which no lender's test knows. Immutable.
 *
 * @param vacancy the share of the rent that is lost while nobody lives there
 * @param upkeep the share of the rent that goes into repairs
 * @param management the share of the rent that an agent takes
 * @param rentChange by how much the rent changes in a year
 * @param costChange by how much tax, insurance, dues and other costs change in a year
 */
public record OwnerTerms(
        Percent vacancy, Percent upkeep, Percent management, YearlyChange rentChange, YearlyChange costChange) {}
