package app.impendium.server.workbook;

import app.impendium.core.working.Figure;
import app.impendium.core.working.Name;

/**
 * What the cells of an option are called in formulas: PRICE_1, FIGURE_HALF_REPAID_ON_1.
 *
 * @param number of the option, from 1
 */
record OptionNames(int number) {

    String of(Name name) {
        return name.name() + "_" + number;
    }

    /** A number that a figure needs, and that differs from the one of that name. */
    String of(Name name, Figure figure) {
        return name.name() + "_IN_" + figure.name() + "_" + number;
    }

    String ofFigure(Figure figure) {
        return "FIGURE_" + figure.name() + "_" + number;
    }

    /** The cell that is 1 while the inputs are those that were sent. */
    String asSent() {
        return "AS_SENT_" + number;
    }

    /** A formula for whether the inputs are those that were sent. */
    String isAsSent() {
        return asSent() + "=1";
    }
}
