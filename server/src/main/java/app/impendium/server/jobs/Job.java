package app.impendium.server.jobs;

import com.github.kagkarlsson.scheduler.task.schedule.Schedule;

/**
 * Work that is done again and again, by one instance at a time. One that fails is tried again; one whose instance is killed is done
 * again by another, so that each part of it has to be whole by itself.
 */
public interface Job {
    JobName name();

    /** Whether it is to be done at all; some wait for settings of whoever runs the installation. */
    default boolean isOn() {
        return true;
    }

    /** When it is done. */
    Schedule schedule();

    void run();
}
