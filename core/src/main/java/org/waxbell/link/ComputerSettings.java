package org.waxbell.link;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * Where keys, the mouse and programs go.
 *
 * @param practice whether to the practice dipping rig, else to this computer, as far as a file of the data folder allows it
 */
public record ComputerSettings(boolean practice) implements LinkSettings {
    /** What they say of themselves. */
    public static final Kind<ComputerSettings> KIND = Kind.<ComputerSettings>of(
                    ComputerSettings.class, "computer", "Keys, mouse and programs", "Keys and mouse")
            .also("keyboard key mouse program hotkey")
            .with(
                    Field.flag("practice", "The practice dipping rig that ships with Wax Bell")
                            .hint(
                                    "Else this computer’s own keys: only those that stand in the file this-computer.json of the data folder, which no page can write."))
            .making(on -> new ComputerSettings(true));

    @Override
    public boolean complete() {
        return true;
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
