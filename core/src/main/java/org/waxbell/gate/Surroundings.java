package org.waxbell.gate;

import java.util.Map;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.event.Viewer;

/** What gates may know of the evening beside the event itself. */
public interface Surroundings {
    /** Whether a show is open. */
    boolean showOpen();

    /** Whether the evening is on air. */
    boolean onAir();

    /** The scene on programme, empty text where it is not known. */
    String scene();

    /** Whether a rack is on now; {@code wired} is how the wiring has it. */
    boolean rackOn(String rack, boolean wired);

    /** Whether the host put this viewer into a circle. */
    boolean inCircle(String circle, Viewer viewer);

    /** How the host calls a circle; its id where there is none of that id any more. */
    String circleName(String circle);

    /** Whether someone of that name was ever seen; the name without an at sign. */
    boolean knows(String name);

    /** What a person can spend now, in points. */
    long canSpend(String person);

    /** Whether what is decided can be kept at the moment. */
    boolean kept();

    /** How many points are, in the host's own word: {@code 40 drips}. */
    String points(long count);

    /** The chat for what came from none, by the id of its link; empty text for none. */
    String home();

    /** Every tune there is. */
    Catalogue catalogue();

    /** The values of the slate, as the viewer of that identity sees them: texts and {@link Long} numbers by their names. */
    Map<String, Object> slate(String person);

    /** The values of desks, as the viewer of that identity sees them: texts and {@link Long} numbers by their names in words. */
    Map<String, Object> desks(String person);
}
