package hingeyard.app;

import hingeyard.app.stock.Stock;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Hands tests the real application with demo data on a free port: started once for each process of a run, closed with it. Before each test
 * the drawers
 * hold at least what they held at first and no wrong password counts, so that no test hangs on which one ran before it.
 */
public final class RunningApp implements ParameterResolver, BeforeEachCallback {

    /** The application, and beans of it. */
    public static final class App implements AutoCloseable {

        private final TestDatabase database = new TestDatabase();
        private final ConfigurableApplicationContext context;
        private final Map<String, Integer> freeAtFirst;

        private App() {
            context = new SpringApplicationBuilder(HingeYard.class, Statements.Counted.class).profiles("demo")
                    .run(database.arguments("--server.port=0", "--springdoc.api-docs.enabled=true"));
            freeAtFirst = free();
        }

        private Map<String, Integer> free() {
            Map<String, Integer> free = new HashMap<>();
            bean(JdbcTemplate.class).query("SELECT part_number, on_hand - held FROM stock_level", r -> {
                free.put(r.getString(1), r.getInt(2));
            });
            return free;
        }

        private void asAtFirst() {
            bean(JdbcTemplate.class).update("DELETE FROM failed_attempt");
            Map<String, Integer> now = free();
            freeAtFirst.forEach((part, count) -> {
                int missing = count - now.getOrDefault(part, 0);
                if (missing > 0) {
                    bean(Stock.class).receive(part, Stock.Delivery.of(missing, "as at first"), "test");
                }
            });
        }

        public String url() {
            return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
        }

        /** What the application itself may not do with its database. */
        public void asOwner(String sql) {
            database.asOwner(sql);
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }

        public <T> java.util.Collection<T> beans(Class<T> type) {
            return context.getBeansOfType(type).values();
        }

        @Override
        public void close() {
            context.close();
            database.close();
        }
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        OfThisProcess.APP.asAtFirst();
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == App.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return OfThisProcess.APP;
    }

    /** Classes come one by one to the processes that run them: what belongs to one run of JUnit would be started for each class. */
    private static final class OfThisProcess {

        private static final App APP = new App();

        static {
            Runtime.getRuntime().addShutdownHook(new Thread(APP::close));
        }
    }
}
