package org.waxbell.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.waxbell.engine.Books;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;

/** What is kept of everyone, packed and unpacked. */
class PackedBooksTest {
    private static Memory evening() {
        Memory memory = new Memory();
        memory.put(Books.DRAWN, "pour/sound", "pour-2.wav");
        for (long person = -5_000; person < 5_000; person++) {
            memory.put(Books.KNOWN, Book.key(person * 7_919), 1L);
            if (person % 3 == 0) {
                memory.put(Books.BALANCES, Book.key(person * 7_919), person + 6_000);
            }
        }
        return memory;
    }

    @Test
    void whatIsTakenOutIsPutBackAndTheRestStays() {
        Memory memory = evening();
        byte[] packed = PackedBooks.takeOut(memory);
        assertThat(memory.names()).containsExactly("drawn");
        PackedBooks.putBack(packed, memory);
        assertThat(memory).isEqualTo(evening());
    }

    @Test
    void whatIsCutShortIsToldOfAndNotHalfTaken() {
        byte[] packed = PackedBooks.takeOut(evening());
        assertThatThrownBy(() -> PackedBooks.putBack(Arrays.copyOf(packed, packed.length / 2), new Memory()))
                .hasMessageContaining("damaged");
    }
}
