package org.waxbell.bridge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;

/** How the mixer stands, as far as the bridge knows, and the one place where it changes. Safe to use from several threads. */
final class Standing {
    private static final int NAMES_KEPT = 1_000;
    private final List<Rule> rules;
    private final Outlet outlet;
    private final BiConsumer<String, MixerPicture> news;
    private final Map<String, Result> done = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Result> eldest) {
            return size() > NAMES_KEPT;
        }
    };
    private MixerPicture picture;

    /** Tells the program what to do; throws {@link IllegalStateException} with a sentence where it cannot be told. */
    interface Outlet {
        void tell(Rule rule, MixerChange change);
    }

    /** What became of a change. @param refusal why it was not done; empty text where it was */
    record Result(String source, String refusal) {}

    /** @param news hears of every change, with the name of who asked for it, or {@code hand} */
    Standing(Plan plan, Outlet outlet, BiConsumer<String, MixerPicture> news) {
        rules = plan.does();
        this.outlet = outlet;
        this.news = news;
        picture = plan.picture();
    }

    synchronized MixerPicture picture() {
        return picture;
    }

    /** Does a change that Wax Bell asks for: each name once, a repeat is answered as the first was. */
    synchronized Result change(String once, MixerChange wanted) {
        Result known = done.get(once);
        if (known != null) {
            return known;
        }
        Result result = tried(once, wanted);
        done.put(once, result);
        return result;
    }

    private Result tried(String once, MixerChange wanted) {
        MixerChange.Result next = wanted.on(picture);
        if (!next.refusal().isEmpty()) {
            return new Result("", next.refusal());
        }
        Optional<Rule> rule = rules.stream().filter(each -> each.fits(wanted)).findFirst();
        if (rule.isEmpty()) {
            return new Result(
                    "", "the bridge has no rule for " + wanted.what() + "; add one under \"does\" of its file");
        }
        try {
            outlet.tell(rule.get(), wanted);
        } catch (IllegalStateException failed) {
            return new Result("", String.valueOf(failed.getMessage()));
        }
        picture = next.picture();
        news.accept(once, picture);
        return new Result(next.source(), "");
    }

    /** Takes in what a person did at the program; what it says of itself after it was told is no news. */
    synchronized void happened(MixerChange change) {
        MixerChange.Result next = change.on(picture);
        if (next.refusal().isEmpty() && !same(next.picture())) {
            picture = next.picture();
            news.accept("hand", picture);
        }
    }

    private boolean same(MixerPicture other) {
        return new MixerPicture(
                        picture.number(),
                        other.current(),
                        other.scenes(),
                        other.sources(),
                        other.streaming(),
                        other.recording(),
                        other.width(),
                        other.height())
                .equals(picture);
    }
}
