package hingeyard.app.bench;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.RideLog;
import hingeyard.formats.GpxFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A recorded ride read back; the file itself is not kept. */
@RestController
class RideController {

    /** @param metres from the start */
    record RideSample(double metres, double kmh, double height) {
    }

    /** @param perKm Wh; @param speedError by how much of a hundred the display told more */
    record RideView(String sentence, double km, double climb, double descent, long movingMinutes, long minutes, double mean, double most,
            int slips, boolean heights, Optional<Double> perKm, Optional<Double> speedError, List<RideSample> samples) {
    }

    /** @param before,after V at rest; @param shown km on the display */
    private record Read(Optional<Integer> series, Optional<Double> ampHours, Optional<Double> before, Optional<Double> after,
            Optional<Double> shown) {

        private Optional<RideLog.Pack> pack() {
            long told = List.of(series.isPresent(), ampHours.isPresent(), before.isPresent(), after.isPresent()).stream().filter(t -> t)
                    .count();
            if (told == 0) {
                return Optional.empty();
            }
            if (told < 4) {
                throw new BenchFaultException(
                        series.isEmpty() ? "series" : ampHours.isEmpty() ? "ampHours" : before.isEmpty() ? "before" : "after",
                        "nothing", "cells, capacity and both readings, or none of them");
            }
            return Optional.of(new RideLog.Pack(series.get(), ampHours.get(), before.get(), after.get()));
        }
    }

    private final BenchWork work;
    private final Commands commands;

    RideController(BenchWork work, Commands commands) {
        this.work = work;
        this.commands = commands;
    }

    /** What a ride was: way, height, speed, and what a kilometre took. */
    @PostMapping(path = "/api/bench/ride", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RideView ride(@RequestPart(name = "file") MultipartFile file, @RequestParam(name = "series") Optional<Integer> series,
            @RequestParam(name = "ampHours") Optional<Double> ampHours, @RequestParam(name = "before") Optional<Double> before,
            @RequestParam(name = "after") Optional<Double> after, @RequestParam(name = "shown") Optional<Double> shown) throws IOException {
        return view(answer(file, new Read(series, ampHours, before, after, shown)));
    }

    /** The same, kept on its job. */
    @PostMapping(path = "/api/jobs/{number}/bench/ride", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RideView keep(@PathVariable(name = "number") long number, @RequestPart(name = "file") MultipartFile file,
            @RequestParam(name = "series") Optional<Integer> series, @RequestParam(name = "ampHours") Optional<Double> ampHours,
            @RequestParam(name = "before") Optional<Double> before, @RequestParam(name = "after") Optional<Double> after,
            @RequestParam(name = "shown") Optional<Double> shown,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) throws IOException {
        Read read = new Read(series, ampHours, before, after, shown);
        RideLog.Answer answer = answer(file, read);
        commands.once(key, Boolean.class, () -> {
            work.keepRide(number, read, answer, SignedIn.name());
            return true;
        });
        return view(answer);
    }

    private static RideLog.Answer answer(MultipartFile file, Read read) throws IOException {
        if (file.isEmpty()) {
            throw Refused.input("file", "nothing", "a GPX file with a track");
        }
        return RideLog.of(GpxFile.read(new String(file.getBytes(), StandardCharsets.UTF_8)), read.pack(), read.shown);
    }

    private static RideView view(RideLog.Answer a) {
        return new RideView(a.told(), a.metres() / 1000, a.climb(), a.descent(), a.moving().toMinutes(), a.whole().toMinutes(), a.mean(),
                a.most(), a.slips(), a.heights(), a.perKm(), a.speedError(),
                a.samples().stream().map(s -> new RideSample(s.metres(), s.kmh(), s.height())).toList());
    }
}
