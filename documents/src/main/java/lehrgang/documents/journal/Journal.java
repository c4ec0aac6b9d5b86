package lehrgang.documents.journal;

import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The journal of one window: a line for everything that happens to its solution. It belongs to
/// whoever has it open; the system lets go of it when the program ends, however it ends.
public final class Journal implements Closeable {
  static final String ENDING = ".journal";

  private final Path file;
  private final FileChannel channel;
  private final FileLock lock;

  private Journal(Path file, FileChannel channel, FileLock lock) {
    this.file = file;
    this.channel = channel;
    this.lock = lock;
  }

  /// Takes a file for a journal, new or left behind.
  ///
  /// @return empty where it is another window's
  /// @throws IOException if it cannot be opened
  static Optional<Journal> take(Path file) throws IOException {
    FileChannel channel =
        FileChannel.open(
            file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
    try {
      FileLock lock = channel.tryLock();
      if (lock != null) {
        channel.position(channel.size());
        return Optional.of(new Journal(file, channel, lock));
      }
    } catch (OverlappingFileLockException e) {
      // Another window of this very program has it.
    }
    channel.close();
    return Optional.empty();
  }

  /// Adds a line. What is added stays when the program is killed a moment later.
  ///
  /// @throws IOException if it cannot be written
  public void add(Entry entry) throws IOException {
    ByteBuffer line =
        ByteBuffer.wrap((EntryLine.of(entry) + "\n").getBytes(StandardCharsets.UTF_8));
    while (line.hasRemaining()) {
      channel.write(line);
    }
  }

  /// Waits until what was added stays even when the power fails.
  ///
  /// @throws IOException if the system does not say that it does
  public void settle() throws IOException {
    channel.force(false);
  }

  /// How long it is by now, in bytes.
  ///
  /// @throws IOException if that cannot be found out
  public long size() throws IOException {
    return channel.size();
  }

  /// What stands in it, up to the first line that is not whole; that one, which the end of the
  /// program cut off, is let go, so that more can be added.
  ///
  /// @throws IOException if it cannot be read
  public List<Entry> entries() throws IOException {
    List<Entry> entries = new ArrayList<>();
    byte[] all = new byte[Math.toIntExact(channel.size())];
    ByteBuffer bytes = ByteBuffer.wrap(all);
    while (bytes.hasRemaining() && channel.read(bytes, bytes.position()) > 0) {
      // On to the end.
    }
    int from = 0;
    for (int end = 0; end < bytes.position(); end++) {
      if (all[end] == '\n') {
        Optional<Entry> entry =
            EntryLine.read(new String(all, from, end - from, StandardCharsets.UTF_8));
        if (entry.isEmpty()) {
          break;
        }
        entries.add(entry.get());
        from = end + 1;
      }
    }
    channel.truncate(from);
    channel.position(from);
    return entries;
  }

  /// Ends it: there is nothing in it that anybody misses.
  ///
  /// @throws IOException if it cannot be deleted
  public void drop() throws IOException {
    close();
    Files.deleteIfExists(file);
  }

  /// Keeps it under another name, `NAME.unread`: what stands in it leads to nothing that can be
  /// shown, and is not thrown away for that.
  ///
  /// @throws IOException if it cannot be renamed
  public void setAside() throws IOException {
    close();
    Files.move(file, file.resolveSibling(file.getFileName() + ".unread"));
  }

  /// Lets go of it; what stands in it stays.
  @Override
  public void close() throws IOException {
    if (channel.isOpen()) {
      lock.release();
      channel.close();
    }
  }
}
