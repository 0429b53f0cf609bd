package hingeyard.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Runs things at the same moment, each on a thread of its own. */
public final class AtOnce {

    private AtOnce() {
    }

    /** What each of them answered, in their order; the first exception of any is thrown. */
    public static <T> List<T> run(List<Callable<T>> all) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(all.size());
        CyclicBarrier start = new CyclicBarrier(all.size());
        try {
            List<Future<T>> running = new ArrayList<>();
            for (Callable<T> one : all) {
                running.add(threads.submit(() -> {
                    start.await();
                    return one.call();
                }));
            }
            List<T> answers = new ArrayList<>();
            for (Future<T> done : running) {
                answers.add(done.get());
            }
            return answers;
        } finally {
            threads.shutdown();
        }
    }
}
