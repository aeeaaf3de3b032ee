package app.impendium.server.evaluation;

/** Currencies with a hundred minor units, by ISO 4217 code. */
public enum CurrencyCode {
    USD,
    CAD,
    GBP,
    AUD,
    NZD,
    EUR,
    CHF
}
