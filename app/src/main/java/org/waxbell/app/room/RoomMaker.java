package org.waxbell.app.room;

import org.springframework.stereotype.Component;
import org.waxbell.app.hub.RoomHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.kind.Kind;
import org.waxbell.link.RoomSettings;

/** Makes the link to the room; by itself to the practice room. */
@Component
final class RoomMaker implements LinkMaker<RoomSettings> {
    private final RoomHub practice;
    private final RoomDesk desk;
    private final SettingMapper settings;
    private final Documents json;

    RoomMaker(RoomHub practice, RoomDesk desk, SettingMapper settings, Documents json) {
        this.practice = practice;
        this.desk = desk;
        this.settings = settings;
        this.json = json;
    }

    @Override
    public Kind<RoomSettings> kind() {
        return RoomSettings.KIND;
    }

    @Override
    public boolean several() {
        return false;
    }

    @Override
    public Link make(String id, RoomSettings wanted, Link.Secrets secrets, LinkLife life) {
        RoomLink link = wanted.practice()
                ? new RoomLink("the practice room", practice, life, desk)
                : new RoomLink(
                        wanted.address(),
                        new MqttRoom(wanted, secrets.get(RoomSettings.PASSWORD), settings, json),
                        life,
                        desk);
        desk.become(link);
        return link;
    }
}
