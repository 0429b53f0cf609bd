package hingeyard.core.install.library;

/**
 * Something that is wrong with the library.
 *
 * @param fragment which fragment
 * @param step     which step, by its place from 0; -1 for the fragment itself
 * @param key      that step's key; empty for the fragment itself
 * @param field    which field
 * @param reason   what is wrong and what is allowed
 */
public record LibraryFault(String fragment, int step, String key, String field, String reason) {

    public String text() {
        return "%s%s, %s: %s".formatted(fragment, key.isEmpty() ? "" : " / " + key, field, reason);
    }
}
