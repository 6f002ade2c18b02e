package ruvant.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.HandlerExceptionResolver;

/**
 * What is read whole into memory has an end. Files come in parts, which go to the disk while they arrive and have limits of their
 * own.
 */
final class BodyLimits extends OncePerRequestFilter {
    /** Bytes; the largest table or log that anybody sends has a tenth of it. */
    static final long LARGEST = 32L << 20;

    private final HandlerExceptionResolver problems;
    private final Pace pace;

    BodyLimits(HandlerExceptionResolver problems, Pace pace) {
        this.problems = problems;
        this.pace = pace;
    }

    /**
     * How slowly a body may come.
     *
     * @param bytesPerSecond on average, once the time is over
     * @param after how long nobody asks
     */
    record Pace(long bytesPerSecond, Duration after) {
        private void check(long read, long begunNanos) {
            long nanos = System.nanoTime() - begunNanos;
            if (nanos > after.toNanos() && read < bytesPerSecond * (nanos / 1e9)) {
                throw new SlowBodyException();
            }
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        if (type != null && type.startsWith("multipart/")) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > LARGEST) {
            problems.resolveException(request, response, null, new MaxUploadSizeExceededException(LARGEST));
        } else {
            chain.doFilter(new Limited(request, pace), response);
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final Pace pace;

        Limited(HttpServletRequest request, Pace pace) {
            super(request);
            this.pace = pace;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counted(super.getInputStream(), pace);
        }
    }

    /** Ends with a refusal where more comes than was said, or where nothing was said. */
    private static final class Counted extends ServletInputStream {
        private final ServletInputStream all;
        private final Pace pace;
        private final long begunNanos = System.nanoTime();
        private long read;

        Counted(ServletInputStream all, Pace pace) {
            this.all = all;
            this.pace = pace;
        }

        private int counted(int bytes) {
            read += Math.max(0, bytes);
            if (read > LARGEST) {
                throw new MaxUploadSizeExceededException(LARGEST);
            }
            pace.check(read, begunNanos);
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int one = all.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            return counted(all.read(into, from, most));
        }

        @Override
        public boolean isFinished() {
            return all.isFinished();
        }

        @Override
        public boolean isReady() {
            return all.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            all.setReadListener(listener);
        }
    }
}
