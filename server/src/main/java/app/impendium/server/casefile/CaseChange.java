package app.impendium.server.casefile;

import app.impendium.server.recorded.Action;

/** What is done to cases from their list. What each says stays as it is, and so does its revision. */
public enum CaseChange {
    /** Puts open cases away. */
    ARCHIVE(Action.ARCHIVED, "archived_at = coalesce(archived_at, :now)", "deleted_at is null and not is_template"),
    /** Opens cases again that were put away. */
    REOPEN(Action.REOPENED, "archived_at = null", "deleted_at is null and not is_template"),
    /** Deletes cases; they can be had back for some days. */
    DELETE(Action.DELETED, "deleted_at = coalesce(deleted_at, :now)", "(not is_template or :owner)"),
    /** Has deleted cases back, as they were. */
    RESTORE(Action.RESTORED, "deleted_at = null", "(not is_template or :owner)"),
    /** Has somebody else look after cases. */
    HAND_OVER(Action.HANDED_OVER, "advisor_id = :advisor", "deleted_at is null and not is_template");

    private final Action recorded;
    private final String assignment;
    private final String condition;

    CaseChange(Action recorded, String assignment, String condition) {
        this.recorded = recorded;
        this.assignment = assignment;
        this.condition = condition;
    }

    /** How the log tells of it. */
    Action recorded() {
        return recorded;
    }

    /** What it sets of a row of case_file, and of which rows it can. */
    String sql() {
        return "update case_file set " + assignment + " where practice_id = :practice and id = any(:ids) and "
                + condition;
    }
}
