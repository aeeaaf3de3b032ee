package app.impendium.server.jobs;

/** Has a job done before its time, once what the transaction under way changed can be seen. */
public record JobWanted(JobName name) {}
