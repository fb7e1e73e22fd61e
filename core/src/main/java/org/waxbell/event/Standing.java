package org.waxbell.event;

/** What a viewer is to the channel, from the nearest to the farthest. */
public enum Standing {
    /** The broadcaster. */
    HOST("the host"),
    /** Keeps order in chat. */
    MODERATOR("moderators"),
    /** Marked by the host. */
    VIP("VIPs"),
    /** Pays a membership; the months are in {@link Viewer#months()}. */
    MEMBER("members"),
    /** Follows the channel. */
    FOLLOWER("followers"),
    /** Everyone; every viewer has it. */
    ANYONE("anyone");

    private final String plural;

    Standing(String plural) {
        this.plural = plural;
    }

    /** How a sentence names those who have it: {@code moderators}. */
    public String plural() {
        return plural;
    }

    /** The same where members count from so many months on: {@code members of 3 months}. @param months 0 for any */
    public String plural(int months) {
        return this == MEMBER && months > 0 ? plural + " of " + months + (months == 1 ? " month" : " months") : plural;
    }
}
