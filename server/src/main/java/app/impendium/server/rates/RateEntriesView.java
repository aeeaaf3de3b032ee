package app.impendium.server.rates;

import app.impendium.server.document.RateTableDocument.AddOnDocument;
import app.impendium.server.document.RateTableDocument.OfferDocument;
import java.util.List;

/** What was read from a text: rates with their points, or what is added to them. */
public record RateEntriesView(List<OfferDocument> offers, List<AddOnDocument> addOns) {}
