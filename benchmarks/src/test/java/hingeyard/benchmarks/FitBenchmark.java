package hingeyard.benchmarks;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs {@link FitMeasured} in a process of its own, on one core, with what it allocates. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
class FitBenchmark {

    @Test
    void core() throws RunnerException {
        new Runner(new OptionsBuilder().include(FitMeasured.class.getName() + System.getProperty("bench.only", ""))
                .addProfiler(GCProfiler.class)
                .jvmArgsAppend("-Xms1g", "-Xmx1g", "-XX:ActiveProcessorCount=1").build()).run();
    }
}
