package lehrgang.desktop.window;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.channels.Channels;
import java.nio.channels.ClosedChannelException;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// One program for all windows of a user: a second start hands over what it was asked for and ends.
/// They meet at a socket in the user's data folder, which nobody else can reach.
public final class OneInstance {
  private static final Logger LOG = LoggerFactory.getLogger(OneInstance.class);

  /// Longer names of sockets are refused by some systems.
  private static final int LONGEST = 100;

  private OneInstance() {}

  private static Optional<Path> meeting(Path userFolder) {
    return Optional.of(userFolder.resolve("program").toAbsolutePath())
        .filter(path -> path.toString().getBytes(StandardCharsets.UTF_8).length <= LONGEST);
  }

  /// Hands over to the program that runs already.
  ///
  /// @param file to be opened there; empty for a window where a solution begins
  /// @return whether one runs, and took it
  public static boolean handOver(Path userFolder, Optional<Path> file) {
    Optional<Path> meeting = meeting(userFolder).filter(Files::exists);
    if (meeting.isEmpty()) {
      return false;
    }
    try (SocketChannel channel = SocketChannel.open(UnixDomainSocketAddress.of(meeting.get()))) {
      String asked = file.map(path -> path.toAbsolutePath().toString()).orElse("");
      channel.write(StandardCharsets.UTF_8.encode(asked + "\n"));
      channel.shutdownOutput();
      return Channels.newInputStream(channel).read() == 'y';
    } catch (IOException e) {
      return false;
    }
  }

  /// Takes what later starts hand over, until the program ends.
  ///
  /// @param take told on a thread of its own: a file, or empty for a window where a solution begins
  static void listen(Path userFolder, Consumer<Optional<Path>> take) {
    Optional<Path> meeting = meeting(userFolder);
    if (meeting.isEmpty() || isThere(meeting.get())) {
      return;
    }
    try {
      Files.createDirectories(userFolder);
      // The last program may have been killed; one that runs would have answered.
      Files.deleteIfExists(meeting.get());
      ServerSocketChannel server = ServerSocketChannel.open(StandardProtocolFamily.UNIX);
      server.bind(UnixDomainSocketAddress.of(meeting.get()));
      meeting.get().toFile().deleteOnExit();
      Thread.ofPlatform().daemon().name("later starts").start(() -> listen(server, take));
    } catch (IOException | UnsupportedOperationException e) {
      LOG.warn("later starts cannot hand over to this one", e);
    }
  }

  /// Whether a program runs; it is asked for nothing.
  private static boolean isThere(Path meeting) {
    if (!Files.exists(meeting)) {
      return false;
    }
    try (SocketChannel channel = SocketChannel.open(UnixDomainSocketAddress.of(meeting))) {
      return channel.isConnected();
    } catch (IOException e) {
      return false;
    }
  }

  private static void listen(ServerSocketChannel server, Consumer<Optional<Path>> take) {
    while (true) {
      try (SocketChannel channel = server.accept()) {
        BufferedReader asked =
            new BufferedReader(
                Channels.newReader(channel, StandardCharsets.UTF_8.newDecoder(), -1));
        String file = asked.readLine();
        if (file != null) {
          take.accept(Optional.of(file).filter(name -> !name.isEmpty()).map(Path::of));
          channel.write(StandardCharsets.UTF_8.encode("y"));
        }
      } catch (ClosedChannelException e) {
        return;
      } catch (IOException | InvalidPathException e) {
        LOG.warn("a later start could not hand over", e);
      }
    }
  }
}
