package app.impendium.server.jobs;

/** What a job is kept and told by. */
public enum JobName {
    /** Cases are compared with limit sets that changed. */
    STANDINGS,
    /** Of earlier states of cases, one a day is kept. */
    STATES,
    /** Deleted cases go for good. */
    DELETED_CASES,
    /** Deleted rate tables, limit sets, programmes and templates go for good. */
    DELETED_ITEMS,
    /** Old entries of the log go. */
    LOG,
    /** What waits for the mail server is sent. */
    MAIL,
    /** Ended sessions go. */
    SESSIONS,
    /** The backup of the day is made. */
    BACKUP
}
