package org.waxbell.event;

import java.util.Map;

/**
 * What a channel event is made anew with.
 *
 * @param from    the link it comes from
 * @param viewer  who causes it
 * @param numbers numbers in place of the sample's, by their names in words
 * @param texts   texts in place of the sample's, likewise
 */
public record EventFields(String from, Viewer viewer, Map<String, Long> numbers, Map<String, String> texts) {
    long number(String name, long otherwise) {
        return numbers.getOrDefault(name, otherwise);
    }

    String text(String name, String otherwise) {
        return texts.getOrDefault(name, otherwise);
    }
}
