package org.waxbell.draft;

import java.util.List;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.voice.Doing;
import org.waxbell.voice.Reading;

/** How text is read aloud, as a sentence; each chip names the field that it changes. */
public final class ReadingSentence {
    private final Pieces all = new Pieces();
    private final Reading reading;

    private ReadingSentence(Reading reading) {
        this.reading = reading;
    }

    /** The pieces. @param voice what the usual voice is called */
    public static List<Piece> of(Reading reading, String voice) {
        return new ReadingSentence(reading).pieces(voice);
    }

    private List<Piece> pieces(String voice) {
        words("Words are read in").chip("voice", "the voice " + voice);
        words("at").chip("speed", reading.speed() + " %").words("of its speed and");
        chip("pitch", reading.pitch() + " %").words("of its pitch. Of what viewers write, senseless letters are");
        chip("senseless", done(reading.senseless(), reading.standIn())).words(", links are");
        chip("links", done(reading.links(), reading.linkWords())).words(", the same again and again is");
        chip("repeats", done(reading.repeats(), reading.standIn())).words(", text of only signs is");
        chip("signs", done(reading.signs(), reading.standIn())).words(", unwelcome words (");
        int count = reading.unwelcomeWords().size();
        chip("unwelcomeWords", count == 0 ? "none yet" : count == 1 ? "one" : Integer.toString(count))
                .words(") are");
        chip("unwelcome", done(reading.unwelcome(), reading.standIn())).words(", and text of more than");
        chip("longest", reading.longest() + " characters").words("is");
        chip("tooLong", reading.tooLong() == Doing.LEAVE ? "cut" : done(reading.tooLong(), reading.standIn()));
        int names = reading.spelled().size();
        words(".").chip("spelled", names == 0 ? "No name" : names == 1 ? "One name" : names + " names");
        words(names < 2 ? "is said otherwise than it is written." : "are said otherwise than they are written.");
        return all.all();
    }

    private static String done(Doing doing, String instead) {
        return doing == Doing.INSTEAD ? "said as “" + instead + "”" : doing.inWords();
    }

    private Pieces words(String text) {
        return all.words(text);
    }

    private Pieces chip(String field, String text) {
        return all.chip(field, text);
    }
}
