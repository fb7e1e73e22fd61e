package org.waxbell.booking;

/**
 * Where something stands for a while: a spot, an outlet or a fixture.
 *
 * @param stage the stage's id
 * @param spot  the id there, which no spot, outlet or fixture of the stage shares
 */
public record Place(String stage, String spot) implements Comparable<Place> {
    /** Read from {@code stage/spot}. @throws IllegalArgumentException where it is not so written */
    public static Place of(String text) {
        int slash = text.indexOf('/');
        if (slash < 1) {
            throw new IllegalArgumentException("No place: " + text);
        }
        return new Place(text.substring(0, slash), text.substring(slash + 1));
    }

    /** As documents, reports and logs write it: {@code stage/spot}. */
    @Override
    public String toString() {
        return stage + "/" + spot;
    }

    @Override
    public int compareTo(Place other) {
        int byStage = stage.compareTo(other.stage);
        return byStage != 0 ? byStage : spot.compareTo(other.spot);
    }
}
