import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/// The program's icons in the forms that systems take.
///
/// @param work where they are made
/// @param host the system that takes them
record Icons(Path work, Host host) {
  private static final Path ICONS = Path.of("desktop/src/main/resources/lehrgang/desktop/icon");

  /// An icon in the form that the system takes.
  Path icon(String name) throws IOException {
    return switch (host) {
      case LINUX -> ICONS.resolve(name + "-256.png").toAbsolutePath();
      case WINDOWS -> Files.write(work.resolve(name + ".ico"), ico(pictures(name)));
      case MACOS -> Files.write(work.resolve(name + ".icns"), icns(pictures(name)));
    };
  }

  private static Map<Integer, byte[]> pictures(String name) throws IOException {
    Map<Integer, byte[]> pictures = new LinkedHashMap<>();
    for (int size : new int[] {16, 32, 48, 64, 128, 256, 512}) {
      Path picture = ICONS.resolve(name + "-" + size + ".png");
      if (Files.exists(picture)) {
        pictures.put(size, Files.readAllBytes(picture));
      }
    }
    return pictures;
  }

  /// Pictures of up to 256 in one file: a head, a line for each, and the pictures as they are.
  private static byte[] ico(Map<Integer, byte[]> pictures) throws IOException {
    Map<Integer, byte[]> small = new LinkedHashMap<>(pictures);
    small.keySet().removeIf(size -> size > 256);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    littleEndian(bytes, 2, 0, 1, small.size());
    int at = 6 + 16 * small.size();
    for (Map.Entry<Integer, byte[]> picture : small.entrySet()) {
      bytes.write(picture.getKey() % 256);
      bytes.write(picture.getKey() % 256);
      littleEndian(bytes, 2, 0, 1, 32);
      littleEndian(bytes, 4, picture.getValue().length, at);
      at += picture.getValue().length;
    }
    for (byte[] picture : small.values()) {
      bytes.write(picture);
    }
    return bytes.toByteArray();
  }

  private static void littleEndian(ByteArrayOutputStream bytes, int width, int... numbers) {
    for (int number : numbers) {
      for (int k = 0; k < width; k++) {
        bytes.write(number >>> (8 * k));
      }
    }
  }

  /// Pictures from 128 on, each under the name of its size.
  private static byte[] icns(Map<Integer, byte[]> pictures) throws IOException {
    Map<Integer, String> names = Map.of(128, "ic07", 256, "ic08", 512, "ic09");
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    DataOutputStream parts = new DataOutputStream(all);
    for (Map.Entry<Integer, byte[]> picture : pictures.entrySet()) {
      if (names.containsKey(picture.getKey())) {
        parts.writeBytes(names.get(picture.getKey()));
        parts.writeInt(picture.getValue().length + 8);
        parts.write(picture.getValue());
      }
    }
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    DataOutputStream whole = new DataOutputStream(file);
    whole.writeBytes("icns");
    whole.writeInt(all.size() + 8);
    whole.write(all.toByteArray());
    return file.toByteArray();
  }
}
