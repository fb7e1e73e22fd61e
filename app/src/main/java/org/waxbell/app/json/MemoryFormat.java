package org.waxbell.app.json;

import org.waxbell.show.Desks;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.module.SimpleModule;

/** What is remembered as JSON: by the name of its book, then by its key. */
final class MemoryFormat {
    private MemoryFormat() {}

    static SimpleModule module() {
        SimpleModule module = new SimpleModule("memory");
        module.addSerializer(Memory.class, new Writer());
        module.addDeserializer(Memory.class, new Reader());
        return module;
    }

    private static final class Writer extends ValueSerializer<Memory> {
        @Override
        public void serialize(Memory memory, JsonGenerator out, SerializationContext context) {
            out.writeStartObject();
            Desks.books().stream()
                    .filter(book -> memory.names().contains(book.name()))
                    .forEach(book -> {
                        out.writeObjectPropertyStart(book.name());
                        memory.map(book).forEach((key, value) -> context.defaultSerializeProperty(key, value, out));
                        out.writeEndObject();
                    });
            out.writeEndObject();
        }
    }

    private static final class Reader extends ValueDeserializer<Memory> {
        @Override
        public Memory deserialize(JsonParser in, DeserializationContext context) {
            Memory memory = new Memory();
            for (var entries : context.readTree(in).properties()) {
                Book<?> book = Desks.book(entries.getKey())
                        .orElseThrow(() -> InvalidTypeIdException.from(
                                in, "There is no such book", context.constructType(Memory.class), entries.getKey()));
                entries.getValue()
                        .properties()
                        .forEach(each -> put(memory, book, each.getKey(), each.getValue(), context));
            }
            return memory;
        }

        private static <T> void put(
                Memory memory, Book<T> book, String key, JsonNode value, DeserializationContext context) {
            memory.put(book, key, context.readTreeAsValue(value, book.type()));
        }
    }
}
