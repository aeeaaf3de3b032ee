package app.impendium.server.problem;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.FormHttpMessageConverter;
import org.springframework.util.MultiValueMap;

/** A request whose body has come whole. All that follows takes it for one that has just begun. */
final class RequestWithBody extends HttpServletRequestWrapper {
    private final byte[] body;

    RequestWithBody(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
    }

    /** What a form says, and the address behind it. */
    @Override
    public Map<String, String[]> getParameterMap() {
        Map<String, String[]> all = new HashMap<>(super.getParameterMap());
        if (isForm(getContentType())) {
            form(body).forEach((name, values) -> all.putIfAbsent(name, values.toArray(String[]::new)));
        }
        return Collections.unmodifiableMap(all);
    }

    private static boolean isForm(String contentType) {
        return contentType != null && contentType.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
    }

    private static MultiValueMap<String, String> form(byte[] body) {
        try {
            return new FormHttpMessageConverter().read(null, new HttpInputMessage() {
                @Override
                public InputStream getBody() {
                    return new ByteArrayInputStream(body);
                }

                @Override
                public HttpHeaders getHeaders() {
                    return new HttpHeaders();
                }
            });
        } catch (IOException unlikely) {
            throw new UncheckedIOException(unlikely);
        }
    }

    /** Filters that answered for its beginning are not to leave it out as the end of an answer. */
    @Override
    public DispatcherType getDispatcherType() {
        return DispatcherType.REQUEST;
    }

    @Override
    public String getParameter(String name) {
        String[] values = getParameterValues(name);
        return values == null ? null : values[0];
    }

    @Override
    public String[] getParameterValues(String name) {
        return getParameterMap().get(name);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(getParameterMap().keySet());
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream come = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public int read() {
                return come.read();
            }

            @Override
            public int read(byte[] into, int from, int most) {
                return come.read(into, from, most);
            }

            @Override
            public boolean isFinished() {
                return come.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException("The body is there.");
            }
        };
    }
}
