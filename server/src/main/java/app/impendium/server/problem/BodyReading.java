package app.impendium.server.problem;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A body that comes in while no worker waits for it. It takes as much memory as has come, not as was announced. */
final class BodyReading implements ReadListener {
    private static final int FIRST_BYTES = 16 * 1024;

    private final AsyncContext waiting;
    private final ServletInputStream input;
    private final int length;
    private final boolean isKept;
    private final List<Runnable> atEnd = new ArrayList<>();
    private byte[] bytes;
    private int come;
    private boolean isEnded;

    private BodyReading(AsyncContext waiting, ServletInputStream input, int length, boolean isKept) {
        this.waiting = waiting;
        this.input = input;
        this.length = length;
        this.isKept = isKept;
        this.bytes = new byte[Math.min(length, FIRST_BYTES)];
    }

    /**
     * A body that is worked on.
     *
     * @param length how many bytes were announced
     */
    static BodyReading kept(AsyncContext waiting, ServletInputStream input, int length) {
        return new BodyReading(waiting, input, length, true);
    }

    /** One that is refused: it is read to its end all the same, since an answer in the middle of it may never reach who sends it. */
    static BodyReading dropped(AsyncContext waiting, ServletInputStream input, int length) {
        return new BodyReading(waiting, input, length, false);
    }

    /** All that came. */
    byte[] bytes() {
        return come == bytes.length ? bytes : Arrays.copyOf(bytes, come);
    }

    /** Has this done once it has come whole or is given up. */
    synchronized void atEnd(Runnable act) {
        if (isEnded) {
            act.run();
        } else {
            atEnd.add(act);
        }
    }

    @Override
    public void onDataAvailable() throws IOException {
        while (input.isReady() && !input.isFinished()) {
            if (come == bytes.length && come < length) {
                bytes = Arrays.copyOf(bytes, Math.min(length, 2 * come));
            }
            int read = come < bytes.length ? input.read(bytes, come, bytes.length - come) : input.read();
            if (read < 0) {
                return;
            }
            come += isKept ? read : 0;
        }
    }

    @Override
    public void onAllDataRead() {
        end();
        waiting.dispatch();
    }

    @Override
    public void onError(Throwable gone) {
        end();
        waiting.complete();
    }

    /** Lets go of whoever waits for its end. */
    void end() {
        List<Runnable> acts;
        synchronized (this) {
            isEnded = true;
            acts = List.copyOf(atEnd);
            atEnd.clear();
        }
        acts.forEach(Runnable::run);
    }
}
