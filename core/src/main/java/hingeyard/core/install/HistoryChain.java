package hingeyard.core.install;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/** Links what happened on a job into a chain: each entry's hash covers the entry and the hash before it, so that nothing is changed, left out or put in between unseen. SHA-256. */
public final class HistoryChain {

    private static final String FIRST = "0".repeat(64);

    /**
     * Something that happened.
     *
     * @param at to the millisecond
     */
    public record Entry(long job, String step, String what, String detail, String by, Instant at) {

        /** Lengths before texts: no two entries read alike. */
        private String text() {
            StringBuilder said = new StringBuilder().append(job).append('|').append(at.toEpochMilli());
            for (String part : List.of(step, what, detail, by)) {
                said.append('|').append(part.length()).append(':').append(part);
            }
            return said.toString();
        }
    }

    /** @param hash as it was stored */
    public record Linked(Entry entry, String hash) {
    }

    private HistoryChain() {
    }

    /** @param before the hash of the entry before; empty for the first */
    public static String hash(Optional<String> before, Entry entry) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(before.orElse(FIRST).getBytes(StandardCharsets.US_ASCII));
            return HexFormat.of().formatHex(digest.digest(entry.text().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** The first entry that does not follow from those before it, counted from 0; empty when the chain is whole. */
    public static Optional<Integer> broken(List<Linked> chain) {
        Optional<String> before = Optional.empty();
        for (int i = 0; i < chain.size(); i++) {
            if (!chain.get(i).hash().equals(hash(before, chain.get(i).entry()))) {
                return Optional.of(i);
            }
            before = Optional.of(chain.get(i).hash());
        }
        return Optional.empty();
    }
}
