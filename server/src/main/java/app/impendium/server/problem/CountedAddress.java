package app.impendium.server.problem;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/** An address as it is counted: whoever has one of IPv6 has the 2⁶⁴ beside it, so their network counts as one. */
public final class CountedAddress {
    private static final int NETWORK_BYTES = 8;

    private CountedAddress() {}

    /** @param address as the container tells it, never a name */
    public static String of(String address) {
        return address.contains(":") ? network(address) : address;
    }

    private static String network(String address) {
        try {
            InetAddress read = InetAddress.getByName(address);
            return read instanceof Inet6Address
                    ? HexFormat.of().formatHex(Arrays.copyOf(read.getAddress(), NETWORK_BYTES)) + "/64"
                    : read.getHostAddress();
        } catch (UnknownHostException unread) {
            return address;
        }
    }
}
