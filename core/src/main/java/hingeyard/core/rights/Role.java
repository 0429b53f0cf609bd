package hingeyard.core.rights;

import java.util.Set;
import java.util.stream.Collectors;

/** What somebody does in the shop; in a small one, several things. */
public enum Role {
    MANAGER("service manager"),
    TECHNICIAN("technician"),
    STOCK_KEEPER("stock keeper");

    private final String label;

    Role(String label) {
        this.label = label;
    }

    /** Several, as they are said: in the order of this table. */
    public static String labels(Set<Role> roles) {
        return roles.stream().sorted().map(Role::label).collect(Collectors.joining(" and "));
    }

    /** Without article, in lower case. */
    public String label() {
        return label;
    }
}
