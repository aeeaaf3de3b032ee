package app.impendium.core.cost;

/** Who pays something at closing. Only what the buyer pays is cash that the client brings. */
public enum Payer {
    BUYER,
    SELLER,
    LENDER
}
