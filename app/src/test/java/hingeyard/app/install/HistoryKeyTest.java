package hingeyard.app.install;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.RunningApp;
import hingeyard.app.TestDatabase;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Mark;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A start with the wrong key writes nothing, and whoever has everything but the key writes no history that holds. */
@ExtendWith(RunningApp.class)
class HistoryKeyTest {

    private static final String ANOTHER = "another key, which nobody had before";

    private RunningApp.App app;
    private JdbcTemplate jdbc;

    @BeforeEach
    void getIn(RunningApp.App running) {
        app = running;
        jdbc = app.bean(JdbcTemplate.class);
    }

    private HistoryKey started(String key, boolean seal) {
        return new HistoryKey(key, seal, jdbc, app.bean(ShopClock.class), app.bean(PlatformTransactionManager.class));
    }

    @Test
    void aStartWithTheWrongKeyIsRefused() {
        assertThatCode(() -> started(TestDatabase.HISTORY_KEY, false)).doesNotThrowAnyException();
        assertThatThrownBy(() -> started(ANOTHER, false))
                .hasMessageContaining("not the key the histories in this database were written with");
        assertThatThrownBy(() -> started("", true)).hasMessageContaining("YARD_HISTORY_KEY is not set");
        assertThatThrownBy(() -> started("too short", false)).hasMessageContaining("has 9 characters; at least 32");
    }

    /** The key was lost: the operator has the histories sealed as they stand, and everything goes on with the new one. */
    @Test
    void aLostKeyIsFollowedByANewOne() {
        new TransactionTemplate(app.bean(PlatformTransactionManager.class)).executeWithoutResult(t -> {
            long job = jdbc.queryForObject("SELECT MIN(job_id) FROM step_event", Long.class);
            HistoryKey key = started(ANOTHER, true);
            StepHistory history = new StepHistory(app.bean(StepEventRows.class), app.bean(LiveEvents.class),
                    app.bean(ShopClock.class), jdbc, key);
            assertThat(history.findings()).isEmpty();
            StepRow row = new StepRow();
            row.jobId = job;
            row.stepKey = "kit-check";
            history.happened(row, StepEvent.What.FOUND, "since then", "Tova");
            assertThat(history.broken(job)).isEmpty();
            jdbc.update("UPDATE step_history_seal SET entries = entries - 1 WHERE job_id = ?", job);
            assertThat(history.broken(job)).get().asString().contains("sealed with another");
            t.setRollbackOnly();
        });
    }

    /** All rights in the database, the program's text at hand, no key. */
    @Test
    void aHistoryWrittenAnewShows() {
        StepHistory history = app.bean(StepHistory.class);
        new TransactionTemplate(app.bean(PlatformTransactionManager.class)).executeWithoutResult(t -> {
            long job = jdbc.queryForObject("SELECT MIN(job_id) FROM step_history_end WHERE entries > 3", Long.class);
            assertThat(history.broken(job)).isEmpty();
            HistoryChain forger = new HistoryChain(ANOTHER);
            End end = new End(4, forger.hash(End.NOTHING, new Entry(job, "any", "TICKED", "", "Rian", app.bean(ShopClock.class).now())));
            jdbc.update("UPDATE step_history_end SET entries = entries + 0, mark = ? WHERE job_id = ?", forger.mark(Mark.END, job, end),
                    job);
            assertThat(history.broken(job)).contains("how far it goes was written down with another key");
            jdbc.update("INSERT INTO step_history_seal (job_id, entries, hash, mark, sealed_at) VALUES (?, 4, ?, ?, NOW(3))", job,
                    end.hash(),
                    forger.mark(Mark.SEAL, job, end));
            assertThat(history.broken(job)).contains("what was written before there was a key is sealed with another");
            t.setRollbackOnly();
        });
    }
}
