package hingeyard.app;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Hands tests the real application with demo data on a free port: started once for a run, closed at its end. */
public final class RunningApp implements ParameterResolver {

    private static final ExtensionContext.Namespace NS = ExtensionContext.Namespace.create(RunningApp.class);

    /** The application, and beans of it. */
    public static final class App implements AutoCloseable {

        private final TestDatabase database = new TestDatabase();
        private final ConfigurableApplicationContext context;

        private App() {
            context = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                    .run(database.arguments("--server.port=0", "--springdoc.api-docs.enabled=true"));
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

        @Override
        public void close() {
            context.close();
            database.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == App.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getRoot().getStore(NS).getOrComputeIfAbsent(App.class, k -> new App(), App.class);
    }
}
