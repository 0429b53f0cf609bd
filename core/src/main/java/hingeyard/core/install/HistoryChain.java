package hingeyard.core.install;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/**
 * Links what happened on a job into a chain: each entry's hash covers the entry and the hash before it, so that nothing is changed, left
 * out or put in between unseen. SHA-256.
 */
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

    /**
     * How far a chain goes, written down beside it.
     *
     * @param entries how many it has, 0 or more
     * @param hash    of its last entry; noughts while it has none
     */
    public record End(int entries, String hash) {

        /** The end of a chain without entries. */
        public static final End NOTHING = new End(0, FIRST);
    }

    /** The hash of the next entry of a chain that goes this far. */
    public static String hash(End end, Entry entry) {
        return hash(end.entries == 0 ? Optional.empty() : Optional.of(end.hash), entry);
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

    /**
     * The first entry that does not follow from those before it, counted from 0; the chain's length when it is whole but does not go as far
     * as it once did, so that
     * entries are missing at its end; empty when nothing is wrong.
     */
    public static Optional<Integer> broken(List<Linked> chain, End end) {
        String last = chain.isEmpty() ? FIRST : chain.get(chain.size() - 1).hash();
        return broken(chain).or(() -> chain.size() == end.entries && last.equals(end.hash) ? Optional.empty() : Optional.of(chain.size()));
    }

    /** The same of what is there, whatever came after it. */
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
