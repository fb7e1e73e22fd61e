package org.waxbell.kind;

import java.util.List;
import java.util.Map;
import org.waxbell.check.Problems;

/** What is wrong with the value of a field, as far as that can be told from the field alone. */
final class FieldCheck {
    private static final Map<String, String> UNITS = Map.of("%", " percent", "px", " pixels", "s", " seconds");
    private final Field field;
    private final Problems here;

    /** @param here the place of the field */
    FieldCheck(Field field, Problems here) {
        this.field = field;
        this.here = here;
    }

    void check(Object value) {
        switch (field.type()) {
            case NUMBER -> {
                if (!isNone(value)) {
                    here.within(((Number) value).longValue(), field.least(), field.most(), field.called(), inWords());
                }
            }
            case SPAN -> {
                if (!isNone(value)) {
                    here.time(((Number) value).longValue(), field.least(), field.most(), field.called());
                }
            }
            case TEXT, CODE, KEY, LINES -> text(value.toString());
            case MANY -> many((List<?>) value);
            case COLOUR -> colour(value.toString());
            case CHOICE -> choice(value);
            default -> {}
        }
    }

    private boolean isNone(Object value) {
        return field.isOrZero() && ((Number) value).longValue() == 0;
    }

    private String inWords() {
        return field.unit().isEmpty() ? "" : UNITS.getOrDefault(field.unit(), " " + field.unit());
    }

    private void text(String text) {
        if (field.isNeeded() || text.length() > field.most()) {
            here.text(text, (int) Math.min(Integer.MAX_VALUE, field.most()), field.called());
        }
        if (!text.isEmpty()) {
            shaped(text, here);
        }
    }

    private void shaped(String text, Problems place) {
        Field.Shape shape = field.shape();
        if (shape != null && !text.matches(shape.pattern())) {
            place.add(text, shape.wrong(), shape.remedy());
        }
    }

    private void many(List<?> texts) {
        if (texts.size() > field.most()) {
            here.add(texts.size(), field.called() + ": the list is too long.", "Keep it to " + field.most() + ".");
        }
        for (int i = 0; i < texts.size(); i++) {
            shaped(String.valueOf(texts.get(i)), here.item(i));
        }
    }

    private void colour(String colour) {
        if ((field.isNeeded() || !colour.isEmpty()) && !Field.isColour(colour)) {
            here.add(
                    colour,
                    "This is no colour.",
                    "Write one such as #c8841a" + (field.isNeeded() ? "." : ", or nothing."));
        }
    }

    private void choice(Object value) {
        if (value instanceof String text
                && !field.choices().isEmpty()
                && field.choices().stream().noneMatch(each -> each.value().equals(text))) {
            here.add(
                    text,
                    field.called() + " cannot be that.",
                    "Choose one of "
                            + field.choices().stream().map(Choice::value).toList() + ".");
        }
    }
}
