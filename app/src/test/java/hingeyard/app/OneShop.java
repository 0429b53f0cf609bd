package hingeyard.app;

import hingeyard.app.KillCampaign.Blow;
import hingeyard.app.KillCampaign.Goes;
import hingeyard.app.KillCampaign.Ground;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** One application on one database, as a shop runs it. */
final class OneShop implements Ground {

    private final OwnDatabase database;
    private final Instance application;

    OneShop(Path folder) throws IOException, InterruptedException {
        database = OwnDatabase.started(folder);
        application = Instance.started(database.arguments());
    }

    @Override
    public List<String> urls() {
        return List.of(application.url());
    }

    @Override
    public String database() {
        return database.url();
    }

    @Override
    public List<Blow> blows() {
        return List.of(Blow.KILL_APPLICATION, Blow.KILL_DATABASE, Blow.FREEZE_APPLICATION, Blow.FREEZE_DATABASE);
    }

    @Override
    public void strike(Blow blow, Goes goes) throws IOException, InterruptedException {
        switch (blow) {
            case KILL_APPLICATION -> {
                application.kill();
                application.start();
            }
            case KILL_DATABASE -> {
                database.kill();
                database.start();
            }
            case FREEZE_APPLICATION -> {
                application.signal("STOP");
                goes.untilOneIsLost();
                application.signal("CONT");
            }
            case FREEZE_DATABASE -> {
                database.freeze();
                goes.untilOneIsLost();
                database.thaw();
            }
            default -> throw new IllegalArgumentException("no such blow here: " + blow);
        }
    }

    @Override
    public void close() throws IOException {
        application.close();
        database.close();
    }
}
