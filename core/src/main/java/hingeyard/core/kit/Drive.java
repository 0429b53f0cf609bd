package hingeyard.core.kit;

import hingeyard.core.bike.KitOutline;
import java.util.List;
import java.util.Optional;

/** The driving part of a kit, by how it is mounted. */
public sealed interface Drive permits BracketDrive, HubDrive {

    /** The step family that mounts it, kebab-case. */
    String family();

    /** The mount through the bottom bracket shell, when it has one. */
    default Optional<BracketDrive> bracket() {
        return Optional.empty();
    }

    /** The hub in the front fork, when it has one. */
    default Optional<HubDrive> frontHub() {
        return Optional.empty();
    }

    /** What comes off the bike for it and is handed back. */
    List<String> takesOff();

    /** What it adds to the side elevation, with this battery. */
    KitOutline outline(Battery battery);
}
