package org.waxbell.app.mixer;

import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import org.waxbell.app.rpc.MixerCalls.Change;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture.Place;

/** What a mixer is asked to let a target stand as is wanted. */
final class Wishes {
    private static final Place NOWHERE = new Place(0, 0, 0, 0);

    private Wishes() {
    }

    static Function<MixerCalls, CompletableFuture<?>> of(String once, Target target, String value) {
        String name = target.name();
        int slash = name.indexOf('/');
        String first = slash < 0 ? "" : name.substring(0, slash);
        String last = name.substring(slash + 1);
        return switch (target.kind()) {
            case SCENE -> calls -> calls.cut(new Change(once, value, "", "", 0, true, "", NOWHERE));
            case SOURCE -> calls -> calls.show(Change.onOff(once, first, last, value.equals("shown")));
            case PLACE -> calls -> calls.place(new Change(once, first, last, "", 0, true, "", Place.of(value)));
            case TEXT -> calls -> calls.text(new Change(once, "", name, value, 0, true, "", NOWHERE));
            case LEVEL -> calls -> calls.level(new Change(once, "", name, "", Integer.parseInt(value), true, "", NOWHERE));
            case MUTE -> calls -> calls.mute(Change.onOff(once, "", name, value.equals("muted")));
            case FILTER -> calls -> calls.filter(new Change(once, "", first, "", 0, value.equals("on"), last, NOWHERE));
            case STREAM -> calls -> calls.stream(Change.onOff(once, "", "", value.equals("on")));
            case RECORDING -> calls -> calls.recording(Change.onOff(once, "", "", value.equals("on")));
            case LAMP, RACK -> throw new IllegalArgumentException("the mixer has no " + target.kind());
        };
    }
}
