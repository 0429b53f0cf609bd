package hingeyard.app.outage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The scripts that look after application and database, on a folder of their own, with a stand-in for the application. */
class KeeperTest {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final String SCRIPTS = """
            set -euo pipefail
            HERE='%s'; . "$HERE/bin/common.sh"; . "$HERE/bin/database.sh"; . "$HERE/bin/application.sh"; . "$HERE/bin/keeper.sh"
            application_java() { exec sleep 1000 >/dev/null 2>&1 9>&-; }
            """.formatted(ROOT);

    @TempDir
    private Path folder;

    @BeforeEach
    void theDatabasesUserReachesIt() throws IOException, InterruptedException {
        new ProcessBuilder("chmod", "755", folder.toString()).start().waitFor();
    }

    @AfterEach
    void stopped() throws IOException, InterruptedException {
        said("for what in app db; do [ ! -f \"$YARD_DATA/$what.pid\" ] || kill -9 $(cat \"$YARD_DATA/$what.pid\") 2>/dev/null || true; done");
    }

    private String said(String script) throws IOException, InterruptedException {
        ProcessBuilder shell = new ProcessBuilder("bash", "-c", SCRIPTS + script).redirectErrorStream(true);
        shell.environment().put("YARD_DATA", folder.toString());
        Process process = shell.start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        process.waitFor();
        return out;
    }

    @Test
    void aDatabaseThatDiesIsStartedAgain() throws IOException, InterruptedException {
        assertThat(said("""
                YARD_DB_PORT=$((30000 + RANDOM % 10000)); while port_taken $YARD_DB_PORT; do YARD_DB_PORT=$((YARD_DB_PORT + 1)); done
                server_run "$YARD_DATA/db" $YARD_DB_PORT
                echo 'CREATE DATABASE kept' | admin_sql "$YARD_DATA/db"
                before=$(cat "$YARD_DATA/db.pid")
                keep_once; [ "$(cat "$YARD_DATA/db.pid")" = "$before" ] && echo 'left alone while it runs'
                kill -9 $(cat "$YARD_DATA/db/run/m.pid") 2>/dev/null || true; kill -9 $before 2>/dev/null || true; wait $before 2>/dev/null || true
                keep_once
                runs "$(cat "$YARD_DATA/db.pid")" && [ "$(cat "$YARD_DATA/db.pid")" != "$before" ] && echo 'runs again'
                echo 'SHOW DATABASES' | admin_sql "$YARD_DATA/db" -N | grep kept
                server_halt "$YARD_DATA/db"
                keep_once; [ ! -f "$YARD_DATA/db.pid" ] && echo 'stopped on purpose: stays so'
                """)).isEqualTo("left alone while it runs\nruns again\nkept\nstopped on purpose: stays so");
        assertThat(Files.readString(folder.resolve("keeper.log"))).contains("the database ended by itself: starting it again");
    }

    @Test
    void anApplicationThatDiesIsStartedAgainUntilItIsHopeless() throws IOException, InterruptedException {
        assertThat(said("""
                echo 999999999 >"$YARD_DATA/app.pid"
                exec 8>"$YARD_DATA/lock"; flock 8
                keep_once; runs "$(cat "$YARD_DATA/app.pid")" || echo 'somebody is at it: left alone'
                exec 8>&-
                for i in 1 2 3 4 5 6 7; do
                  keep_once
                  app=$(cat "$YARD_DATA/app.pid")
                  if runs $app; then echo "runs $i"; kill -9 $app; wait $app 2>/dev/null || true; fi
                done
                """)).isEqualTo("somebody is at it: left alone\nruns 1\nruns 2\nruns 3\nruns 4\nruns 5");
        assertThat(Files.readString(folder.resolve("keeper.log")).lines().filter(l -> l.contains("once a minute"))).as("said once")
                .hasSize(1);
    }

    /** A full disk takes no note and no pid file: the keeper goes on, and starts nothing twice. */
    @Test
    void aFullDiskDoesNotEndTheKeeper() throws IOException, InterruptedException {
        assertThat(said("""
                mkdir "$YARD_DATA/keeper.log"; : >"$YARD_DATA/lock"
                echo 999999999 >"$YARD_DATA/app.pid"
                keep_once; one=$(cat "$YARD_DATA/app.pid")
                : >"$YARD_DATA/app.pid"
                keep_once; keep_once
                [ ! -s "$YARD_DATA/app.pid" ] && runs $one && echo 'one, and looked after'
                kill -9 $one; wait $one 2>/dev/null || true
                keep_once; another=$(cat "$YARD_DATA/app.pid")
                runs $another && echo 'another'
                """)).isEqualTo("one, and looked after\nanother");
    }

    /** However slow the machine: what works is waited for, what ended or does nothing is not. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
        "works for a while, then is ready | for i in $(seq 40); do seq 100000 >/dev/null; done; : >\"$YARD_DATA/ready\"; sleep 100 | 0",
        "ends | exit 3 | 1", "does nothing | sleep 100 | 2"})
    void aStartIsWaitedForWhileItWorks(String what, String work, String status) throws IOException, InterruptedException {
        assertThat(said("""
                WAIT_IDLE=8
                bash -c '%s' >/dev/null 2>&1 &
                pid=$!; status=0
                wait_ready $pid "$YARD_DATA/no.log" test -f "$YARD_DATA/ready" || status=$?
                pkill -P $pid || true; kill $pid 2>/dev/null || true
                echo $status
                """.formatted(work))).isEqualTo(status);
    }

    @Test
    void aDatabaseFolderThatWasHalfMadeIsMadeAnew() throws IOException, InterruptedException {
        assertThat(said("""
                mkdir -p "$YARD_DATA/db/data.new/mysql" "$YARD_DATA/db/data"; : >"$YARD_DATA/db/data.new/mysql/half"
                YARD_DB_PORT=$((30000 + RANDOM % 10000)); while port_taken $YARD_DB_PORT; do YARD_DB_PORT=$((YARD_DB_PORT + 1)); done
                server_run "$YARD_DATA/db" $YARD_DB_PORT
                echo 'SELECT 1 + 1' | admin_sql "$YARD_DATA/db" -N
                [ ! -e "$YARD_DATA/db/data/mysql/half" ] && echo anew
                """)).isEqualTo("2\nanew");
    }
}
