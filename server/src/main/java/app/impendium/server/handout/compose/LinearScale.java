package app.impendium.server.handout.compose;

import java.util.ArrayList;
import java.util.List;

/** Where values lie along a length, evenly. */
record LinearScale(double fromValue, double toValue, double fromPixel, double toPixel) {
    private static final double[] ROUND = {1, 2, 5, 10};

    /** From and to round values that hold these between them. */
    static LinearScale nice(double least, double most, int ticks, double fromPixel, double toPixel) {
        double step = step(most - least, ticks);
        return new LinearScale(Math.floor(least / step) * step, Math.ceil(most / step) * step, fromPixel, toPixel);
    }

    double at(double value) {
        double span = toValue - fromValue;
        return span == 0 ? fromPixel : fromPixel + (value - fromValue) / span * (toPixel - fromPixel);
    }

    /** About so many round values. */
    List<Double> ticks(int about) {
        double step = step(toValue - fromValue, about);
        List<Double> ticks = new ArrayList<>();
        for (double tick = Math.ceil(fromValue / step) * step; tick <= toValue + step / 1000; tick += step) {
            ticks.add(tick);
        }
        return ticks;
    }

    private static double step(double span, int ticks) {
        double raw = Math.max(span, 1) / ticks;
        double power = Math.pow(10, Math.floor(Math.log10(raw)));
        for (double round : ROUND) {
            if (raw <= round * power) {
                return round * power;
            }
        }
        return 10 * power;
    }
}
