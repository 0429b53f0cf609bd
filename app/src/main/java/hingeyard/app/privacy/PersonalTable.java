package hingeyard.app.privacy;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;

/**
 * Rows of one table that belong to customers' jobs. What stands in the columns is handed out as it is; of them some go whole, and from the
 * others name and contact are struck. Tables and columns are the package's own words, never somebody's input.
 */
public abstract class PersonalTable implements PersonalData {

    /** What becomes of a column. */
    protected enum Column {
        /** A name: it goes. */
        NAME,
        /** It may be empty, and is. */
        EMPTIED,
        /** Words that may hold the name or the contact. */
        WORDS,
        /** It stays. */
        STAYS
    }

    /** In a condition: no row has this one. */
    private static final List<Long> NONE = List.of(-1L);

    private final NamedParameterJdbcTemplate jdbc;
    private final String kind;
    private final String table;
    private final String where;
    private final Map<String, Column> columns;

    /**
     * @param kind  what a row is, in words
     * @param table the package's own
     * @param where which rows are theirs, by {@code :jobs} and {@code :bikes}
     */
    protected PersonalTable(NamedParameterJdbcTemplate jdbc, String kind, String table, String where, Map<String, Column> columns) {
        this.jdbc = jdbc;
        this.kind = kind;
        this.table = table;
        this.where = where;
        this.columns = new LinkedHashMap<>(columns);
    }

    private static Map<String, Object> of(Whose whose) {
        return Map.of("jobs", whose.jobs().isEmpty() ? NONE : whose.jobs(), "bikes", whose.bikes().isEmpty() ? NONE : whose.bikes());
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        List<Map<String, Object>> rows = jdbc
                .queryForList("SELECT %s FROM %s WHERE %s".formatted(String.join(", ", columns.keySet()), table, where), of(whose));
        if (!rows.isEmpty()) {
            pack.rows(kind, rows);
        }
    }

    @Override
    public void erase(Whose whose) {
        columns.forEach((column, then) -> {
            switch (then) {
                case NAME -> jdbc.update("UPDATE %s SET %s = '%s' WHERE %s IS NOT NULL AND %s <> '' AND (%s)".formatted(table, column,
                        Whose.GONE, column, column, where), of(whose));
                case EMPTIED -> jdbc.update("UPDATE %s SET %s = NULL WHERE %s".formatted(table, column, where), of(whose));
                case WORDS -> strike(column, whose);
                default -> {
                }
            }
        });
    }

    private void strike(String column, Whose whose) {
        Map<String, Object> given = new HashMap<>(of(whose));
        jdbc.queryForList("SELECT DISTINCT %s FROM %s WHERE %s IS NOT NULL AND (%s)".formatted(column, table, column, where), given,
                String.class).stream().filter(whose::isIn).forEach(words -> {
                    given.put("words", words);
                    given.put("left", whose.without(words));
                    jdbc.update("UPDATE %s SET %s = :left WHERE %s = :words AND (%s)".formatted(table, column, column, where), given);
                });
    }
}
