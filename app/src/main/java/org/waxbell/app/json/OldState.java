package org.waxbell.app.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The state of an engine as programs before wrote it in recordings: one field for each kind of memory, where books are now. */
final class OldState {
    private static final String WHEEL = "*wheel/";

    private OldState() {}

    static void bringUp(JsonNode state) {
        if (state instanceof ObjectNode node) {
            if (node.has("books")) {
                intoBooks(node);
            }
            balances(node.path("memory").path("balance"));
        }
    }

    /** A balance told whose it is twice: by its key and within. */
    private static void balances(JsonNode book) {
        if (book instanceof ObjectNode balances) {
            balances.properties().stream()
                    .filter(each -> each.getValue().isObject())
                    .forEach(each -> each.setValue(each.getValue().path("points")));
        }
    }

    private static void intoBooks(ObjectNode node) {
        JsonNode books = node.remove("books");
        ObjectNode memory = node.objectNode();
        rename(node, memory);
        book(
                memory,
                "slate",
                books.path("slate"),
                each -> each.path("value").asString("") + "/"
                        + each.path("person").asString(""));
        book(
                memory,
                "target",
                books.path("targets"),
                each -> each.path("target").path("kind").asString("") + "/"
                        + each.path("target").path("name").asString(""));
        book(
                memory,
                "came",
                books.path("came"),
                each -> each.path("cueId").asString("") + "/"
                        + each.path("pull").asInt(0));
        book(
                memory,
                "spent",
                books.path("spent"),
                each -> each.path("cueId").asString("") + "/"
                        + Long.toHexString(each.path("who").asLong(0)));
        book(memory, "known", books.path("known"), each -> Long.toHexString(each.asLong(0)));
        points(memory, books.path("ledger"));
        memory.putObject("evening").set("evening", books.path("evening"));
        node.put("nextEntry", books.path("ledger").path("next").asLong(1));
        node.set("memory", memory);
    }

    private static void points(ObjectNode memory, JsonNode ledger) {
        book(
                memory,
                "balance",
                ledger.path("balances"),
                each -> Long.toHexString(each.path("person").asLong(0)));
        book(
                memory,
                "pending",
                ledger.path("pending"),
                each -> Long.toString(each.path("ring").asLong(0)));
    }

    private static void rename(ObjectNode node, ObjectNode memory) {
        book(
                memory,
                "ring",
                node.remove("rings"),
                each -> Long.toString(each.path("number").asLong(0)));
        book(
                memory,
                "let",
                node.remove("lets"),
                each -> each.path("ring").asLong(0) != 0
                        ? Long.toString(each.path("ring").asLong(0))
                        : each.path("cueId").asString("") + "/"
                                + Long.toHexString(each.path("who").asLong(0)));
        ObjectNode drawn = memory.putObject("drawn");
        ObjectNode wheels = memory.putObject("wheel");
        node.remove("drawn").properties().forEach(each -> {
            if (each.getKey().startsWith(WHEEL)) {
                String[] halves = each.getValue().asString("-1|").split("\\|", -1);
                ObjectNode wheel = wheels.putObject(each.getKey().substring(WHEEL.length()))
                        .put("last", Integer.parseInt(halves[0]));
                var out = wheel.putArray("out");
                for (String segment : halves[1].split(",")) {
                    if (!segment.isEmpty()) {
                        out.add(Integer.parseInt(segment));
                    }
                }
            } else {
                drawn.set(each.getKey(), each.getValue());
            }
        });
    }

    /** How an entry is called within its book. */
    @FunctionalInterface
    private interface Key {
        String of(JsonNode entry);
    }

    private static void book(ObjectNode memory, String name, JsonNode entries, Key key) {
        ObjectNode book = memory.putObject(name);
        entries.forEach(each -> book.set(key.of(each), each));
    }
}
