package silentotter.app.instrument;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.UnknownHostException;
import silentotter.core.scpi.InstrumentAddress;
import silentotter.core.scpi.InstrumentAddress.Network;
import silentotter.core.scpi.InstrumentAddress.Serial;

/**
 * What text goes to an instrument and comes from it over. A read that takes too long ends with an {@link
 * java.io.InterruptedIOException}.
 */
record Wire(InputStream in, OutputStream out, Closeable line) implements Closeable {
    private static final int CALL_MS = 2000;
    private static final int ANSWER_MS = 2000;

    /** @throws IOException that says in words why there is no line */
    static Wire to(InstrumentAddress address) throws IOException {
        return address instanceof Network network ? network(network) : serial((Serial) address);
    }

    private static Wire network(Network at) throws IOException {
        Socket socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(at.host(), at.port()), CALL_MS);
            socket.setSoTimeout(ANSWER_MS);
            socket.setTcpNoDelay(true);
            return new Wire(socket.getInputStream(), socket.getOutputStream(), socket);
        } catch (UnknownHostException e) {
            socket.close();
            throw new UnknownHostException("Nobody here knows the name \"" + at.host() + "\". Check the address.");
        } catch (IOException e) {
            socket.close();
            throw e;
        }
    }

    private static Wire serial(Serial at) throws IOException {
        try {
            SerialPort port = SerialPort.getCommPort(at.device());
            port.setComPortParameters(at.baud(), 8, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
            port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, ANSWER_MS, 0);
            if (!port.openPort()) {
                throw new IOException("taken, or not allowed");
            }
            return new Wire(port.getInputStream(), port.getOutputStream(), port::closePort);
        } catch (SerialPortInvalidPortException e) {
            throw new UnknownHostException(
                    "There is no serial line \"" + at.device() + "\" on this machine. Is its adapter plugged in?");
        }
    }

    @Override
    public void close() throws IOException {
        line.close();
    }
}
