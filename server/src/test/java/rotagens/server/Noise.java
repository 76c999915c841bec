package rotagens.server;

import java.nio.charset.StandardCharsets;
import java.util.Random;

/** Files damaged as they are by a bad save, a wrong encoding or a hand, the same ones every time. */
public final class Noise {

    private final Random random;

    public Noise(long seed) {
        this.random = new Random(seed);
    }

    /** A real file with one to six changes: letters replaced, taken out or repeated, quotation marks put in. */
    public String damaged(String real) {
        StringBuilder text = new StringBuilder(real);
        for (int change = 1 + random.nextInt(6); change > 0; change--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.setCharAt(at, (char) random.nextInt(0x250));
                case 1 -> text.delete(at, Math.min(text.length(), at + random.nextInt(12)));
                case 2 -> text.insert(at, real, 0, Math.min(real.length(), 40));
                default -> text.insert(at, "\"".repeat(1 + random.nextInt(3)));
            }
            if (text.isEmpty()) {
                text.append('x');
            }
        }
        return text.toString();
    }

    /** The same as bytes, now and then in an encoding nobody meant. */
    public byte[] damagedFile(String real) {
        return damaged(real).getBytes(random.nextInt(5) == 0 ? StandardCharsets.UTF_16LE : StandardCharsets.UTF_8);
    }
}
