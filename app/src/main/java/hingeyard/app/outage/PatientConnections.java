package hingeyard.app.outage;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;

/**
 * Whoever wants a connection waits for one as long as the database is there, however busy, and not at all while it is known to be away. The
 * pool by itself knows one patience only: too short for a floor at full stretch or too long for an outage.
 */
@Component
class PatientConnections implements BeanPostProcessor {

    private static final long LONGEST_NS = TimeUnit.SECONDS.toNanos(30);

    private final ObjectProvider<DatabaseWatch> watch;

    PatientConnections(ObjectProvider<DatabaseWatch> watch) {
        this.watch = watch;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source && name.equals("dataSource") ? new Patient(source) : bean;
    }

    private final class Patient extends DelegatingDataSource {

        Patient(DataSource pool) {
            super(pool);
        }

        @Override
        public Connection getConnection() throws SQLException {
            long end = System.nanoTime() + LONGEST_NS;
            while (true) {
                if (watch.getObject().away()) {
                    throw new SQLTransientConnectionException("the database does not answer");
                }
                try {
                    return super.getConnection();
                } catch (SQLTransientConnectionException none) {
                    if (System.nanoTime() > end) {
                        throw none;
                    }
                }
            }
        }
    }
}
