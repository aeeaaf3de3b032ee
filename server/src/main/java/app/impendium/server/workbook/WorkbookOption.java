package app.impendium.server.workbook;

import app.impendium.core.OptionEvaluation;

/**
 * An option that has figures, and where its cells are.
 *
 * @param place in the case, from 0
 */
record WorkbookOption(int place, String title, OptionEvaluation figures, OptionNames names, ScheduleColumns columns) {}
