package org.waxbell.directive;

/** Write a line into the chat of a link, as the helper. @param to whom alone it is for, by name, empty text for everyone @param text plain text */
public record SayInChat(String partRun, long meantFor, String link, String to, String text) implements Directive {
    @Override
    public Wave wave() {
        return Wave.SAID;
    }

    @Override
    public String untaken() {
        return "there is no chat link called " + link;
    }
}
