package app.impendium.server.outside;

import app.impendium.server.document.DebtDocument;
import java.util.List;

/** Whoever knows what people owe. */
public interface CreditBureau {

    /** What the people of these names owe together, each debt marked as simulated where it is made up; the same for the same names. */
    List<DebtDocument> debtsOf(List<String> names);
}
