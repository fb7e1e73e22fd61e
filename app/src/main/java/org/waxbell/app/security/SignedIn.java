package org.waxbell.app.security;

import java.util.Arrays;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.actor.Right;

/** Somebody who may ask, with the rights that they have. */
public final class SignedIn extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1;

    private final transient Actor actor;
    /** Whose account it is, empty text where it is nobody's. */
    private final String helper;

    /** Somebody with the rights of that actor. */
    public SignedIn(Actor actor) {
        this(actor, "", actor::may);
    }

    private SignedIn(Actor actor, String helper, Predicate<Right> may) {
        super(Arrays.stream(Right.values())
                .filter(may)
                .map(right -> new SimpleGrantedAuthority(right.name()))
                .toList());
        this.actor = actor;
        this.helper = helper;
        setAuthenticated(true);
    }

    /** Somebody who helps the host, with the rights that they were given. */
    static SignedIn helper(Helper who) {
        return new SignedIn(new Actor(Origin.STAFF, who.name()), who.id(), who::may);
    }

    /** Whether it is somebody who helps the host. */
    public boolean isHelper() {
        return !helper.isEmpty();
    }

    String helperId() {
        return helper;
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Actor getPrincipal() {
        return actor;
    }

    /** Who asks just now. Only where a request was let in that needs a right. */
    public static Actor now() {
        return SecurityContextHolder.getContext().getAuthentication() instanceof SignedIn signed
                ? signed.actor
                : Actor.WEB;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof SignedIn signed
                && signed.actor.equals(actor)
                && signed.getAuthorities().equals(getAuthorities());
    }

    @Override
    public int hashCode() {
        return actor.hashCode();
    }
}
