package org.waxbell.event;

import java.util.Map;

/**
 * One field of a kind of fact.
 *
 * @param key    how documents and scripts name it, such as {@code worth}
 * @param name   how words name it, such as {@code giftWorth}; empty text where words have no use for it
 * @param type   what it holds
 * @param amount how words name an amount of money as text, such as {@code tipAmount}; empty text for every other type
 * @param sample what stands there in a made-up fact
 */
public record Field(String key, String name, Type type, String amount, Object sample) {
    /** What a field holds. */
    public enum Type {
        /** Text, cleaned. */
        TEXT(String.class),
        /** A whole number. */
        NUMBER(Long.class),
        /** Hundredths of the channel's currency. */
        MONEY(Long.class),
        /** Texts by their keys. */
        TEXTS(Map.class),
        /** A {@link Target}. */
        TARGET(Target.class);

        private final Class<?> holds;

        Type(Class<?> holds) {
            this.holds = holds;
        }

        /** The class of its values. */
        public Class<?> holds() {
            return holds;
        }
    }

    static Field text(String key, String name, String sample) {
        return new Field(key, name, Type.TEXT, "", sample);
    }

    static Field number(String key, String name, long sample) {
        return new Field(key, name, Type.NUMBER, "", sample);
    }

    static Field money(String key, String name, String amount, long sample) {
        return new Field(key, name, Type.MONEY, amount, sample);
    }

    static Field texts(String key) {
        return new Field(key, "", Type.TEXTS, "", Map.of());
    }

    static Field target(Target sample) {
        return new Field("target", "", Type.TARGET, "", sample);
    }
}
