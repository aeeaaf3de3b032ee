package app.impendium.server.client;

import java.util.List;
import java.util.UUID;

/**
 * A part of the practice's clients, by name.
 *
 * @param total how many there are in all, of those that were searched for
 * @param clients fifty at the most
 */
public record ClientList(long total, List<ClientLine> clients) {

    /**
     * A client as a line of a list.
     *
     * @param cases how many cases are theirs, deleted ones left aside
     */
    public record ClientLine(UUID id, String name, String email, String phone, String address, long cases) {}
}
