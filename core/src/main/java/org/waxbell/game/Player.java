package org.waxbell.game;

/**
 * What somebody played in this show.
 *
 * @param person identity
 * @param staked in all, in points
 * @param won    in all, in points, stakes that came back included
 */
public record Player(String person, String name, long staked, long won) {
    Player with(long moreStaked, long moreWon) {
        return new Player(person, name, staked + moreStaked, won + moreWon);
    }
}
