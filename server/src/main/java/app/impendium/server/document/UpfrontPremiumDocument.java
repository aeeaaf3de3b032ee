package app.impendium.server.document;

import java.math.BigDecimal;

/**
 * A premium or guarantee fee due once.
 *
 * @param percent of the base loan
 * @param financed whether it is added to the loan
 */
public record UpfrontPremiumDocument(BigDecimal percent, boolean financed) {}
