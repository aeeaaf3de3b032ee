package app.impendium.server.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.RunningServer;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import com.zaxxer.hikari.HikariDataSource;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;

/** Jobs of instances that share a database, beside those of the application, whose own schema they leave alone. */
@Timeout(120)
class JobRunnerTest {
    private final DataSource database = ofItsOwn();
    private final JdbcClient sql = JdbcClient.create(database);
    private final JobRuns runs = new JobRuns(sql, Clock.systemUTC());
    private final ThreadPoolTaskScheduler aside = new ThreadPoolTaskScheduler();
    private final List<JobRunner> instances = new ArrayList<>();

    private static DataSource ofItsOwn() {
        HikariDataSource shared = RunningServer.bean(HikariDataSource.class);
        return new DriverManagerDataSource(
                shared.getJdbcUrl() + "?currentSchema=jobs_alone", shared.getUsername(), shared.getPassword());
    }

    @BeforeEach
    void begin() {
        sql.sql("drop schema if exists jobs_alone cascade").update();
        sql.sql("create schema jobs_alone").update();
        new ResourceDatabasePopulator(new ClassPathResource("db/migration/V25__jobs.sql")).execute(database);
        aside.initialize();
    }

    @AfterEach
    void end() {
        instances.forEach(JobRunner::stop);
        aside.shutdown();
    }

    @Test
    void ofTwoInstancesOneDoesAJob() {
        CountDownLatch end = new CountDownLatch(1);
        AtomicInteger times = new AtomicInteger();
        Work work = () -> {
            times.incrementAndGet();
            end.await();
        };
        JobRunner first = start(work);
        JobRunner second = start(work);
        until(() -> times.get() > 0);

        first.hurry(new JobWanted(JobName.LOG));
        second.hurry(new JobWanted(JobName.LOG));
        end.countDown();

        until(() -> runs.all().get(0).lastAt() != null);
        assertThat(times.get()).isEqualTo(1);
        assertThat(runs.all()).singleElement().satisfies(job -> {
            assertThat(job.name()).isEqualTo(JobName.LOG);
            assertThat(job.hasFailed()).isFalse();
        });
    }

    @Test
    void oneThatFailsIsTriedAgainAfterAMinute() {
        start(() -> {
            throw new IllegalStateException("The disk is full.");
        });

        until(() -> runs.all().stream()
                .anyMatch(job -> job.hasFailed() && job.nextAt().isAfter(job.lastAt())));
        JobView job = runs.all().get(0);
        assertThat(Duration.between(job.lastAt(), job.nextAt()))
                .isBetween(Duration.ofSeconds(60), Duration.ofSeconds(100));
        assertThat(sql.sql("select failure from job_run").query(String.class).single())
                .endsWith("The disk is full.");
    }

    @Test
    void whatAKilledInstanceDidIsDoneByAnother() throws InterruptedException {
        sql.sql("insert into scheduled_tasks (task_name, task_instance, execution_time, picked, picked_by,"
                        + " consecutive_failures, last_heartbeat, version)"
                        + " values ('LOG', 'recurring', now() - interval '1 hour', true, 'killed', 0,"
                        + " now() - interval '1 hour', 1)")
                .update();
        CountDownLatch done = new CountDownLatch(1);

        start(done::countDown);

        done.await();
    }

    private interface Work {
        void begin() throws InterruptedException;
    }

    private JobRunner start(Work work) {
        Job job = new Job() {
            @Override
            public JobName name() {
                return JobName.LOG;
            }

            @Override
            public Schedule schedule() {
                return Schedules.fixedDelay(Duration.ofHours(1));
            }

            @Override
            public void run() {
                try {
                    work.begin();
                } catch (InterruptedException end) {
                    Thread.currentThread().interrupt();
                }
            }
        };
        JobRunner instance = new JobRunner(database, List.of(job), runs, aside, Clock.systemUTC());
        instances.add(instance);
        instance.start();
        return instance;
    }

    private static void until(BooleanSupplier isSo) {
        while (!isSo.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }
}
