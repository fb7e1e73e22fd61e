package org.waxbell.app.security;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Right;

/** Somebody who may ask, with the rights that they have. */
public final class SignedIn extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1;

    private final transient Actor actor;

    /** Somebody with the rights of that actor. */
    public SignedIn(Actor actor) {
        super(Arrays.stream(Right.values())
                .filter(actor::may)
                .map(right -> new SimpleGrantedAuthority(right.name()))
                .toList());
        this.actor = actor;
        setAuthenticated(true);
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
        return other instanceof SignedIn signed && signed.actor.equals(actor);
    }

    @Override
    public int hashCode() {
        return actor.hashCode();
    }
}
