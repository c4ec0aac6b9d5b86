package lehrgang.desktop.kit;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;

/// Pictures: of a scene, from pixels, and as PNG files.
public final class Pictures {
  private Pictures() {}

  /// What the scene shows now; on the interface thread only.
  public static WritableImage of(Scene scene) {
    return scene.snapshot(null);
  }

  /// A picture from its pixels.
  ///
  /// @param pixels row by row from the top, each as `0xAARRGGBB`
  public static WritableImage of(int width, int height, int[] pixels) {
    WritableImage image = new WritableImage(width, height);
    image
        .getPixelWriter()
        .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    return image;
  }

  public static void write(WritableImage image, Path file) throws IOException {
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    int[] pixels = new int[width * height];
    image
        .getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    picture.setRGB(0, 0, width, height, pixels, 0, width);
    Files.createDirectories(file.toAbsolutePath().getParent());
    ImageIO.write(picture, "png", file.toFile());
  }
}
