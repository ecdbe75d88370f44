package retazo.app.pages;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A line to a server that can be cut, and can fall silent. */
final class Line implements AutoCloseable {

    private final InetSocketAddress server;
    private final List<Socket> open = new CopyOnWriteArrayList<>();
    private ServerSocket entrance;
    private volatile boolean silent;

    Line(String host, int port) throws IOException {
        server = new InetSocketAddress(host, port);
        entrance = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        listen();
    }

    int port() {
        return entrance.getLocalPort();
    }

    /** Nobody answers, and who was connected is no longer. */
    void cut() throws IOException {
        entrance.close();
        closeAll();
    }

    /** Connections stand, and nothing comes through. */
    void fallSilent() {
        silent = true;
    }

    /** As before. */
    void mend() throws IOException {
        silent = false;
        closeAll();
        if (entrance.isClosed()) {
            int port = entrance.getLocalPort();
            entrance = new ServerSocket();
            entrance.setReuseAddress(true);
            entrance.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
            listen();
        }
    }

    private void listen() {
        ServerSocket listening = entrance;
        run(() -> {
            while (!listening.isClosed()) {
                Socket client = listening.accept();
                Socket onwards = new Socket(server.getAddress(), server.getPort());
                open.add(client);
                open.add(onwards);
                run(() -> pass(client, onwards));
                run(() -> pass(onwards, client));
            }
        });
    }

    private void pass(Socket from, Socket to) throws IOException {
        InputStream in = from.getInputStream();
        OutputStream out = to.getOutputStream();
        byte[] buffer = new byte[8192];
        for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            if (!silent) {
                out.write(buffer, 0, read);
                out.flush();
            }
        }
        from.close();
        to.close();
    }

    private interface Work {

        void run() throws IOException;
    }

    private static void run(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.run();
            } catch (IOException closed) {
                Thread.currentThread().interrupt();
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private void closeAll() {
        open.forEach(socket -> {
            try {
                socket.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        open.clear();
    }

    @Override
    public void close() throws IOException {
        cut();
    }
}
