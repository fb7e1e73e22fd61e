package org.waxbell.app.hub;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.link.Trouble;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;

/** Port: a room of lamps and plugs, whether it is the practice room or one that a broker reaches. Safe for several threads. */
public interface RoomHub {
    /** Hears what becomes of a room. */
    interface Ear {
        /** It can be used from now on; how each device is found is told next. */
        void up();

        /** It cannot be used, or no longer. */
        void broken(Trouble why);

        /** A device stands so. */
        void stands(DeviceStands now, By by);
    }

    /** Who is behind it that a device stands so. */
    enum By {
        /** We asked for it. */
        US,
        /** Somebody in the room, or another program. */
        PERSON,
        /** Nobody now: it is found so. */
        FOUND
    }

    /** Connects, once, and tells what becomes of it to {@code ear}, which is the only one from now on. */
    void connect(Ear ear);

    /** Lets go; nothing is told any more. Nothing happens where it is not connected. */
    void disconnect();

    /** What there is, as far as it is known, in a fixed order. */
    List<DeviceStands> standing();

    /** Done when it answers, or fails with a sentence. */
    CompletableFuture<Void> ping();

    /** Lets a device stand so; it does not block. Done when it was sent, or fails with a sentence. */
    CompletableFuture<Void> set(String device, Light light);
}
