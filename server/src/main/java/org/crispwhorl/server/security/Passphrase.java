package org.crispwhorl.server.security;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import org.crispwhorl.core.measure.InvalidValue;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Service;

/** The passphrase of the studio, of which a slow hash alone is kept, beside the data and not in its copies. */
@Service
class Passphrase {
    private static final String FILE = "passphrase";
    private static final int SHORTEST = 12;

    /** BCrypt sees no more of it, bytes. */
    private static final int LONGEST = 72;

    private static final int COST = 12;

    private final Path file;
    private final BCryptPasswordEncoder encoder = new BCryptPasswordEncoder(COST);

    Passphrase(@Value("${crispwhorl.data}") Path data) {
        file = data.resolve(HomeServer.FOLDER).resolve(FILE);
    }

    boolean isSet() {
        return Files.exists(file);
    }

    /**
     * Chooses it.
     *
     * @throws InvalidValue where it is too short, or longer than is looked at
     */
    void choose(String passphrase) {
        int bytes = passphrase.getBytes(StandardCharsets.UTF_8).length;
        if (passphrase.length() < SHORTEST || bytes > LONGEST) {
            throw new InvalidValue(
                    "passphrase", "", "from " + SHORTEST + " to " + LONGEST + " characters, such as a few words");
        }
        try {
            Files.createDirectories(file.getParent());
            Path fresh = file.resolveSibling(FILE + ".new");
            Files.writeString(fresh, encoder.encode(passphrase));
            Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    boolean is(String said) {
        return kept().filter(hash -> said.getBytes(StandardCharsets.UTF_8).length <= LONGEST)
                .filter(hash -> encoder.matches(said, hash))
                .isPresent();
    }

    private Optional<String> kept() {
        try {
            return isSet() ? Optional.of(Files.readString(file).strip()) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
