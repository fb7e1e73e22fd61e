package org.waxbell.app.store;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.waxbell.show.Desks;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import org.waxbell.state.Numbers;

/**
 * The books that are kept of everyone who was ever seen as bytes: how many books; of each its name (as {@link DataOutputStream#writeUTF} has it), how
 * many entries, and key and value of each as two 64-bit numbers, the highest byte first; all of it as gzip. A million people are some 20 MB.
 */
public final class PackedBooks {
    private PackedBooks() {}

    /** Takes them out of a memory. */
    public static byte[] takeOut(Memory memory) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(packed, 1 << 16))) {
            List<Book<Long>> books = ofEveryone();
            out.writeInt(books.size());
            for (Book<Long> book : books) {
                Numbers numbers = memory.numbers(book);
                memory.take(book.goneBelow(""));
                out.writeUTF(book.name());
                out.writeInt(numbers.size());
                numbers.forEach((key, value) -> write(out, key, value));
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return packed.toByteArray();
    }

    /** Puts them back. */
    public static void putBack(byte[] packed, Memory memory) {
        try (DataInputStream in = new DataInputStream(new GZIPInputStream(new ByteArrayInputStream(packed), 1 << 16))) {
            for (int left = in.readInt(); left > 0; left--) {
                String name = in.readUTF();
                Numbers numbers = new Numbers();
                for (int entries = in.readInt(); entries > 0; entries--) {
                    numbers.put(in.readLong(), in.readLong());
                }
                ofEveryone().stream()
                        .filter(book -> book.name().equals(name))
                        .forEach(book -> memory.put(book, numbers));
            }
        } catch (IOException damaged) {
            throw new UncheckedIOException("what was known of everyone when this recording began is damaged", damaged);
        }
    }

    @SuppressWarnings("unchecked")
    private static List<Book<Long>> ofEveryone() {
        return Desks.books().stream()
                .filter(Book::dense)
                .map(book -> (Book<Long>) book)
                .toList();
    }

    private static void write(DataOutputStream out, long key, long value) {
        try {
            out.writeLong(key);
            out.writeLong(value);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }
}
