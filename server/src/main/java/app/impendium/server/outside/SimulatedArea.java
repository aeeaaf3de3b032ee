package app.impendium.server.outside;

import java.util.Locale;

/**
 * What a postal area stands for in the stand-ins: a made-up level of prices that follows from its text alone. The area "slow" is
 * answered late and the area "down" not at all, to try what the product then does.
 */
final class SimulatedArea {
    private static final long LATE_MILLIS = 6000;

    private final int seed;

    private SimulatedArea(int seed) {
        this.seed = seed;
    }

    /**
     * The area of a home.
     *
     * @throws OutsideException in the area "down", or when the wait in the area "slow" is cut short
     */
    static SimulatedArea of(AskedHome home) {
        String name = home.area().strip().toLowerCase(Locale.ROOT);
        if (name.equals("down")) {
            throw new OutsideException("a stand-in that is asked not to answer");
        }
        if (name.equals("slow")) {
            waitLong();
        }
        return new SimulatedArea(Math.floorMod(name.hashCode(), 1009));
    }

    /** A number from {@code least} to {@code most}, both counted, that belongs to the area and a subject. */
    int between(int least, int most, int subject) {
        return least + Math.floorMod(seed * 31 + subject * 57, most - least + 1);
    }

    private static void waitLong() {
        try {
            Thread.sleep(LATE_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new OutsideException("a wait that was cut short", e);
        }
    }
}
