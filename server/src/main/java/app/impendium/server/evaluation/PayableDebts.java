package app.impendium.server.evaluation;

import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.RunningDebt;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The debts of a case that its options pay off.
 *
 * @param byId each by its id
 */
record PayableDebts(Map<String, RunningDebt> byId) {

    /**
     * The debts that a list of an option names. An id that is unknown or was named before is added to the findings.
     *
     * @param list the list's path in the option
     * @param others ids that another list of the option names
     */
    List<RunningDebt> named(String list, List<String> ids, List<String> others, Findings findings) {
        Set<String> taken = new HashSet<>(others);
        List<RunningDebt> debts = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            String id = ids.get(i);
            String path = Field.entry(list, i);
            if (id == null || !byId.containsKey(id)) {
                findings.add(Finding.of(path, Code.UNKNOWN_DEBT, new Value.Text(Shortened.echo(String.valueOf(id)))));
            } else if (!taken.add(id)) {
                findings.add(Finding.of(path, Code.DUPLICATE_ID, new Value.Text(id)));
            } else {
                debts.add(byId.get(id));
            }
        }
        return debts;
    }
}
