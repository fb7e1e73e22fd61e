package org.waxbell.app.rest;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.practice.PracticeRoom;
import org.waxbell.app.room.RoomDesk;
import org.waxbell.kind.Field;
import org.waxbell.kind.Fresh;
import org.waxbell.link.Device;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;

/** The lamps and plugs of the room, and what a person does in the practice room. */
@RestController
class RoomController {
    private static final int FULL = 100;
    private final RoomDesk room;
    private final PracticeRoom practice;

    RoomController(RoomDesk room, PracticeRoom practice) {
        this.room = room;
        this.practice = practice;
    }

    /** What the linked room has; nothing while its link is not up. */
    @GetMapping("/api/room")
    List<DeviceStands> room() {
        return room.standing();
    }

    /** A lamp or plug with which a new one of a broker begins. */
    @GetMapping("/api/room/device")
    Device device() {
        return Device.KIND.fresh().apply(Fresh.NOTHING);
    }

    @GetMapping("/api/practice/room")
    List<DeviceStands> practice() {
        return practice.standing();
    }

    /** Somebody switches a lamp or a plug of the practice room. */
    @PostMapping("/api/practice/room/{name}")
    List<DeviceStands> hand(@PathVariable String name, @RequestBody Light light) {
        if (!Field.isColour(light.colour())) {
            throw new Refused("colour", light.colour(), "This is no colour.", "Write one such as #c8841a.");
        }
        if (light.brightness() < 1 || light.brightness() > FULL) {
            throw new Refused(
                    "brightness",
                    Integer.toString(light.brightness()),
                    "A lamp has a brightness from 1 to 100 percent.",
                    "Write such a number, or switch it off.");
        }
        return practice.byHand(name, light);
    }
}
