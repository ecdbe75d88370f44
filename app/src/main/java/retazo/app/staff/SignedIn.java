package retazo.app.staff;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The person who is signed in: who they are and what they may do. Two with the same sign-in name are the same. */
public final class SignedIn implements UserDetails, CredentialsContainer {

    private static final long serialVersionUID = 1L;

    private final long personId;
    private final String signInName;
    private final String name;
    private @Nullable String passwordHash;
    private final boolean active;
    private final Set<Right> rights;

    SignedIn(PersonEntity person) {
        this.personId = person.id();
        this.signInName = person.signInName();
        this.name = person.name();
        this.passwordHash = person.passwordHash();
        this.active = person.isActive();
        this.rights = person.jobs().stream().flatMap(job -> job.rights().stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Right.class)));
    }

    public long personId() {
        return personId;
    }

    /** What colleagues call them. */
    public String name() {
        return name;
    }

    public boolean may(Right right) {
        return rights.contains(right);
    }

    /** For templates. */
    public boolean may(String right) {
        return may(Right.valueOf(right));
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return rights.stream().map(right -> new SimpleGrantedAuthority(right.name())).toList();
    }

    @Override
    public @Nullable String getPassword() {
        return passwordHash;
    }

    /** What is kept of somebody who is signed in has no password in it. */
    @Override
    public void eraseCredentials() {
        passwordHash = null;
    }

    @Override
    public String getUsername() {
        return signInName;
    }

    @Override
    public boolean isEnabled() {
        return active;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SignedIn signedIn && signedIn.signInName.equals(signInName);
    }

    @Override
    public int hashCode() {
        return signInName.hashCode();
    }

    @Override
    public String toString() {
        return "person " + personId + " " + List.copyOf(rights);
    }
}
