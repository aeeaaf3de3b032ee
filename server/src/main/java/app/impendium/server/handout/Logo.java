package app.impendium.server.handout;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** The image of a letterhead. */
final class Logo {
    private static final int MOST_CHARACTERS = 300_000;
    private static final int MOST_PIXELS_ACROSS = 1000;
    private static final Pattern DATA = Pattern.compile("data:image/(png|jpeg);base64,([A-Za-z0-9+/=]+)");

    private Logo() {}

    /** Whether a data address holds a PNG or JPEG image of at most 1,000 pixels across, more than paper shows; of the image only its size is read. */
    static boolean isOne(String address) {
        Matcher data = DATA.matcher(address);
        if (address.length() > MOST_CHARACTERS || !data.matches()) {
            return false;
        }
        try (ImageInputStream image = ImageIO.createImageInputStream(
                new ByteArrayInputStream(Base64.getDecoder().decode(data.group(2))))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(image);
            return readers.hasNext() && isSmall(readers.next(), image, data.group(1));
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    private static boolean isSmall(ImageReader reader, ImageInputStream image, String kind) throws IOException {
        try {
            reader.setInput(image);
            return reader.getFormatName().equalsIgnoreCase(kind)
                    && reader.getWidth(0) <= MOST_PIXELS_ACROSS
                    && reader.getHeight(0) <= MOST_PIXELS_ACROSS;
        } finally {
            reader.dispose();
        }
    }
}
