package hingeyard.core.install;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Links what happened on a job into a chain: each entry's hash covers the entry and the hash before it, so that nothing is changed, left
 * out or put in between unseen. HMAC-SHA-256 (RFC 2104) under a key that is kept outside the database, so that whoever may write
 * everything in the database still cannot write a history that holds. What was written before there was a key is sealed: one hash over all
 * of it, marked with the key. Not seen: a job's history that is gone as a whole, and an old copy of the whole database in its place.
 */
public final class HistoryChain {

    /** The fewest characters of a key; 32 letters and digits drawn at random are about 190 bits. */
    public static final int LEAST_KEY = 32;

    private static final String NOTHING_BEFORE = "0".repeat(64);
    private static final String ALGORITHM = "HmacSHA256";

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

    /** @param hash as it was stored; empty for what was written before there was a chain */
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
        public static final End NOTHING = new End(0, NOTHING_BEFORE);
    }

    /** @param mark what the key makes of the end; empty when it was written without one */
    public record Marked(End end, String mark) {
    }

    /** What a mark is for: a mark of one kind is none of another. */
    public enum Mark {
        /** How far a history goes. */
        END,
        /** What was written before there was a key. */
        SEAL,
        /** The key itself, so that another one is noticed at once. */
        KEY
    }

    /**
     * What is wrong with a history.
     *
     * @param at   the first entry it shows at, counted from 0; the number of entries when it shows at the end
     * @param said in words
     */
    public record Fault(int at, String said) {
    }

    private final SecretKeySpec key;

    /** @throws IllegalArgumentException when the key is shorter than {@link #LEAST_KEY} */
    public HistoryChain(String key) {
        if (key.length() < LEAST_KEY) {
            throw new IllegalArgumentException(
                    "the history's key has %d characters; at least %d are wanted".formatted(key.length(), LEAST_KEY));
        }
        this.key = new SecretKeySpec(key.getBytes(StandardCharsets.UTF_8), ALGORITHM);
    }

    /** The hash of the next entry of a chain that goes this far. */
    public String hash(End before, Entry entry) {
        return keyed("ENTRY|" + before.hash + '|' + entry.text());
    }

    /** What the key makes of how far a job's history goes. */
    public String mark(Mark what, long job, End end) {
        return keyed("%s|%d|%d|%s".formatted(what, job, end.entries, end.hash));
    }

    /** One hash over all these entries, in their order, for the seal of what was written before there was a key. SHA-256. */
    public static End sealed(List<Entry> entries) {
        MessageDigest digest;
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
        entries.forEach(e -> {
            String text = e.text();
            digest.update((text.length() + ":" + text).getBytes(StandardCharsets.UTF_8));
        });
        return entries.isEmpty() ? End.NOTHING : new End(entries.size(), HexFormat.of().formatHex(digest.digest()));
    }

    /**
     * What is wrong with a job's history; empty when nothing is.
     *
     * @param chain all its entries, in their order
     * @param end   how far it goes, as written down beside it; empty when nothing is written down
     * @param seal  what of it was written before there was a key; empty when nothing was
     */
    public Optional<Fault> fault(long job, List<Linked> chain, Optional<Marked> end, Optional<Marked> seal) {
        End start = seal.map(Marked::end).orElse(End.NOTHING);
        if (seal.isPresent() && !same(seal.get().mark, mark(Mark.SEAL, job, start))) {
            return Optional.of(new Fault(0, "what was written before there was a key is sealed with another"));
        }
        End until = end.map(Marked::end).orElse(End.NOTHING);
        if (chain.size() < start.entries) {
            return Optional.of(shorter(chain.size(), Math.max(start.entries, until.entries)));
        }
        if (!sealed(chain.subList(0, start.entries).stream().map(Linked::entry).toList()).equals(start)) {
            return Optional.of(new Fault(0,
                    "one of its first %d entries, from before there was a key, is not as it was sealed".formatted(start.entries)));
        }
        End before = start;
        for (int i = start.entries; i < chain.size(); i++) {
            if (!same(chain.get(i).hash, hash(before, chain.get(i).entry()))) {
                Entry entry = chain.get(i).entry();
                return Optional.of(new Fault(i, "entry %d of %d, '%s' of step '%s' by %s, does not follow from those before it".formatted(
                        i + 1, chain.size(), entry.what(), entry.step(), entry.by())));
            }
            before = new End(i + 1, chain.get(i).hash);
        }
        if (end.isPresent() && !same(end.get().mark, mark(Mark.END, job, until))) {
            return Optional.of(new Fault(chain.size(), "how far it goes was written down with another key"));
        }
        if (chain.size() < until.entries) {
            return Optional.of(shorter(chain.size(), until.entries));
        }
        return before.equals(until) ? Optional.empty()
                : Optional.of(new Fault(chain.size(),
                        "it goes to entry %d, and only %d are written down beside it".formatted(chain.size(), until.entries)));
    }

    private static Fault shorter(int entries, int once) {
        return new Fault(entries, "it goes to entry %d and once went to %d: its end is missing".formatted(entries, once));
    }

    private String keyed(String text) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(key);
            return HexFormat.of().formatHex(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has " + ALGORITHM, e);
        }
    }

    private static boolean same(String stored, String computed) {
        return MessageDigest.isEqual(stored.getBytes(StandardCharsets.UTF_8), computed.getBytes(StandardCharsets.UTF_8));
    }
}
