package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.waxbell.cue.Cue;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.EventFields;
import org.waxbell.event.EventSamples;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.wiring.Wiring;

/**
 * Makes an evening up: a crowd that chats, tries the words of the wiring, follows, gives and arrives. The same seed gives the same
 * evening.
 *
 * @param crowd    how many different viewers
 * @param lines    how many lines of chat
 * @param lengthMs how long the evening is, in milliseconds
 */
public record MadeUpEvening(long seed, int crowd, int lines, long lengthMs) {
    private static final List<String> TALK = List.of("good evening everyone", "that flame is lovely tonight", "which wax is this", "the second dip always tells",
            "hello from the marsh", "what a steady hand", "is that the sage dye", "I could watch this all night", "the wick leans a little", "so calm");
    /** One line of so many is a chat word of the wiring. */
    private static final int WORD_EVERY = 12;
    /** One channel event comes on so many lines. */
    private static final int EVENT_EVERY = 60;

    /** The script, for the words that {@code wiring} has. */
    public List<Step> script(Wiring wiring) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<String> words = wiring.cues().stream().map(Cue::pulls).flatMap(List::stream)
                .flatMap(pull -> pull.chatWords(wiring.house().prefix()).stream()).toList();
        List<Step> steps = new ArrayList<>(lines + lines / EVENT_EVERY + 4);
        steps.add(new Step.Happens(0, new HouseEvent.ShowMoved(true)));
        steps.add(new Step.Happens(0, new HouseEvent.AirChanged(true)));
        for (int i = 0; i < lines; i++) {
            long at = 1_000 + (lengthMs - 1_000) * i / Math.max(1, lines) + chance.nextInt(50);
            at = Math.max(at, steps.get(steps.size() - 1).at());
            Viewer viewer = viewer(chance);
            steps.add(new Step.Happens(at, chance.nextInt(EVENT_EVERY) == 0 ? event(chance, viewer) : new ChatLine("practice", viewer, text(chance, words))));
        }
        steps.add(new Step.Happens(Math.max(lengthMs, steps.get(steps.size() - 1).at()), new HouseEvent.ShowMoved(false)));
        return List.copyOf(steps);
    }

    private static String text(SplittableRandom chance, List<String> words) {
        if (words.isEmpty() || chance.nextInt(WORD_EVERY) > 0) {
            return TALK.get(chance.nextInt(TALK.size()));
        }
        String word = words.get(chance.nextInt(words.size()));
        return chance.nextInt(3) == 0 ? word + " sage" : word;
    }

    /** Few write much and many write little, as in every chat. */
    private Viewer viewer(SplittableRandom chance) {
        int number = (int) (crowd * Math.pow(chance.nextDouble(), 3));
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
        return new Viewer("practice:reed_" + number, "reed_" + number, standings, number % 7 == 0 ? number % 24 + 1 : 0);
    }

    private static ChannelEvent event(SplittableRandom chance, Viewer viewer) {
        List<ChannelEvent> samples = EventSamples.all();
        ChannelEvent sample = samples.get(chance.nextInt(samples.size()));
        Map<String, Long> numbers = sample.numbers().containsKey("giftWorth") ? Map.of("giftWorth", chance.nextInt(5) == 0 ? 500L : 50L, "giftCount", 1L + chance.nextInt(4))
                : Map.of();
        return sample.with(new EventFields("practice", viewer, numbers, Map.of()));
    }
}
