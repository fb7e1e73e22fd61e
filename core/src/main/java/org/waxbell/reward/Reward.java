package org.waxbell.reward;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.desk.OneLine;
import org.waxbell.kind.Field;

/**
 * One reward.
 *
 * @param title    by which viewers ask for it
 * @param price    in points, 0 for nothing
 * @param asks     what the viewer is asked to write, empty text for nothing
 * @param colour   of its mark
 * @param picture  that stands for it, a file of the shelf by name; empty text for the mark alone
 * @param mostShow how often it is redeemed in a show, 0 for any number
 * @param mostEach how often by one, 0 for any number
 * @param restMs   how long it rests behind each time, in milliseconds
 * @param scenes   ids of the scenes in which it may be redeemed, none for any
 * @param waits    whether the host accepts each or gives it back
 */
public record Reward(
        String title,
        int price,
        String asks,
        String colour,
        String picture,
        int mostShow,
        int mostEach,
        long restMs,
        List<String> scenes,
        boolean waits) {
    private static final int DEAREST = 1_000_000;
    private static final int MOST = 10_000;
    private static final long LONGEST_REST = 86_400_000;
    private static final int LONGEST_TITLE = 40;
    private static final int LONGEST_ASKS = 80;
    private static final int LONGEST_PICTURE = 120;

    public Reward {
        scenes = List.copyOf(scenes);
    }

    void check(Problems here) {
        here.at("title").text(title, LONGEST_TITLE, "The title");
        if (!title.equals(OneLine.of(title))) {
            here.at("title").add(title, "The title is one line.", "Write it without breaks and double spaces.");
        }
        here.at("price").within(price, 0, DEAREST, "The price", "");
        if (asks.length() > LONGEST_ASKS) {
            here.at("asks").text(asks, LONGEST_ASKS, "What is asked");
        }
        if (!Field.isColour(colour)) {
            here.at("colour").add(colour, "This is no colour.", "Write one such as #c8841a.");
        }
        if (picture.length() > LONGEST_PICTURE) {
            here.at("picture").text(picture, LONGEST_PICTURE, "The picture");
        }
        here.at("mostShow").within(mostShow, 0, MOST, "How often in a show", "");
        here.at("mostEach").within(mostEach, 0, MOST, "How often by one", "");
        here.at("restMs").time(restMs, 0, LONGEST_REST, "The rest");
    }
}
