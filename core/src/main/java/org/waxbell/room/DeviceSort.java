package org.waxbell.room;

/** What a device of the room is. */
public enum DeviceSort {
    /** It has a colour and a brightness. */
    LAMP,
    /** It is on or off. */
    PLUG
}
