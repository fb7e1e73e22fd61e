package org.waxbell.rehearsal;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.waxbell.cue.Cue;
import org.waxbell.event.ChatLine;
import org.waxbell.event.EventFields;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.wiring.Wiring;

/** A crowd that is made up: it chats, tries the words of a wiring, follows, gives and arrives. The same seed does the same. */
public final class Crowd {
    private static final List<String> TALK = List.of(
            "good evening everyone",
            "that flame is lovely tonight",
            "which wax is this",
            "the second dip always tells",
            "hello from the marsh",
            "what a steady hand",
            "is that the sage dye",
            "I could watch this all night",
            "the wick leans a little",
            "so calm");
    /** One line of so many is a chat word of the wiring. */
    private static final int WORD_EVERY = 12;
    /** One channel event comes on so many lines. */
    private static final int EVENT_EVERY = 60;

    private final SplittableRandom chance;
    private final int size;
    private final List<String> words;

    /** @param size how many different viewers @param wiring whose words it tries */
    public Crowd(long seed, int size, Wiring wiring) {
        this.chance = new SplittableRandom(seed);
        this.size = size;
        this.words = wiring.cues().stream()
                .map(Cue::pulls)
                .flatMap(List::stream)
                .flatMap(pull -> pull.chatWords(wiring.house().prefix()).stream())
                .toList();
    }

    /** What one of them does next, on the practice channel. */
    public ShowEvent next() {
        Viewer viewer = viewer();
        return chance.nextInt(EVENT_EVERY) == 0 ? event(viewer) : new ChatLine("practice", viewer, text());
    }

    /** Another broadcaster arrives, with a third as many viewers as there are. */
    public ShowEvent arrival() {
        return Facts.ARRIVAL
                .sample()
                .with(new EventFields(
                        "practice", viewer(), Map.of("arrivalViewers", Math.max(2L, size / 3)), Map.of()));
    }

    private String text() {
        if (words.isEmpty() || chance.nextInt(WORD_EVERY) > 0) {
            return TALK.get(chance.nextInt(TALK.size()));
        }
        String word = words.get(chance.nextInt(words.size()));
        return chance.nextInt(3) == 0 ? word + " sage" : word;
    }

    /** Few write much and many write little, as in every chat. */
    private Viewer viewer() {
        int number = (int) (size * Math.pow(chance.nextDouble(), 3));
        Set<Standing> standings = EnumSet.of(Standing.ANYONE);
        if (number % 3 > 0) {
            standings.add(Standing.FOLLOWER);
        }
        if (number % 7 == 0) {
            standings.add(Standing.MEMBER);
        }
        if (number % 41 == 0) {
            standings.add(number % 82 == 0 ? Standing.MODERATOR : Standing.VIP);
        }
        return new Viewer(
                "practice:reed_" + number, "reed_" + number, standings, number % 7 == 0 ? number % 24 + 1 : 0);
    }

    private Fact event(Viewer viewer) {
        List<FactKind> kinds = Facts.ofChannel();
        FactKind kind = kinds.get(chance.nextInt(kinds.size()));
        Map<String, Long> numbers = kind == Facts.GIFT
                ? Map.of("giftWorth", chance.nextInt(5) == 0 ? 500L : 50L, "giftCount", 1L + chance.nextInt(4))
                : Map.of();
        return kind.sample().with(new EventFields("practice", viewer, numbers, Map.of()));
    }
}
