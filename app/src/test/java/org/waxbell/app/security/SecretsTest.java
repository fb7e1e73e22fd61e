package org.waxbell.app.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.DataFolder;

class SecretsTest {
    @TempDir
    Path data;

    @Test
    void aSecretIsLockedDifferentlyEachTimeAndOpensAgainAfterARestart() throws IOException {
        try (DataFolder folder = DataFolder.open(data)) {
            SecretBox box = new SecretBox(folder);
            String locked = box.lock("the secret");
            assertThat(locked).isNotEqualTo(box.lock("the secret")).doesNotContain("secret");
            assertThat(new SecretBox(folder).open(locked)).isEqualTo("the secret");
        }
    }

    @Test
    void theKeyFileIsTheOwnersAlone() throws IOException {
        try (DataFolder folder = DataFolder.open(data)) {
            new SecretBox(folder);
            assertThat(Files.getPosixFilePermissions(folder.keys().resolve("secret.key")))
                    .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        }
    }

    @Test
    void whatWasTamperedWithOrLockedWithAnotherKeyDoesNotOpen() throws IOException {
        try (DataFolder folder = DataFolder.open(data.resolve("one"));
                DataFolder other = DataFolder.open(data.resolve("other"))) {
            String locked = new SecretBox(folder).lock("the secret");
            assertThatThrownBy(() -> new SecretBox(other).open(locked)).hasMessageContaining("same backup");
            String changed = locked.substring(0, locked.length() - 1) + (locked.endsWith("0") ? "1" : "0");
            assertThatThrownBy(() -> new SecretBox(folder).open(changed)).isInstanceOf(IllegalStateException.class);
        }
    }
}
