package org.waxbell.wiring;

import java.util.List;

/** People whom the host names together. @param people names, however their capitals are */
public record Circle(String id, String name, List<String> people) {
    public Circle {
        people = List.copyOf(people);
    }
}
