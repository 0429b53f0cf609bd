package hingeyard.app.cluster;

import hingeyard.app.HingeYard;
import hingeyard.app.TestDatabase;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.springframework.boot.builder.SpringApplicationBuilder;

/** Two instances on one database. */
class OneDatabaseTest extends TwoInstances {

    private TestDatabase database;

    @BeforeAll
    void start() {
        database = new TestDatabase();
        here = new SpringApplicationBuilder(HingeYard.class).profiles("demo").run(database.arguments("--server.port=0"));
        there = new SpringApplicationBuilder(HingeYard.class).profiles("demo").run(database.arguments("--server.port=0"));
    }

    @AfterAll
    void stop() {
        here.close();
        there.close();
        database.close();
    }
}
