package app.impendium.server.document;

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
