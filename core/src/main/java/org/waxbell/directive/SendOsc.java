package org.waxbell.directive;

import java.util.List;

/** Tell a desk something by Open Sound Control. @param link to it, by id @param address such as {@code /light/3/level} @param timed whether a bundle says for which moment it is meant */
public record SendOsc(
        String partRun, long meantFor, String link, String address, List<OscArgument> arguments, boolean timed)
        implements Directive {
    public SendOsc {
        arguments = List.copyOf(arguments);
    }

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up to the desk " + link;
    }
}
