package org.waxbell.app.outside;

import java.awt.event.KeyEvent;
import java.awt.event.KeyListener;
import java.awt.event.MouseAdapter;
import java.awt.event.MouseEvent;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import javax.swing.JFrame;
import javax.swing.JTextField;
import javax.swing.SwingUtilities;

/** A small program with a window that writes what it received into a file, a line each: {@code FILE TITLE LEFT}. */
public final class Received implements KeyListener {
    private static final int WIDE = 300;
    private static final int HIGH = 200;
    private final Path file;

    private Received(Path file) {
        this.file = file;
    }

    /** Shows the window. */
    public static void main(String[] words) {
        SwingUtilities.invokeLater(() -> new Received(Path.of(words[0])).show(words[1], Integer.parseInt(words[2])));
    }

    private void show(String title, int left) {
        JTextField text = new JTextField();
        text.setFocusTraversalKeysEnabled(false);
        text.addKeyListener(this);
        text.addActionListener(enter -> write("text " + text.getText()));
        text.addMouseListener(new MouseAdapter() {
            @Override
            public void mousePressed(MouseEvent click) {
                write("click " + click.getButton() + " at " + click.getXOnScreen() + "," + click.getYOnScreen());
                text.requestFocus();
            }
        });
        JFrame frame = new JFrame(title);
        frame.setDefaultCloseOperation(JFrame.EXIT_ON_CLOSE);
        frame.add(text);
        frame.setBounds(left, 0, WIDE, HIGH);
        frame.setVisible(true);
        frame.toFront();
        text.requestFocus();
        write("shown");
    }

    private void write(String line) {
        try {
            Files.writeString(file, line + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Override
    public void keyTyped(KeyEvent key) {
        // What is typed is told as the whole text.
    }

    @Override
    public void keyPressed(KeyEvent key) {
        write("down " + words(key));
    }

    @Override
    public void keyReleased(KeyEvent key) {
        write("up " + words(key));
    }

    private static String words(KeyEvent key) {
        String with = KeyEvent.getModifiersExText(key.getModifiersEx());
        return (with.isEmpty() ? "" : with + "+") + KeyEvent.getKeyText(key.getKeyCode());
    }
}
