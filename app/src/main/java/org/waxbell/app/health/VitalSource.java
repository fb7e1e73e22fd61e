package org.waxbell.app.health;

import java.util.List;

/** A part of the program that tells how it does; each is one class, found by itself and told in the order of their {@code @Order}. */
interface VitalSource {
    List<Vital> vitals();
}
