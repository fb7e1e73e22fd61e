package org.waxbell.app.room;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.hub.RoomHub.By;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.OwedTargets;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Completion;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.port.TargetOut;
import org.waxbell.rehearsal.Step;
import org.waxbell.room.DeviceSort;
import org.waxbell.room.DeviceStands;

/**
 * What the engine and the pages ask of the room, whichever it is, and what they are told of it. What was to be put back while the link
 * was down is put back when it is up again, unless a person has changed it meanwhile; what was to begin then fails at once.
 */
@Component
public class RoomDesk implements TargetOut, RoomLink.Watcher {
    private final Inbox loop;
    private final OwedTargets owed;
    private volatile @Nullable RoomLink link;

    RoomDesk(Inbox loop, SettingMapper settings, Documents json) {
        this.loop = loop;
        this.owed = new OwedTargets(settings, json, "room.owed");
    }

    void become(RoomLink next) {
        link = next;
    }

    /** What there is and how it stands; nothing while its link is not up. */
    public List<DeviceStands> standing() {
        RoomLink now = link;
        return now == null || !now.works() ? List.of() : now.standing();
    }

    @Override
    public boolean knows(Target.Kind kind) {
        return kind.ofRoom();
    }

    @Override
    public void set(SetTarget set) {
        RoomLink now = link;
        Optional<DeviceStands> device =
                now == null ? Optional.empty() : now.device(set.target().name());
        if (now == null || !now.works()) {
            if (set.lasts()) {
                owe(set, device.map(DeviceStands::value).orElse(""));
            } else {
                failed(set, now == null ? "the room is not set up" : now.refusal());
            }
        } else if (device.isEmpty() || !target(device.get()).equals(set.target())) {
            failed(set, "the room has no such thing: " + set.target().inWords());
        } else {
            String before = device.get().value();
            now.ask(device.get(), set.value()).whenComplete((done, wrong) -> {
                if (wrong != null && set.lasts()) {
                    owed.add(set.target(), set.value(), before);
                } else if (wrong != null) {
                    failed(set, Causes.words(wrong));
                }
            });
        }
    }

    /** Keeps what is to be put back. The link may have come up meanwhile and told how all stands: nobody would look again. */
    private void owe(SetTarget set, String last) {
        owed.add(set.target(), set.value(), last);
        RoomLink now = link;
        if (now != null && now.works()) {
            now.device(set.target().name()).ifPresent(found -> stands(now, found, By.FOUND));
        }
    }

    private void failed(SetTarget set, String why) {
        loop.completed(set.partRun(), Completion.failed(why));
    }

    private static Target target(DeviceStands device) {
        return new Target(device.sort() == DeviceSort.LAMP ? Target.Kind.LAMP : Target.Kind.PLUG, device.name());
    }

    @Override
    public void stands(RoomLink from, DeviceStands now, By by) {
        if (from != link || by == By.US) {
            return;
        }
        Target target = target(now);
        Optional<OwedTargets.Owed> due = by == By.FOUND ? owed.take(target) : Optional.empty();
        if (due.isPresent() && due.get().due(now.value())) {
            set(new SetTarget("owed", 0, target, due.get().value(), true));
            return;
        }
        Fact switched = Facts.switched(by == By.PERSON ? Actor.ROOM : Actor.link("room"), target, now.value());
        loop.step(at -> new Step.Happens(at, switched));
    }
}
