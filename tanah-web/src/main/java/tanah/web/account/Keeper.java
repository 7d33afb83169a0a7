package tanah.web.account;

import java.io.Serial;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The keeper who is signed in. Kept in the session, so the password's hash is left behind when it is stored. */
public final class Keeper implements UserDetails {
    @Serial
    private static final long serialVersionUID = 2L;

    private final long id;
    private final String name;
    private final transient @Nullable String passwordHash;

    private final boolean leaving;
    private final boolean half;

    /**
     * @param leaving whether the account is given up, with days left to return
     * @param half    whether a second factor is still to come
     */
    @AutomapConstructor
    public Keeper(long id, String name, @Nullable String passwordHash, boolean leaving, boolean half) {
        this.id = id;
        this.name = name;
        this.passwordHash = passwordHash;
        this.leaving = leaving;
        this.half = half;
    }

    /** One who stays and is in. */
    public Keeper(long id, String name, @Nullable String passwordHash) {
        this(id, name, passwordHash, false, false);
    }

    /** The same with the second factor given. */
    Keeper whole() {
        return new Keeper(id, name, passwordHash, leaving, false);
    }

    public boolean isHalf() {
        return half;
    }

    public boolean isLeaving() {
        return leaving;
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority(half ? "ROLE_HALF" : "ROLE_KEEPER"));
    }

    @Override
    public @Nullable String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return name;
    }

    /** By account, so that a keeper from the session equals one from the database. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Keeper keeper && keeper.id == id;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(id);
    }
}
