package org.waxbell.score;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Problems;
import org.waxbell.directive.Directive;
import org.waxbell.directive.OscArgument;
import org.waxbell.directive.SendOsc;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.words.Wording;

/**
 * Tells a desk something by Open Sound Control 1.0.
 *
 * @param link      to it, by id
 * @param address   such as {@code /light/3/level}
 * @param arguments what goes with it
 * @param timed     whether a bundle says for which moment it is meant
 */
public record OscPart(
        String id, Anchor start, String link, String address, List<OscArgument> arguments, boolean timed, Manner manner)
        implements Part {
    private static final List<String> SORTS = List.of("int", "float", "text");
    private static final int MOST = 20;
    private static final String NUMBER = "-?\\d{1,9}([.,]\\d{1,9})?";

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(OscPart.class, "osc", "Send OSC to a desk", "OSC")
            .also("open sound control lights lighting show control message")
            .with(
                    Field.choice("link", "Desk", From.OSC_LINKS),
                    Field.of(Field.Type.CODE, "address", "Address")
                            .called("The address")
                            .matching(
                                    "(/[A-Za-z0-9_.:-]+)+",
                                    "This is no address of Open Sound Control.",
                                    "Write one such as /light/3/level.")
                            .most(200)
                            .needed(),
                    Field.of(Field.Type.OTHER, "arguments", "With"),
                    Field.flag("timed", "with the moment for which it is meant"))
            .making(on -> new OscPart(
                    on.id(), Anchor.START, on.first(From.OSC_LINKS), "/waxbell/rang", List.of(), false, Manner.PLAIN));

    public OscPart {
        arguments = List.copyOf(arguments);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.OUTSIDE;
    }

    @Override
    public boolean chosen() {
        return !link.isEmpty();
    }

    @Override
    public List<String> patterns() {
        return arguments.stream().map(OscArgument::words).toList();
    }

    @Override
    public Map<String, String> wordings() {
        return ListedWords.wordings("arguments", patterns());
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        if (!chosen()) {
            return null;
        }
        List<OscArgument> told = arguments.stream()
                .map(each -> new OscArgument(each.sort(), telling.fill(each.words())))
                .toList();
        return new SendOsc(telling.partRun(), telling.meantFor(), link, address, told, timed);
    }

    @Override
    public String label(Telling telling, Naming names) {
        StringBuilder all = new StringBuilder(chosen() ? address : "not chosen yet");
        arguments.forEach(each -> all.append(' ').append(telling.fill(each.words())));
        return all.toString();
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        Problems problems = check.problems();
        ListedWords.check(check, "arguments", patterns(), MOST);
        for (int i = 0; i < arguments.size(); i++) {
            OscArgument each = arguments.get(i);
            Problems here = problems.at("arguments", i);
            if (!SORTS.contains(each.sort())) {
                here.at("sort").add(each.sort(), "There is no such sort.", "Choose one of " + SORTS + ".");
            }
            boolean fixed = Wording.faultOf(each.words()) == null
                    && Wording.uses(each.words()).isEmpty();
            if (!each.sort().equals("text") && fixed && !each.words().strip().matches(NUMBER)) {
                here.at("words").add(each.words(), "This is no number.", "Write one such as 0.5, or a value.");
            }
        }
    }
}
