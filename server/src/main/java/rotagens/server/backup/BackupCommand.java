package rotagens.server.backup;

import static rotagens.server.backup.BackupWords.WORDS;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import rotagens.server.backup.BackupFile.Failed;

/** {@code backup DATA FOLDER KEEP} and {@code restore FILE DATA} on the command line, whether or not the program runs. */
public final class BackupCommand {

    private BackupCommand() {}

    public static void main(String[] words) {
        System.exit(run(List.of(words), Clock.systemUTC(), System.out, System.err));
    }

    static int run(List<String> words, Clock clock, PrintStream out, PrintStream err) {
        try {
            if (words.size() == 4 && words.get(0).equals("backup")) {
                Path data = Path.of(words.get(1));
                if (!Files.exists(data.resolve(BackupFile.DATABASE))) {
                    throw new Failed(WORDS.say("thereIsNoFleet", "data", data));
                }
                Path made = BackupFile.make(
                        data, Path.of(words.get(2)), clock.instant(), Math.max(1, Integer.parseInt(words.get(3))));
                out.println(WORDS.say("madeAndChecked", "made", made));
                return 0;
            }
            if (words.size() == 3 && words.get(0).equals("restore")) {
                Path old = Restore.restore(Path.of(words.get(1)), Path.of(words.get(2)), clock.instant());
                out.println(WORDS.say(
                        "restoredInto",
                        "words",
                        words.get(2),
                        "old",
                        old == null ? "." : WORDS.say("whatWasThereLies", "old", old)));
                return 0;
            }
            err.println("backup DATA FOLDER KEEP, or restore FILE DATA");
            return 2;
        } catch (Failed e) {
            err.println(e.getMessage());
            return 1;
        }
    }
}
