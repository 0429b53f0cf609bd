package hingeyard.app;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** What requests ask the database, statement by statement; what the application does by itself meanwhile is left out. */
final class Statements {

    /** Threads of the web server are called so. */
    private static final String REQUESTS = "http-nio";
    private static final List<String> ASKED = new CopyOnWriteArrayList<>();
    private static volatile boolean listening;

    private Statements() {
    }

    /** Every statement of what is done meanwhile, in order. One test runs at a time. */
    static List<String> of(Supplier<?> requests) {
        ASKED.clear();
        listening = true;
        try {
            requests.get();
        } finally {
            listening = false;
        }
        return new ArrayList<>(ASKED);
    }

    /** Lets the running application of the tests be listened to. */
    @Configuration
    static class Counted {

        @Bean
        static BeanPostProcessor listened() {
            return new BeanPostProcessor() {
                @Override
                public Object postProcessAfterInitialization(Object bean, String name) {
                    return bean instanceof DataSource source ? new Listened(source) : bean;
                }
            };
        }
    }

    /** The pool stays to be found behind it: migrations take their address from there. */
    private static final class Listened extends DelegatingDataSource {

        private final DataSource told;

        Listened(DataSource pool) {
            super(pool);
            told = ProxyDataSourceBuilder.create(pool).listener(new Listener()).build();
        }

        @Override
        public Connection getConnection() throws SQLException {
            return told.getConnection();
        }

        @Override
        public Connection getConnection(String user, String password) throws SQLException {
            return told.getConnection(user, password);
        }
    }

    private static final class Listener implements QueryExecutionListener {

        @Override
        public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
            // What counts is what was asked, not what came of it.
            if (listening && Thread.currentThread().getName().startsWith(REQUESTS)) {
                queries.forEach(q -> ASKED.add(q.getQuery().replaceAll("\\s+", " ")));
            }
        }

        @Override
        public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
            // Told before already.
        }
    }
}
