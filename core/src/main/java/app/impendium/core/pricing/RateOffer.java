package app.impendium.core.pricing;

import app.impendium.core.rate.AnnualRate;

/** A rate and what it costs in points. */
public record RateOffer(AnnualRate rate, SignedPoints points) {}
