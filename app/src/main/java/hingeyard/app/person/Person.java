package hingeyard.app.person;

import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

@Entity
class Person {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String username;
    String displayName;
    @Convert(converter = RolesColumn.class)
    Set<Role> roles;
    @Enumerated(EnumType.STRING)
    @org.hibernate.annotations.JdbcTypeCode(java.sql.Types.VARCHAR)
    Standing standing;
    String passwordHash;

    protected Person() {
    }

    Person(String username, String displayName, Set<Role> roles, String passwordHash) {
        this.username = username;
        this.displayName = displayName;
        this.roles = Set.copyOf(roles);
        this.standing = Standing.ACTIVE;
        this.passwordHash = passwordHash;
    }

    /** Names with commas between them, in the order of the table. */
    @Converter
    static final class RolesColumn implements AttributeConverter<Set<Role>, String> {

        @Override
        public String convertToDatabaseColumn(Set<Role> roles) {
            return roles.stream().sorted().map(Role::name).collect(Collectors.joining(","));
        }

        @Override
        public Set<Role> convertToEntityAttribute(String column) {
            return Staff.roles(column);
        }
    }
}
