package hingeyard.core.install.library;

import hingeyard.core.install.Work;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * For which jobs something of the library is wanted: each fact of {@code when} has one of its values, and no fact of {@code unless} has.
 */
record Condition(Map<Fact, Set<String>> when, Map<Fact, Set<String>> unless) {

    static Condition of(Map<String, List<String>> when, Map<String, List<String>> unless) {
        return new Condition(read(when), read(unless));
    }

    private static Map<Fact, Set<String>> read(Map<String, List<String>> written) {
        Map<Fact, Set<String>> facts = new EnumMap<>(Fact.class);
        written.forEach((key, values) -> facts.put(Fact.find(key).orElseThrow(() -> new IllegalArgumentException("no fact '" + key + "'")),
                Set.copyOf(values)));
        return facts;
    }

    boolean holds(Facts facts) {
        for (Map.Entry<Fact, Set<String>> e : when.entrySet()) {
            if (!meet(facts.of(e.getKey()), e.getValue())) {
                return false;
            }
        }
        for (Map.Entry<Fact, Set<String>> e : unless.entrySet()) {
            if (meet(facts.of(e.getKey()), e.getValue())) {
                return false;
            }
        }
        return true;
    }

    /** Written out: a shortlist asks a million times. */
    private static boolean meet(Set<String> is, Set<String> asked) {
        for (String one : is) {
            if (asked.contains(one)) {
                return true;
            }
        }
        return false;
    }

    /** Facts of one job, each found out when first asked for. */
    static final class Facts {
        private final Work work;
        private final Map<Fact, Set<String>> known = new EnumMap<>(Fact.class);

        Facts(Work work) {
            this.work = work;
        }

        Set<String> of(Fact fact) {
            Set<String> is = known.get(fact);
            if (is == null) {
                is = fact.of(work);
                known.put(fact, is);
            }
            return is;
        }

        Work work() {
            return work;
        }
    }
}
