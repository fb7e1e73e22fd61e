package org.waxbell.room;

/** A lamp or plug of a room and how it stands. @param name by which cues name it */
public record DeviceStands(String name, DeviceSort sort, Light light) {
    /** The same, standing so. */
    public DeviceStands standing(Light now) {
        return new DeviceStands(name, sort, now);
    }

    /** As the value of its target says it. */
    public String value() {
        return sort == DeviceSort.LAMP ? light.inWords() : light.on() ? "on" : "off";
    }
}
