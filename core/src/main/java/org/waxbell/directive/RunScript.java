package org.waxbell.directive;

import java.util.Map;

/**
 * Run a function of a script, and report what it wants.
 *
 * @param extension whose, by id
 * @param code      all of the script
 * @param function  which function
 * @param event     what it is called with: texts and numbers by name
 * @param settings  its settings: texts, numbers, yes or no, by name
 * @param notes     what it keeps
 * @param seed      from which its chance is drawn
 */
public record RunScript(
        String partRun,
        long meantFor,
        String extension,
        String code,
        String function,
        Map<String, Object> event,
        Map<String, Object> settings,
        Map<String, String> notes,
        long seed)
        implements Directive {
    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no script can be run here";
    }

    /** The same with a chance of the evening. */
    public RunScript drawn(long other) {
        return new RunScript(partRun, meantFor, extension, code, function, event, settings, notes, other);
    }
}
