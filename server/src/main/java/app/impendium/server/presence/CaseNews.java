package app.impendium.server.presence;

import java.util.List;

/**
 * What is new of a case.
 *
 * @param revision of the state that is saved now
 * @param others who else has it open, by name
 */
record CaseNews(int revision, List<String> others) {}
