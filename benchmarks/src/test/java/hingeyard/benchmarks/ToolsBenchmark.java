package hingeyard.benchmarks;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs {@link ToolsMeasured} in a process of its own, on one core. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
class ToolsBenchmark {

    @Test
    void tools() throws RunnerException {
        new Runner(new OptionsBuilder().include(ToolsMeasured.class.getName())
                .jvmArgsAppend("-Xms512m", "-Xmx512m", "-XX:ActiveProcessorCount=1")
                .build()).run();
    }
}
